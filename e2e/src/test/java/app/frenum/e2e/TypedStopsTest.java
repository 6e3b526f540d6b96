package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** From an empty database to a verdict by tape and keyboard, by a clipboard, and more of it later. */
class TypedStopsTest {
    private static final List<String> BEFORE = List.of("44.1", "44.3", "43.9", "44.0", "44.2");
    private static final List<String> AFTER = List.of("40.0", "40.3", "39.8", "40.1", "40.2");

    private final RunningServer server = RunningServer.onAnEmptyDatabase();
    private final Browser browser = new Browser();
    private Page page;
    private int actions;

    @BeforeEach
    void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        page = browser.page(server.url(), 1280, 800);
        page.navigate("/");
    }

    @AfterEach
    void close() {
        List<String> complaints = browser.complaints();
        browser.close();
        server.close();
        assertThat(complaints).isEmpty();
    }

    private Locator cell(String column, int row) {
        return page.getByLabel(column + ", row " + row, new Page.GetByLabelOptions().setExact(true));
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    private Locator verdict() {
        return page.getByLabel("What they come to");
    }

    /** A press, or a field filled with words; figures are what people came with, and do not count. */
    private void act(Runnable action) {
        actions++;
        action.run();
    }

    private void ask(String vehicle) {
        act(() -> page.getByLabel("What do you want to know").fill("Do the new pads stop it shorter?"));
        act(() -> page.getByLabel("Vehicle").fill(vehicle));
        act(() -> page.getByLabel("A, before").fill("As bought"));
        act(() -> page.getByLabel("B, after").fill("New pads"));
        page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true)).fill("100");
    }

    private void nothingSerious() {
        assertThat(new AxeBuilder(page)
                        .analyze().getViolations().stream()
                                .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                                .map(v -> v.getId() + v.getNodes().get(0).getHtml()))
                .isEmpty();
    }

    @Test
    void fromNothingToAVerdictInAtMostTwelveActions() {
        act(() -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Type stops"))
                .first()
                .click());
        ask("Tarn 2.0");
        act(() -> cell("Distance", 1).focus());
        for (String metres : BEFORE) {
            page.keyboard().type(metres);
            page.keyboard().press("Enter");
        }
        act(() -> cell("Configuration", 6).fill("b"));
        act(() -> cell("Distance", 6).focus());
        for (String metres : AFTER) {
            page.keyboard().type(metres);
            page.keyboard().press("Enter");
        }
        assertThat(verdict()).containsText(Pattern.compile("B stops 4\\.\\d m shorter than A from 100 km/h"));
        nothingSerious();
        act(() -> page.getByLabel("Your name").fill("R. Fell"));
        act(() -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep these 10 stops"))
                .click());

        assertThat(heading()).containsText(Pattern.compile("B stops 4\\.\\d m shorter than A from 100 km/h"));
        assertThat(actions).isLessThanOrEqualTo(12);
    }
}
