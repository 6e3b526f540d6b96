package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.formats.bundle.Bundle;
import app.frenum.formats.bundle.BundleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A verdict that was signed before still verifies: its checksum holds, and its stops come to the same. */
class VerifyTest {
    private static final Path SIGNED = CliRun.example("signed-verdict.json");

    @TempDir
    private Path folder;

    private CliRun verify(String content) throws IOException {
        return CliRun.of(
                "verify",
                Files.writeString(folder.resolve("file.json"), content).toString());
    }

    @Test
    void aSignedVerdictIsAsSignedAndFollowsFromItsStops() {
        CliRun run = CliRun.of("verify", SIGNED.toString());
        assertThat(run.exit()).isEqualTo(FrenumCli.DONE);
        assertThat(run.out())
                .contains("Checksum matches")
                .contains("it is not a signature")
                .contains("it comes to the same");
    }

    @Test
    void aStopThatWasMadeShorterSinceIsFound() throws IOException {
        String signed = Files.readString(SIGNED);
        CliRun run = verify(signed.replaceFirst("\"value\" : [0-9.]+", "\"value\" : 41.0"));
        assertThat(run.exit()).isEqualTo(FrenumCli.BAD_INPUT);
        assertThat(run.out()).contains("CHECKSUM DOES NOT MATCH").contains("DOES NOT COME TO THE SAME");
        assertThat(run.out()).as("nothing that would make it right").doesNotContainPattern("[0-9a-f]{64}");
    }

    @Test
    void everyVerdictOfABundleIsVerified() throws IOException {
        String one = Files.readString(SIGNED);
        CliRun run = verify(BundleFile.write(Bundle.of(List.of(), List.of(), List.of(), List.of(one, one))));
        assertThat(run.exit()).isEqualTo(FrenumCli.DONE);
        assertThat(run.out()).contains("A bundle with 2 signed verdicts");
        CliRun changed = verify(BundleFile.write(
                Bundle.of(List.of(), List.of(), List.of(), List.of(one, one.replace("Marrow", "Barrow"), one))));
        assertThat(changed.out()).contains("A bundle with 3 signed verdicts");
        assertThat(verify("[1").err()).contains("not JSON");
    }
}
