package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
        assertThat(page.getByText(Pattern.compile("B against A: at stop 12 \\+\\d+ %")))
                .isVisible();
        assertThat(table("A last")).containsText("B first");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("against stop 1"))
                .click();
        assertThat(page.getByText("in % of stop 1")).isVisible();
        assertThat(page.getByText("No order grows from stop to stop beyond chance."))
                .isVisible();
        assertThat(page.getByLabel(Pattern.compile("^A: at \\d+ bar it slowed by")))
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
                .containsText(
                        Pattern.compile("A reached 4\\d\\d °C \\(front right, stop 1\\d\\), \\d of 12 stops over"));
        assertThat(page.getByText("Its stops began in the window, and ended above it."))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Front share of the heat: 7\\d\\.\\d ± \\d\\.\\d % measured"))
                        .first())
                .isVisible();
        assertThat(table("time constant")).containsText(Pattern.compile("A front left1[678]\\d"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("B Semi-metallic"))
                .click();
        assertThat(page.getByText("Disc heat through B’s series")).isVisible();
        nothingSerious("heat");
    }
}
