package app.frenum.e2e;

import app.frenum.server.Door;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's Chromium without a window. Anything that the page's own code complains of is kept. */
final class Browser implements AutoCloseable {
    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final com.microsoft.playwright.Browser chromium = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    private final List<String> complaints = new ArrayList<>();

    Page page(String url, int width, int height) {
        return page(options(url, width, height));
    }

    /** A phone that is touched. */
    Page phone(String url) {
        return page(options(url, 390, 844).setHasTouch(true).setIsMobile(true));
    }

    /** One that keeps the application for when the server does not answer, as people's own do. */
    Page installed(String url) {
        return page(options(url, 390, 844).setServiceWorkers(ServiceWorkerPolicy.ALLOW));
    }

    private static com.microsoft.playwright.Browser.NewContextOptions options(String url, int width, int height) {
        return new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(url)
                .setViewportSize(width, height)
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE);
    }

    /** One at which nobody is signed in yet. */
    Page stranger(String url, int width, int height) {
        return page(chromium.newContext(options(url, width, height)));
    }

    /** As the marshal. */
    private Page page(com.microsoft.playwright.Browser.NewContextOptions options) {
        BrowserContext context = chromium.newContext(options);
        Door door = Door.marshal(options.baseURL);
        context.addCookies(Stream.of(door.session(), Door.TOKEN)
                .map(name -> new Cookie(name, door.cookie(name)).setUrl(options.baseURL))
                .toList());
        return page(context);
    }

    private Page page(BrowserContext context) {
        Page page = context.newPage();
        page.onPageError(complaints::add);
        page.onConsoleMessage(m -> {
            // A refused file is answered with 4xx, and a test may take the link away; the browser notes both by itself.
            if (m.type().equals("error")
                    && !m.text().contains("status of 4")
                    && !m.text().contains("ERR_INTERNET_DISCONNECTED")
                    && !m.text().contains("ERR_CONNECTION_REFUSED")
                    && !m.text().contains("Failed to fetch")) {
                complaints.add(m.text());
            }
        });
        return page;
    }

    List<String> complaints() {
        return List.copyOf(complaints);
    }

    @Override
    public void close() {
        playwright.close();
    }
}
