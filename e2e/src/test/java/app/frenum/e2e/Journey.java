package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;

/** A journey through the real interface, in a real browser, on a real database with the demo in it. */
abstract class Journey {
    private static RunningServer server;
    private static Browser browser;
    protected Page page;

    @BeforeAll
    static void start() {
        // A machine busy with other work may be slow; that is not what these tests are about.
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        server = RunningServer.withDemo();
        browser = new Browser();
    }

    @AfterAll
    static void stop() {
        browser.close();
        server.close();
    }

    @BeforeEach
    void open() {
        page = browser.page(server.url(), 1280, 800);
        page.navigate("/");
        assertThat(heading()).isVisible();
    }

    @AfterEach
    void thePageComplainedOfNothing() {
        page.context().close();
        assertThat(browser.complaints()).isEmpty();
    }

    /** An address on a phone that keeps the application for when the link is gone; its first visit is enough for that. */
    protected static Page installed(String path) {
        Page phone = browser.installed(server.url());
        phone.navigate(path);
        assertThat(phone.locator("h1")).isVisible();
        phone.waitForFunction("""
                async () => {
                  const told = await (await caches.open('frenum-known-1')).keys();
                  const shell = await (await caches.open('frenum-shell-1')).keys();
                  return navigator.serviceWorker.controller !== null && told.length > 2
                    && told.some((r) => r.url.endsWith('/api/session'))
                    && shell.some((r) => r.url.endsWith('.woff2'));
                }""");
        return phone;
    }

    protected static String url() {
        return server.url();
    }

    /** Nothing that shuts people out. */
    protected void nothingSerious(String where) {
        List<Rule> serious = new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                        .toList();
        assertThat(serious)
                .as(where)
                .extracting(r -> r.getId() + r.getNodes().get(0).getHtml())
                .isEmpty();
    }

    protected Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    /** Opens what is folded under its question. */
    protected void unfold(String question) {
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText(question))
                .first()
                .click();
    }

    /** Brings files in by the page's own way of choosing them. */
    protected void choose(Path... files) {
        page.getByLabel("Choose files").setInputFiles(files);
    }

    protected String demoTest() {
        page.navigate("/tests");
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Do semi-metallic pads"))
                .getAttribute("href")
                .replace("/compare", "");
    }

    protected void section(String name) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                .click();
    }

    /** One of several side by side. */
    protected Locator choice(String name) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
