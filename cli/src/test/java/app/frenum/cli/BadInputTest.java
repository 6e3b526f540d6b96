package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Exit 2, one message with its place on standard error, and nothing on standard output. */
class BadInputTest {
    @TempDir
    private Path folder;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "time [s],speed [km/h]\\n0,1\\n0.1,fast|line 3, column 2",
                "time [s],speed [km/h]\\n1,1\\n0,1|line 3, column 1",
                "time [s],speed [parsec]\\n0,1|line 1, column 2",
                "time [s],speed [km/h]\\n0,1\\n0.1,1\\n0.2,1|no stops in it",
                "time [s],pressure [bar]\\n0,1\\n0.1,1|no speed channel"
            })
    void badLogs(String text, String message) throws Exception {
        Path log = Files.writeString(folder.resolve("bad.csv"), text.replace("\\n", "\n"));
        refused(message, "analyse", log.toString(), "--json");
    }

    @Test
    void badRequests() {
        String good = CliRun.example("plain_50hz.csv").toString();
        refused("such as \"90 m/s\"", "analyse", good, "--nominal", "fast");
        refused("has no unit", "analyse", good, "--nominal", "90");
        refused("no such file", "analyse", folder.resolve("missing.csv").toString());
        refused(
                "has no configuration called \"nobody\"",
                "compare",
                "--baseline",
                "nobody",
                CliRun.example("example_two_pads.csv").toString());
    }

    @Test
    void logsCompareToo() {
        CliRun run = CliRun.of(
                "compare",
                "--baseline",
                CliRun.example("plain_50hz.csv").toString(),
                "--candidate",
                CliRun.example("plain_50hz.csv").toString(),
                "--nominal",
                "60 km/h",
                "--margin",
                "1 m",
                "--json");
        assertThat(run.exit()).as(run.err()).isZero();
        assertThat(run.json().get("comparisons").get(0).get("differenceM").asDouble())
                .isZero();
        assertThat(run.json().get("series").get(0).get("n").asInt()).isEqualTo(3);
    }

    private static void refused(String message, String... args) {
        CliRun run = CliRun.of(args);
        assertThat(run.exit()).isEqualTo(2);
        assertThat(run.err()).contains(message);
        assertThat(run.out()).isEmpty();
    }
}
