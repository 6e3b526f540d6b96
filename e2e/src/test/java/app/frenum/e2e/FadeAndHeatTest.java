package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** After twelve stops one after another: how much was lost, why, and how hot it got. */
class FadeAndHeatTest extends Journey {
    @BeforeEach
    void theFadeSeriesOfTheDemo() {
        page.navigate("/tests");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Do they fade"))
                .click();
        section("Fade");
    }

    private Locator table(String nextTo) {
        return page.getByRole(AriaRole.TABLE)
                .filter(new Locator.FilterOptions().setHasText(nextTo))
                .first();
    }

    @Test
    void whatFadedFromWhenOnAndWhyStandsFirst() {
        assertThat(heading()).containsText(Pattern.compile("A fades from 3\\d\\d °C on and loses \\d+ %"));
        assertThat(heading()).containsText(Pattern.compile("B (loses none|begins to fade)"));
        assertThat(page.getByText(Pattern.compile("^pad (and fluid )?fade.*")).first())
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Fade begins at 3\\d\\d °C")).first())
                .isVisible();
        assertThat(page.getByText(Pattern.compile("B against A: at stops 10 to 12 it holds \\d+ ± \\d+ % more")))
                .isVisible();
        unfold("How much at the beginning");
        assertThat(table("A last")).containsText("B first");
        choice("against stop 1").click();
        assertThat(page.getByText("in % of stop 1")).isVisible();
        unfold("Does it judder?");
        unfold("What do the stops look like");
        assertThat(page.getByText("No order grows from stop to stop beyond chance."))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("No curve to draw.* At \\d+ bar deceleration was \\d"))
                        .first())
                .isVisible();
        choice("distance").click();
        assertThat(page.getByLabel(Pattern.compile("^distance, in the order driven. A: 1\\d\\d.\\d m")))
                .isVisible();
        choice("deceleration").click();
        assertThat(page.getByLabel(Pattern.compile("^deceleration, .* B: 7.\\d\\d m/s²")))
                .isVisible();
        page.keyboard().press("m");
        assertThat(page.getByText(Pattern.compile("Fade begins at [56]\\d\\d °F"))
                        .first())
                .isVisible();
        page.keyboard().press("m");
        nothingSerious("fade");
    }

    @Test
    void howHotTheDiscsGotAndHowTheyCooled() {
        section("Heat");
        assertThat(heading())
                .containsText(Pattern.compile(
                        "A reached 4\\d\\d °C \\(front right, stop 1\\d\\), \\d of 12 stops peaked over"));
        assertThat(page.getByText("Its stops began in the window, and ended above it."))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Front share of the heat: 7\\d\\.\\d ± \\d\\.\\d % measured"))
                        .first())
                .isVisible();
        unfold("How fast does it cool?");
        unfold("How was this found?");
        assertThat(table("time constant")).containsText(Pattern.compile("A front left1[678]\\d"));
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("B Semi-metallic"))
                .click();
        assertThat(page.getByText("Disc heat through B’s series")).isVisible();
        assertThat(page.getByText(
                        Pattern.compile("against A: cools as fast, .* its stops are 1\\d.\\d ± \\d.\\d m shorter")))
                .isVisible();
        assertThat(page.getByLabel(Pattern.compile("^A front left: left over at most [0-4]\\.\\d °C")))
                .isVisible();
        choice("stop by stop").click();
        assertThat(page.getByLabel(Pattern.compile("^B: peaks up to 4\\d\\d °C over 12 stops")))
                .isVisible();
        choice("the whole day").click();
        assertThat(page.getByText("Disc heat through the day")).isVisible();
        assertThat(page.getByLabel(Pattern.compile("^A, B: peaks up to 4\\d\\d °C over 24 stops")))
                .isVisible();
        nothingSerious("heat");
    }

    @Test
    void whereNothingTellsOfADiscAReadingCanBeAddedAtOnce() {
        page.navigate("/tests");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Do braided hoses"))
                .click();
        section("Heat");
        assertThat(heading()).containsText("No disc temperatures yet");
        nothingSerious("no disc temperatures");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a reading"))
                .first()
                .click();
        choose("After stop", "2, block 1");
        choose("Read by", "contact probe");
        type("Temperature", "231");
        press("Keep this reading");
        assertThat(heading()).containsText("A reached 231 °C (front left, stop 2)");
        assertThat(page.getByLabel(Pattern.compile("^A: peaks up to \\d+ °C over 5 stops")))
                .isVisible();
        page.getByText(Pattern.compile("^Readings entered here: 1")).click();
        press("Remove the reading of stop 2 by contact probe");
        assertThat(heading()).containsText("No disc temperatures yet");
    }

    private void choose(String label, String option) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel(option));
    }

    private void type(String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
    }

    private void press(String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    @Test
    void whatPeopleReadIsWeighedAgainstTheSensor() {
        section("Heat");
        Locator weighed = table("what tells of it");
        assertThat(weighed).containsText("Bright metal radiates little");
        press("Add a reading");
        choose("After stop", "1, block 1");
        choose("Disc", "rear left");
        choose("Read by", "paint or crayon ladder");
        press("Another ladder");
        type("Name", "Crayons of the club");
        type("Temperatures, °C", "150 210 hot");
        assertThat(page.getByText("Only numbers, with spaces between.")).isVisible();
        type("Temperatures, °C", "150 210 300");
        press("Add this ladder");
        choose("Highest that changed", "210 °C");
        nothingSerious("reading of a disc");
        press("Keep this reading");
        assertThat(weighed).containsText("The ladder is believed: nothing changes it back.");
        assertThat(weighed).containsText("255 ± 52 °C, by ladder");
        page.getByText(Pattern.compile("^Readings entered here: \\d+")).click();
        press("Remove the reading of stop 1 by ladder");
        assertThat(weighed).not().containsText("255 ± 52 °C");
        press("Undo");
        assertThat(weighed).containsText("255 ± 52 °C, by ladder");
        press("Remove the reading of stop 1 by ladder");
        unfold("What do duct and air do?");
        press("Add what was seen");
        type("What was seen", "Smoke passes under the duct.");
        choose("Seen by", "smoke");
        press("Keep this");
        assertThat(page.getByText("Smoke shows paths at a few km/h")).isVisible();
        press("Remove smoke");
        assertThat(page.getByText("Smoke passes under the duct.")).isHidden();
    }

    @Test
    void lapsOfATrackLogShowWhatEachCornerAsks() {
        page.navigate("/tests");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("What do laps of the perimeter"))
                .click();
        section("Heat");
        unfold("What does a lap ask of them?");
        assertThat(page.getByText(Pattern.compile("6 laps of 1300 m with 4 brakings, 0\\.8\\d kWh")))
                .isVisible();
        assertThat(table("front start to peak")).containsText(Pattern.compile("3\\s*6[67]\\d\\s*6\\s*14\\d\\.\\d"));
        nothingSerious("laps");
    }
}
