package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.BufferedReader;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The server as a process of its own, killed without a warning in the middle of a series. */
class KilledServerTest {
    private static final Path JAR = Path.of("../server/target/server-0.1.0-app.jar");
    private static final double RATE = 20;

    private final String database = RunningServer.emptyDatabase();
    private final Browser browser = new Browser();
    private final UUID test = UUID.randomUUID();
    private int port;
    private Process server;
    private Page page;

    @BeforeEach
    void start() throws IOException {
        PlaywrightAssertions.setDefaultAssertionTimeout(60_000);
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        server = started();
        page = browser.page(url(), 1280, 800);
        page.navigate("/");
    }

    @AfterEach
    void stop() {
        browser.close();
        server.destroy();
    }

    private String url() {
        return "http://127.0.0.1:" + port;
    }

    private Process started() throws IOException {
        ProcessBuilder builder = new ProcessBuilder("java", "-Xmx512m", "-XX:+UseSerialGC", "-jar", JAR.toString());
        builder.environment().put("FRENUM_DB_URL", database);
        builder.environment().put("FRENUM_PORT", String.valueOf(port));
        builder.environment().put("FRENUM_DEMO", "true");
        builder.environment()
                .put("FRENUM_HOME", Files.createTempDirectory("frenum-killed-").toString());
        Process process = builder.redirectError(ProcessBuilder.Redirect.DISCARD).start();
        BufferedReader said = process.inputReader();
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            if (line.startsWith("Frenum is ready")) {
                return process;
            }
        }
        throw new IllegalStateException("the server did not start");
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    @Test
    void theRunGoesOnAndEverythingThatWasAcknowledgedIsThere() throws Exception {
        PlannedRun planned = PlannedRun.through(page.request(), url());
        planned.ofTheDemoCar(test, "ONE_AFTER_ANOTHER", 3);
        JsonNode logger = planned.logger();
        try (DrivenCar car = DrivenCar.at(url(), logger.get("code").asString(), 31)) {
            planned.begin(test, RATE, logger.get("device").get("id").asString());
            page.evaluate("localStorage.setItem('frenum.person', 'Marshal')");
            page.navigate("/tests/" + test + "/run");
            drive();
            page.keyboard().press("Enter");
            drive();
            JsonNode before = planned.get("/runs/" + test).get("stops").get(0);
            server.destroyForcibly().waitFor();
            assertThat(page.getByText("No link to Frenum")).isVisible();
            page.keyboard().press("Enter");
            assertThat(page.getByText("Saved here, not yet sent")).isVisible();
            server = started();
            assertThat(page.getByText("Saved here, not yet sent")).isHidden();
            assertThat(page.getByText("No link to Frenum")).isHidden();
            assertThat(planned.get("/runs/" + test).get("stops").get(0)).isEqualTo(before);
            drive();
            page.waitForCondition(() -> car.waiting() < 5);
        }
        JsonNode run = planned.get("/runs/" + test);
        assertThat(run.get("stops")).hasSize(3);
        assertThat(run.get("stops").get(1).get("decision").get("by").asString()).startsWith("Marshal");
        assertThat(run.get("stops").get(2).get("flags").toString()).doesNotContain("GAP_IN_STOP");
        // The log goes on in one recording, without a hole.
        assertThat(run.get("stops"))
                .extracting(s -> s.get("logged").get("recordingId").asString())
                .containsOnly(
                        run.get("stops").get(0).get("logged").get("recordingId").asString());
    }

    /** Starts the next stop as soon as its gate opens, and waits until it is judged. */
    private void drive() {
        assertThat(heading()).hasText("Ask for the lane.");
        page.keyboard().press("l");
        assertThat(heading()).hasText("Go.");
        page.keyboard().press("Space");
        assertThat(heading()).hasText(Pattern.compile("It counts.*"));
    }
}
