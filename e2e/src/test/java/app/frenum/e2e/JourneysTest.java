package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Journeys;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From a file to a verdict. */
class JourneysTest extends Journey {
    @TempDir
    private Path folder;

    @Test
    void fromTwoLogsToAVerdictThatAStrikeOutChanges() {
        bringIn(Journeys.AS_BOUGHT);
        describeNewTest("Do the pads help?", "Estate of the journey");
        page.getByLabel("Configuration", new Page.GetByLabelOptions().setExact(true))
                .fill("As bought");
        save("Save 9 stops");
        assertThat(heading()).containsText("Stop 1 of A came to rest");

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring in"))
                .click();
        chooseTest("Do the pads help?");
        bringIn(Journeys.PADS_AND_FLUID);
        page.getByLabel("Configuration", new Page.GetByLabelOptions().setExact(true))
                .fill("Other pads");
        page.getByLabel("What changed in it").fill("pads");
        save("Save 9 stops");

        dragOnset();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep"))
                .click();
        giveReason("switch came late", "Keep");
        assertThat(page.getByText("Set by hand. Automatic")).isVisible();

        section("Compare");
        assertThat(heading()).containsText("Not settled");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^B, stop 3,")))
                .click();
        assertThat(heading()).containsText("Stop 3 of B");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Strike out"))
                .click();
        giveReason("braked before the cone", "Strike out");
        assertThat(page.getByText("Struck out: braked before the cone").first()).isVisible();
        section("Compare");
        assertThat(heading()).containsText(Pattern.compile("B stops [0-9.]+ m shorter than A from 90 km/h"));
        page.getByLabel("Show the figures with struck-out stops in them").check();
        assertThat(heading()).containsText("Not settled");
    }

    @Test
    void aStrikeOutCanBeUndone() {
        page.navigate(demoTest() + "/stops");
        assertThat(heading()).containsText("Stop 1 of A");
        page.keyboard().press("x");
        giveReason("gust of wind", "Strike out");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Strike out")))
                .isVisible();
        assertThat(page.getByText("Brought back")).isVisible();
    }

    @Test
    void aSignedVerdictIsHeldAgainstALaterStop() {
        page.navigate(demoTest() + "/compare");
        assertThat(page.getByText("It came otherwise: 3.00 m shorter lies outside the range"))
                .isVisible();
        unfold("Which part did it?");
        assertThat(page.getByText("fluid and pads always changed together, and cannot be told apart."))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("One run would tell: .* with only the fluid of")))
                .isVisible();
        unfold("What would change this?");
        assertThat(page.getByText(Pattern.compile("Looked at in \\d ways, \\d of them say the same")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign the verdict as it stands"))
                .click();
        assertThat(page.getByText("Today’s stops say the same.")).isVisible();
        nothingSerious("a signed verdict");
        theSecondStop();
        page.keyboard().press("x");
        giveReason("gust of wind", "Strike out");
        assertThat(page.getByText("Struck out: gust of wind").first()).isVisible();
        section("Compare");
        assertThat(page.getByText(Pattern.compile("Since then one stop fewer: B stops \\d\\.\\d m shorter")))
                .isVisible();
        String file = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Verification file"))
                .getAttribute("href");
        assertThat(page.request().get(url() + file).text()).contains("frenum-verdict", "Marshal");
        page.navigate(demoTest() + "/compare");
        theSecondStop();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring back"))
                .click();
        giveReason("no gust after all", "Bring back");
        assertThat(page.getByText("Brought back").first()).isVisible();
    }

    private void theSecondStop() {
        section("Stops");
        assertThat(heading()).containsText("Stop 1 of A");
        page.keyboard().press("j");
        assertThat(heading()).containsText("Stop 2 of A");
    }

    @Test
    void aStopSheetGoesTheSameWay() {
        bringIn(Journeys.SHEET);
        assertThat(page.getByText("Stops on the sheet")).isVisible();
        describeNewTest("Do the hoses help?", "Estate with a tape");
        page.getByLabel("What changed in Braided hoses").fill("hoses");
        save("Save 10 stops");
        assertThat(heading())
                .containsText(Pattern.compile("Stop 1 of A: [0-9.]+ ± 6\\.[0-9] m, corrected for entry speed"));
        section("Compare");
        assertThat(page.getByText("both by tape")).isVisible();
        assertThat(page.getByText("4 and 5 valid").or(page.getByText("5 and 4 valid")))
                .isVisible();
    }

    @Test
    void aBadFileSaysWhereAndWhatToDo() throws Exception {
        page.navigate("/import");
        Path file = Files.writeString(
                folder.resolve("<img src=x onerror=alert(1)>.csv"), "time [s],speed [km/h]\n0,1\n0.1,=cmd()\n");
        choose(file);
        Locator alert = page.getByRole(AriaRole.ALERT);
        assertThat(alert).containsText("line 3, column 2");
        assertThat(alert).containsText("is not a number");
        // The page goes on: the next file is read as if nothing had happened.
        bringIn(Journeys.AS_BOUGHT);
        assertThat(page.getByText("Stops found")).isVisible();
    }

    @Test
    void everythingGoesByKeyboard() {
        Locator test = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Do semi-metallic pads"));
        test.focus();
        page.keyboard().press("Enter");
        assertThat(heading()).containsText("B stops");
        page.keyboard().press("g");
        page.keyboard().press("s");
        assertThat(heading()).containsText("Stop 1 of A");
        page.keyboard().press("j");
        assertThat(heading()).containsText("Stop 2 of A");
        page.keyboard().press("d");
        assertThat(choice("Distance")).isChecked();
        page.keyboard().press("t");
        page.keyboard().press("[");
        page.keyboard().press("[");
        assertThat(page.getByText("Moved: the distance changes by")).containsText("+0.49");
        page.keyboard().press("Escape");
        assertThat(page.getByText("Moved: the distance changes by")).isHidden();
        page.getByLabel("Onset of braking").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByText("Moved: the distance changes by")).containsText("+0.2");
        page.keyboard().press("Enter");
        page.keyboard().type("pedal was rested on before");
        page.keyboard().press("Tab");
        page.keyboard().type("Marshal");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Set by hand. Automatic")).isVisible();
        page.keyboard().press("m");
        assertThat(heading()).containsText("mph");
        page.keyboard().press("m");
        page.keyboard().press("n");
        assertThat(page.locator("html")).hasAttribute("data-theme", "night");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("metric or imperial");
        page.keyboard().press("Escape");
        page.keyboard().press("g");
        page.keyboard().press("c");
        assertThat(heading()).containsText("B stops");
        Locator first =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^A, stop 1,")));
        first.focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(heading()).containsText("Stop 2 of A");
    }

    @Test
    void theListIsSearchedAndSorted() {
        page.getByLabel("Search tests").fill("braided hoses stop it shorter");
        assertThat(page.getByRole(AriaRole.ROW)).hasCount(2);
        page.getByLabel("Search tests").fill("");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Driven on"))
                .click();
        assertThat(page.getByRole(AriaRole.ROW).nth(1)).containsText("2026-03-14");
    }

    @Test
    void axeFindsNothingSeriousOnAnyPageByDayOrNight() {
        String test = demoTest();
        for (String theme : List.of("day", "night")) {
            for (String path : everyPage(test)) {
                page.navigate(path);
                assertThat(heading()).isVisible();
                if (theme.equals("night") && "light".equals(page.locator("html").getAttribute("data-theme"))) {
                    page.keyboard().press("n");
                }
                nothingSerious(theme + " " + path);
            }
        }
    }

    /** What a thumb cannot hit: controls lower than 44 px; a box to tick counts with its label, marks of a picture by their row. */
    private static final String TOO_SMALL = """
            () => [...document.querySelectorAll('button, select, summary, textarea, [role=radio], input:not([type=checkbox]):not([type=radio]):not([type=file])')]
              .filter((e) => e.checkVisibility() && !e.closest('svg, .sr-only, td, th, [class*=sr-only]'))
              .map((e) => [Math.round(e.getBoundingClientRect().height), e.outerHTML.slice(0, 120)])
              .filter(([height]) => height < 44)
              .slice(0, 5)
              .map(([height, html]) => `${height} px: ${html}`)""";

    @Test
    void aPhoneShowsEveryPageWithoutSideways() {
        page.setViewportSize(390, 844);
        String test = demoTest();
        List<String> small = new ArrayList<>();
        for (String path : everyPage(test)) {
            page.navigate(path);
            assertThat(heading()).isVisible();
            assertThat((int) page.evaluate("document.documentElement.scrollWidth"))
                    .as(path)
                    .isLessThanOrEqualTo(390);
            ((List<?>) page.evaluate(TOO_SMALL)).forEach(found -> small.add(path + " " + found));
        }
        assertThat(small).isEmpty();
    }

    private static List<String> everyPage(String test) {
        return List.of(
                "/tests",
                "/garage",
                "/garage?view=configurations",
                "/garage?view=difference",
                "/garage?view=outlook",
                "/plan/lap-heat",
                "/devices",
                "/procedures",
                "/plan",
                test + "/plan",
                test + "/run",
                test.replace("/tests", "/papers/tests") + "/run-card",
                test + "/stops",
                test + "/fade",
                test + "/heat",
                test + "/compare",
                "/import",
                "/type",
                test + "/type");
    }

    private void bringIn(Path file) {
        if (!page.url().contains("/import")) {
            page.navigate("/import");
        }
        choose(file);
    }

    private void chooseTest(String question) {
        page.getByLabel("Into which test")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(question));
    }

    private void describeNewTest(String question, String vehicle) {
        chooseTest("A new test…");
        page.getByLabel("What do you want to know").fill(question);
        page.getByLabel("Vehicle").selectOption("new");
        page.getByLabel("Its name").fill(vehicle);
    }

    private void save(String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .click();
        page.waitForURL(Pattern.compile(".*/stops"));
    }

    private void giveReason(String reason, String action) {
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Reason").fill(reason);
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(action))
                .click();
        assertThat(dialog).isHidden();
    }

    private void dragOnset() {
        BoundingBox flag = page.getByLabel("Onset of braking").locator("rect").boundingBox();
        page.mouse().move(flag.x + 10, flag.y + 10);
        page.mouse().down();
        page.mouse().move(flag.x - 4, flag.y + 10);
        page.mouse().up();
        assertThat(page.getByText("Moved: the distance changes by")).containsText("+");
    }
}
