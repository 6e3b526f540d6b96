package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The trackside: a run driven by hand, watched by two, offline for a while, stopped and released. */
class RunningTest extends Journey {
    private final UUID test = UUID.randomUUID();

    @BeforeEach
    void aPlannedTestOfThreeStopsEach() {
        PlannedRun.through(page.request(), url()).threeStopsEach(test);
    }

    private void begin() {
        page.navigate("/tests/" + test + "/run");
        button("Begin the run").click();
        assertThat(heading()).hasText("Sign the safety gate.");
        button("Sign the safety gate").click();
        assertThat(page.getByRole(AriaRole.CHECKBOX)).hasCount(10);
        for (Locator check : page.getByRole(AriaRole.CHECKBOX).all()) {
            check.check();
        }
        button("Sign as Marshal").click();
        assertThat(heading()).hasText("Read the front discs.");
    }

    private void type(String field, String digits) {
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(field))
                .first()
                .click();
        for (String digit : digits.split("")) {
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Digits"))
                    .getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions()
                                    .setName(digit.equals(".") ? "point" : digit)
                                    .setExact(true))
                    .click();
        }
    }

    private void readDiscs(String celsius) {
        button("Read the discs").click();
        type("Front left", celsius);
        button("Take these readings").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    }

    private void drive(String entry, String metres) {
        button("Lane is clear").click();
        button("Start the stop").click();
        button("At rest").click();
        button("Enter the readings").click();
        type("Front left", "141");
        type("Entry", entry);
        type("Distance", metres);
        button("Judge this stop").click();
    }

    private void keep(String metres) {
        readDiscs("95");
        drive("90", metres);
        assertThat(heading()).hasText("It counts.");
        button("Keep").click();
        // The next stop is asked for once this one is on record.
        assertThat(heading()).not().hasText("It counts.");
    }

    @Test
    void aWholeRunByHandToItsVerdict() {
        begin();
        readDiscs("160");
        assertThat(heading()).hasText("Keep rolling. Front discs are too hot.");
        assertThat(page.getByText("Ready at")).isVisible();
        assertThat(button("Start the stop")).isDisabled();
        nothingSerious("waiting");
        readDiscs("96");
        drive("97", "55.1");
        assertThat(heading()).hasText("Drive it again.");
        assertThat(page.getByText("entered at 97.0 km/h, asked for 90 km/h ± 3 %")
                        .first())
                .isVisible();
        button("Drive it again").last().click();
        keep("50.1");
        button("STOP TESTING").click();
        assertThat(heading()).hasText("Testing is stopped.");
        button("A crack at the edge").click();
        assertThat(page.getByText("Both faces of every disc, cold.")).isVisible();
        nothingSerious("stopped");
        page.getByLabel("What was inspected, and found").fill("all four discs, heat checks only");
        button("Release testing").click();
        button("Yes, testing may go on").click();
        keep("50.4");
        keep("49.9");
        assertThat(heading()).hasText("Change the parts.");
        button("Done").click();
        keep("46.2");
        keep("46.0");
        keep("46.4");
        assertThat(heading()).hasText("Done. Let the brakes cool, rolling.");
        button("History").click();
        assertThat(page.getByText(Pattern.compile("Released after inspecting: all four discs")))
                .isVisible();
        page.keyboard().press("Tab");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See what came of it"))
                .click();
        assertThat(heading()).containsText(Pattern.compile("B stops 3\\.9 m shorter than A"));
    }

    @Test
    void twoPeopleSeeTheSameAndEitherMayStop() {
        begin();
        Page other = page.context().newPage();
        other.setViewportSize(390, 844);
        other.navigate("/tests/" + test + "/run");
        readDiscs("95");
        button("Lane is clear").click();
        assertThat(other.getByText("Lane: clear")).isVisible();
        button("Start the stop").click();
        assertThat(other.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Hold the speed, brake at the cone.");
        other.keyboard().press("Escape");
        other.keyboard().press("x");
        assertThat(other.getByText("Hold the speed, brake at the cone.")).isVisible();
        other.keyboard().press("x");
        assertThat(heading()).hasText("Testing is stopped.");
        assertThat((int) other.evaluate("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
    }

    @Test
    void aPhoneOfflineForThreeStopsAndReloadedAfterEachSendsThemAllOnce() {
        page.context().close();
        page = installed("/tests/" + test + "/run");
        begin();
        page.reload();
        assertThat(heading()).hasText("Read the front discs.");
        page.context().setOffline(true);
        for (String metres : List.of("50.1", "50.3", "49.8")) {
            readDiscs("95");
            drive("90", metres);
            assertThat(page.getByText("Not yet sent, kept here")).isVisible();
            page.reload();
            assertThat(page.getByText("Frenum does not answer.")).isVisible();
            assertThat(page.getByText("Not yet sent, kept here")).isVisible();
        }
        page.context().setOffline(false);
        assertThat(page.getByText("Not yet sent, kept here")).isHidden();
        assertThat(heading()).hasText("It counts.");
        button("Keep").click();
        assertThat(heading()).hasText("Change the parts.");
        assertThat(page.getByText("3 of 3")).isVisible();
    }
}
