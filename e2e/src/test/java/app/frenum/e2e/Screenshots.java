package app.frenum.e2e;

import app.frenum.server.RunningServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Makes docs/screenshots from the demo data: {@code ./frenum screenshots}. */
public final class Screenshots {
    private static final Path FOLDER =
            Path.of("../docs/screenshots").toAbsolutePath().normalize();

    private Screenshots() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.isDirectory(Path.of("docs")) ? Path.of("docs/screenshots") : FOLDER;
        Files.createDirectories(folder);
        try (RunningServer server = RunningServer.withDemo();
                Browser browser = new Browser()) {
            Page page = browser.page(server.url(), 1280, 800);
            page.navigate("/tests");
            shoot(page, folder, "tests");
            String test = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Do semi-metallic pads"))
                    .getAttribute("href")
                    .replace("/compare", "");
            page.navigate(test + "/compare");
            shoot(page, folder, "compare");
            page.keyboard().press("n");
            shoot(page, folder, "compare-night");
            page.keyboard().press("n");
            page.navigate(test + "/stops");
            page.getByLabel("Stop 3", new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .click();
            page.keyboard().press("o");
            page.getByLabel("Stop 5", new Page.GetByLabelOptions().setExact(true))
                    .last()
                    .click();
            shoot(page, folder, "stop");
            page.navigate(test + "/plan");
            page.getByText("end of the slot").first().waitFor();
            shoot(page, folder, "plan");
            page.navigate("/garage?view=difference");
            page.getByText("change together").first().waitFor();
            shoot(page, folder, "difference");
            page.navigate("/procedures");
            shoot(page, folder, "procedures");
            page.navigate(test.replace("/tests", "/papers/tests") + "/run-card");
            shoot(page, folder, "run-card");
            page.navigate("/garage?view=outlook");
            page.getByText("as built").first().waitFor();
            shoot(page, folder, "outlook");
            page.navigate("/plan/lap-heat");
            page.getByText("applications").first().waitFor();
            shoot(page, folder, "lap-heat");
            page.navigate("/import");
            page.locator("input[type=file]").setInputFiles(app.frenum.server.Journeys.AS_BOUGHT);
            page.getByText("Stops found").waitFor();
            shoot(page, folder, "import");
        }
        System.exit(0);
    }

    private static void shoot(Page page, Path folder, String name) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
