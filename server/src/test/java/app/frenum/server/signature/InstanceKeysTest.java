package app.frenum.server.signature;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import app.frenum.server.RunningServer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The key is made once, survives restarts, is nobody else's to read, and only an owner replaces it. */
class InstanceKeysTest {
    @TempDir
    private Path home;

    private static List<String> fingerprints(RunningServer server) {
        return server.get("/api/signing-keys")
                .get("keys")
                .valueStream()
                .map(k -> k.get("fingerprint").asString())
                .toList();
    }

    @Test
    void theKeyStaysUntilAnOwnerReplacesItAndTheOldOneIsKept() throws Exception {
        String database = RunningServer.emptyDatabase();
        String first;
        String second;
        try (RunningServer server = RunningServer.on(database, "--frenum.home=" + home)) {
            first = fingerprints(server).get(0);
            assertThat(first).matches("([0-9a-f]{4} ){15}[0-9a-f]{4}");
            assertThat(server.get("/api/signing-keys").toString())
                    .as("the private half")
                    .doesNotContain("\\\"d\\\"");
            server.door().add("Engineer", "ENGINEER");
            Door engineer = Door.shut(server.url());
            engineer.signIn("Engineer");
            String retire = "/api/signing-keys/%s/retired".formatted(first.replace(" ", ""));
            assertThat(engineer.ask("PUT", retire, null).status()).isEqualTo(403);
            assertThat(fingerprints(server)).containsExactly(first);

            JsonNode replaced = server.send("PUT", retire, null).body();
            second = replaced.get("keys").get(0).get("fingerprint").asString();
            assertThat(server.send("PUT", retire, null).body())
                    .as("repeated, it changes nothing")
                    .isEqualTo(replaced);
            assertThat(fingerprints(server)).containsExactly(second, first);
        }
        try (Stream<Path> files = Files.walk(home.resolve("keys"))) {
            assertThat(files.filter(Files::isRegularFile))
                    .hasSize(2)
                    .allSatisfy(f -> assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(f)))
                            .isEqualTo("rw-------"));
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home.resolve("keys"))))
                .isEqualTo("rwx------");
        try (RunningServer again = RunningServer.on(database, "--frenum.home=" + home)) {
            assertThat(fingerprints(again)).containsExactly(second, first);
            assertThat(UUID.fromString(
                            again.get("/api/signing-keys").get("instance").asString()))
                    .isNotNull();
        }
    }
}
