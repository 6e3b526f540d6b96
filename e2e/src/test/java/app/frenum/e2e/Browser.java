package app.frenum.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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

    private Page page(com.microsoft.playwright.Browser.NewContextOptions options) {
        BrowserContext context = chromium.newContext(options);
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
