package app.frenum.server.signature;

import app.frenum.formats.signature.VerifyingKey;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Keys on disk, readable by their owner only: {@code signing.json}, and those before it by fingerprint in {@code earlier}. */
record KeyFolder(Path path) {
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String OWNER_READS = "rw-------";
    private static final String OWNER_ENTERS = "rwx------";

    Optional<StoredKey> current() {
        return Files.exists(currentFile()) ? Optional.of(read(currentFile())) : Optional.empty();
    }

    /** The newest first. */
    List<StoredKey> earlier() {
        if (!Files.isDirectory(earlierFolder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(earlierFolder())) {
            return files.filter(f -> f.toString().endsWith(".json"))
                    .map(KeyFolder::read)
                    .sorted(Comparator.comparing(StoredKey::since).reversed())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void write(StoredKey key) throws IOException {
        write(currentFile(), key);
    }

    void writeEarlier(StoredKey key) throws IOException {
        write(earlierFolder().resolve(VerifyingKey.read(key.jwk()).fingerprint() + ".json"), key);
    }

    private Path currentFile() {
        return path.resolve("signing.json");
    }

    private Path earlierFolder() {
        return path.resolve("earlier");
    }

    private static StoredKey read(Path file) {
        return JSON.readValue(file.toFile(), StoredKey.class);
    }

    /** Whole and on the disk, or not there at all; never readable by anybody else, not even while it is written. */
    private static void write(Path file, StoredKey key) throws IOException {
        Files.createDirectories(
                file.getParent(), PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString(OWNER_ENTERS)));
        Path part = file.resolveSibling(UUID.randomUUID() + ".part");
        Files.createFile(part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString(OWNER_READS)));
        Files.writeString(part, JSON.writeValueAsString(key), StandardOpenOption.SYNC);
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        try (FileChannel folder = FileChannel.open(file.getParent())) {
            folder.force(true);
        }
    }
}
