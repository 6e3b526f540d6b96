package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever somebody writes into a name, a note or a file's name is shown as it was written, and does nothing. */
class StoredScriptTest {
    private static final String EVIL = "<img src=x onerror=window.ran=1>";
    private static final String SCRIPT = "<script>window.ran=1</script>";

    @TempDir
    private Path folder;

    private final UUID vehicle = UUID.randomUUID();
    private UUID test;

    private void kept(RunningServer.Answer answer) {
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
    }

    private void written(RunningServer server) throws IOException {
        kept(server.post("/api/vehicles", Map.of("id", vehicle, "name", EVIL, "description", SCRIPT)));
        test = Journeys.test(server, vehicle, EVIL);
        for (Path log : List.of(Journeys.AS_BOUGHT, Journeys.PADS_AND_FLUID)) {
            Path named = Files.copy(log, folder.resolve("<img src=x onerror=ran=1>" + log.getFileName()));
            UUID file = UUID.randomUUID();
            kept(server.upload(file, named, ""));
            Map<String, Object> save = new HashMap<>(Journeys.saveTo(test, EVIL + log.getFileName()));
            save.put("conditions", Map.of("driver", EVIL, "load", EVIL, "direction", EVIL));
            kept(server.post("/api/imports/" + file + "/save", save));
        }
        String stop =
                server.get("/api/tests/" + test).get("stops").get(0).get("id").asString();
        kept(server.post(
                "/api/stops/" + stop + "/decisions",
                Map.of("requestId", UUID.randomUUID(), "struckOut", true, "reason", EVIL)));
        kept(server.put(
                "/api/tests/%s/marks/%s".formatted(test, UUID.randomUUID()),
                "{\"label\":\"%1$s\",\"source\":\"%1$s\",\"distance\":{\"entered\":40,\"unit\":\"METRES\"},\"speed\":{\"entered\":90,\"unit\":\"KILOMETRES_PER_HOUR\"}}"
                        .formatted(EVIL)));
        kept(server.post("/api/devices", Map.of("id", UUID.randomUUID(), "name", EVIL, "kind", "LOGGER")));
        server.door().add(EVIL, "VIEWER");
    }

    @Test
    void nothingThatWasWrittenRuns() throws IOException {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        try (RunningServer server = RunningServer.onAnEmptyDatabase();
                Browser browser = new Browser()) {
            written(server);
            Page page = browser.page(server.url(), 1280, 800);
            String of = "/tests/" + test;
            for (String path : List.of(
                    "/tests",
                    of + "/compare",
                    of + "/stops",
                    of + "/fade",
                    of + "/heat",
                    of + "/balance",
                    of + "/plan",
                    of + "/trials",
                    of + "/type",
                    "/garage?view=configurations&vehicle=" + vehicle,
                    "/devices",
                    "/people",
                    "/history")) {
                page.navigate(path);
                assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
                assertThat(page.locator("[data-reading]")).hasCount(0);
                page.evaluate("document.querySelectorAll('details').forEach(d => { d.open = true; })");
                assertThat(page.locator("img[src=x]")).hasCount(0);
                assertThat(page.evaluate("window.ran")).as(path).isNull();
            }
            assertThat(page.locator("main")).containsText("<img src=x");
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
