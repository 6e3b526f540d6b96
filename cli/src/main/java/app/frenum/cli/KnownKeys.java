package app.frenum.cli;

import app.frenum.formats.signature.VerifyingKey;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Keys that this computer knows: its Frenum's own, those of a folder that was named, and those it was told to remember. */
final class KnownKeys {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String REMEMBERED = "known-keys";

    /** A key, and whose it is. */
    record Known(VerifyingKey key, String whose) {}

    private final Path home;
    private final Optional<Path> named;

    /** @param named a folder to be used instead of what is remembered */
    KnownKeys(Path home, Optional<Path> named) {
        this.home = home;
        this.named = named;
    }

    Optional<Known> find(VerifyingKey key) throws IOException {
        return all().stream().filter(k -> k.key().equals(key)).findFirst();
    }

    private List<Known> all() throws IOException {
        return named.isPresent()
                ? in(named.get(), null).toList()
                : Stream.concat(in(home.resolve("keys"), "this Frenum"), in(home.resolve(REMEMBERED), null))
                        .toList();
    }

    /**
     * Keeps a key under a name from now on.
     *
     * @throws FrenumCli.BadRequest when another key is known by this name
     */
    void remember(VerifyingKey key, String whose) throws IOException, FrenumCli.BadRequest {
        if (all().stream().anyMatch(k -> k.whose().equals(whose) && !k.key().equals(key))) {
            throw new FrenumCli.BadRequest(
                    "another key is remembered as \"%s\". Ask them whether they changed it, and use another name."
                            .formatted(whose));
        }
        ObjectNode entry = JSON.createObjectNode();
        entry.put("name", whose);
        entry.put("since", Instant.now().truncatedTo(ChronoUnit.SECONDS).toString());
        entry.put("jwk", key.jwk());
        Files.createDirectories(home.resolve(REMEMBERED));
        Files.writeString(home.resolve(REMEMBERED).resolve(key.fingerprint() + ".json"), entry.toPrettyString());
    }

    private static Stream<Known> in(Path folder, @Nullable String whose) throws IOException {
        if (!Files.isDirectory(folder)) {
            return Stream.empty();
        }
        try (Stream<Path> files = Files.walk(folder, 2)) {
            return files.filter(f -> f.toString().endsWith(".json")).filter(Files::isReadable).toList().stream()
                    .flatMap(f -> read(f, whose).stream());
        }
    }

    /** A JSON Web Key, or a file that has one; any other file of the folder is none of ours. */
    private static Optional<Known> read(Path file, @Nullable String whose) {
        try {
            JsonNode entry = JSON.readTree(file.toFile());
            VerifyingKey key = VerifyingKey.read(entry.path("jwk").asString(entry.toString()));
            String name = entry.path("name").asString(file.getFileName().toString());
            return Optional.of(new Known(key, whose == null ? name : whose));
        } catch (JacksonException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
