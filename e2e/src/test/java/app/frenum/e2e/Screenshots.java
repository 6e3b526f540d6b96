package app.frenum.e2e;

import app.frenum.server.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Makes docs/screenshots from the demo data: {@code ./frenum screenshots}. */
public final class Screenshots {
    private static final Path FOLDER =
            Path.of("../docs/screenshots").toAbsolutePath().normalize();

    /** For what is still being drawn; pages that listen for changes are never idle. */
    private static final double SETTLE_MS = 900;

    private Screenshots() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.isDirectory(Path.of("docs")) ? Path.of("docs/screenshots") : FOLDER;
        Files.createDirectories(folder);
        try (RunningServer server = RunningServer.withDemo();
                Browser browser = new Browser()) {
            Page page = browser.stranger(server.url(), 1280, 800);
            page.navigate("/tests");
            page.getByText("Club secretary").click();
            Locator first = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Do semi-metallic pads"));
            first.waitFor();
            shoot(page, folder, "tests");
            String test = first.getAttribute("href").replace("/compare", "");
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
            String fade = page.request()
                    .get(server.url() + "/api/tests")
                    .text()
                    .replaceAll("(?s).*\"id\":\"([0-9a-f-]+)\"[^{}]*Do they fade.*", "$1");
            page.navigate("/tests/" + fade + "/fade");
            page.getByText("How much at the beginning").first().waitFor();
            shoot(page, folder, "fade");
            page.navigate("/tests/" + fade + "/heat");
            page.getByText("How hot did each stop get?").waitFor();
            shoot(page, folder, "heat");
            page.navigate(test + "/balance");
            page.getByText("of the line pressure in front").first().waitFor();
            shoot(page, folder, "balance");
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
            page.navigate("/people");
            page.getByText("Show a code").click();
            page.getByText("good once until").waitFor();
            shoot(page, folder, "people");
            run(server, page, folder, test.replace("/tests/", ""));
            live(server, page, folder);
            typed(page, folder);
            page.navigate("/import");
            page.getByLabel("Choose files").setInputFiles(app.frenum.server.Journeys.AS_BOUGHT);
            page.getByText("Stops found").waitFor();
            shoot(page, folder, "import");
        }
        System.exit(0);
    }

    /** Six stops of each, typed. */
    private static void typed(Page page, Path folder) {
        page.navigate("/type");
        page.getByLabel("What do you want to know").fill("Do the new pads stop it shorter?");
        page.getByLabel("Vehicle").fill("Tarn 2.0 estate");
        page.getByLabel("A, before").fill("As bought");
        page.getByLabel("B, after").fill("New pads");
        page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true)).fill("100");
        List<String> metres = List.of("44.1", "44.9", "43.6", "44.4", "4O.2", "39.2", "38.6", "39.5", "39.0");
        for (int i = 0; i < metres.size(); i++) {
            page.getByLabel("Distance, row " + (i + 1), new Page.GetByLabelOptions().setExact(true))
                    .fill(metres.get(i));
        }
        page.getByLabel("Configuration, row 6").fill("b");
        page.getByLabel("Note, row 10").focus();
        page.getByText("is not a number").waitFor();
        page.getByText("B stops").waitFor();
        shoot(page, folder, "type");
    }

    /** Drives the demo's run to where its discs are too hot, and to where a stop is to be driven again. */
    private static void run(RunningServer server, Page page, Path folder, String test) {
        HandDrive drive = new HandDrive(server, test);
        drive.warmUp();
        drive.stop(90, 90.2, 49.6);
        drive.stop(95, 90.1, 50.2);
        drive.stop(150, 90.0, 51.0);
        drive.stop(92, 89.7, 49.9);
        drive.readHotDiscs();
        page.navigate("/tests/" + test + "/run");
        page.getByText("Ready at").waitFor();
        shoot(page, folder, "run");
        page.setViewportSize(390, 844);
        shoot(page, folder, "run-phone");
        page.setViewportSize(1280, 800);
        page.keyboard().press("x");
        page.keyboard().press("x");
        page.getByText("Testing is stopped.").waitFor();
        shoot(page, folder, "run-stopped");
    }

    /** A run-up with the logger on board, at the speed of the day. */
    private static void live(RunningServer server, Page page, Path folder) {
        PlannedRun planned = PlannedRun.through(server);
        UUID test = UUID.randomUUID();
        planned.ofTheDemoCar(test, "ONE_AFTER_ANOTHER", 3);
        JsonNode logger = planned.logger();
        DrivenCar car = DrivenCar.at(server.url(), logger.get("code").asString(), 7);
        try {
            planned.begin(test, 1, logger.get("device").get("id").asString());
            page.navigate("/tests/" + test + "/run");
            page.getByText("Ask for the lane.").waitFor();
            page.keyboard().press("l");
            page.getByText("Go.").waitFor();
            page.keyboard().press("Space");
            page.getByText("hold it").waitFor();
            shoot(page, folder, "live");
        } finally {
            car.close();
        }
    }

    private static void shoot(Page page, Path folder, String name) {
        page.waitForLoadState(LoadState.LOAD);
        page.waitForFunction("() => !document.querySelector('[data-reading]')");
        page.waitForTimeout(SETTLE_MS);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
