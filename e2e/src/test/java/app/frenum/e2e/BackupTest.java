package app.frenum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A demo that runs is backed up, and comes to the same figures elsewhere. */
class BackupTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final List<String> FIGURES = List.of("comparison", "fade", "heat", "balance");

    private final JsonMapper json = new JsonMapper();
    private final HttpClient http = HttpClient.newHttpClient();
    private final List<Place> places = new ArrayList<>();

    @TempDir
    private Path folder;

    /** A home with its server. */
    private record Place(Path home, int port) {
        String url() {
            return "http://127.0.0.1:" + port;
        }
    }

    private Place place(String name) throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            Place place = new Place(folder.resolve(name), free.getLocalPort());
            places.add(place);
            return place;
        }
    }

    private String frenum(Place at, String... arguments) throws Exception {
        List<String> command =
                new ArrayList<>(List.of("bash", ROOT.resolve("frenum").toString()));
        command.addAll(Arrays.asList(arguments));
        ProcessBuilder builder =
                new ProcessBuilder(command).directory(folder.toFile()).redirectErrorStream(true);
        builder.environment().keySet().removeIf(name -> name.startsWith("FRENUM_"));
        builder.environment()
                .putAll(Map.of(
                        "FRENUM_HOME", at.home().toString(),
                        "FRENUM_PORT", String.valueOf(at.port()),
                        "FRENUM_BUILT", "true"));
        Path said = folder.resolve("said");
        // What goes on in the background keeps the output open; a file does not wait for it.
        Process process = builder.redirectOutput(said.toFile()).start();
        int code = process.waitFor();
        String out = Files.readString(said, StandardCharsets.UTF_8);
        assertThat(code).as(out).isZero();
        return out;
    }

    @AfterEach
    void clearAway() throws Exception {
        for (Place place : places) {
            frenum(place, "stop");
            String folders =
                    "set -e; ROOT=%s HOME_DIR=%s; source $ROOT/scripts/database.sh; rm -rf \"$(database_folder)\""
                            .formatted(ROOT, place.home());
            assertThat(new ProcessBuilder("bash", "-c", folders).start().waitFor())
                    .isZero();
        }
    }

    private JsonNode get(Place at, String path) throws Exception {
        URI uri = URI.create(at.url() + "/api" + path);
        HttpResponse<String> answer = http.send(
                Door.marshal(at.url()).opens(HttpRequest.newBuilder(uri)).build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(path).isEqualTo(200);
        return json.readTree(answer.body());
    }

    private Map<String, JsonNode> figures(Place at) throws Exception {
        Map<String, JsonNode> all = new TreeMap<>();
        for (JsonNode test : get(at, "/tests")) {
            String id = test.get("test").get("id").asString();
            for (String page : FIGURES) {
                all.put(id + " " + page, get(at, "/tests/%s/%s".formatted(id, page)));
            }
        }
        return all;
    }

    @Test
    void aDemoThatRunsComesToTheSameFiguresElsewhere() throws Exception {
        Place first = place("first");
        frenum(first, "demo", "--detach");
        while (get(first, "/demo").get("filling").asBoolean()) {
            Thread.onSpinWait();
        }
        Map<String, JsonNode> before = figures(first);
        assertThat(before).hasSizeGreaterThanOrEqualTo(4 * FIGURES.size());
        String backup = folder.resolve("kept.frenum-backup").toString();
        assertThat(frenum(first, "backup", backup)).contains("with the checksum of everything in it");
        assertThat(figures(first)).as("it ran on meanwhile").isEqualTo(before);
        frenum(first, "stop");

        Place other = place("other");
        frenum(other, "run", "--detach");
        assertThat(get(other, "/tests")).isEmpty();
        assertThat(frenum(other, "restore", backup)).contains("restored; what was there before stands in");
        // Who was signed in here is not: those of the backup are.
        Door.forget(other.url());
        assertThat(figures(other)).isEqualTo(before);
    }
}
