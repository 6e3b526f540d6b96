package app.frenum.server.intake;

import app.frenum.formats.PlainText;
import app.frenum.formats.TextFile;
import app.frenum.server.FrenumProperties;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.StoredFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Where uploads wait. Files are named by their id alone; what the browser calls them never becomes a path. */
@Component
class UploadFolder {
    private static final int LONGEST_NAME = 200;
    private static final String PARTIAL = ".partial";

    private final Path folder;

    UploadFolder(FrenumProperties properties) {
        folder = properties.home().resolve("uploads");
    }

    Path path(UUID id) {
        return folder.resolve(id + ".csv");
    }

    /** A file that has come, under a name that nobody else has; gone when it is closed, unless it was kept. */
    record Arrived(Path path, StoredFile file) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            Files.deleteIfExists(path);
        }
    }

    /** Copies a stream into the folder, refusing what is too large while it comes. */
    Arrived receive(String name, InputStream from) throws IOException {
        Files.createDirectories(folder);
        Path partial = folder.resolve(UUID.randomUUID() + PARTIAL);
        MessageDigest digest = sha256();
        long bytes = 0;
        try (OutputStream to = Files.newOutputStream(partial)) {
            byte[] buffer = new byte[1 << 16];
            for (int n = from.read(buffer); n >= 0; n = from.read(buffer)) {
                bytes += n;
                if (bytes > TextFile.LARGEST) {
                    throw Problem.tooLarge("At most %d MB can be read. Cut the log into parts, such as one per session."
                            .formatted(TextFile.LARGEST >> 20));
                }
                digest.update(buffer, 0, n);
                to.write(buffer, 0, n);
            }
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(partial);
            throw e;
        }
        return new Arrived(partial, new StoredFile(shown(name), HexFormat.of().formatHex(digest.digest()), bytes));
    }

    /** What has arrived is under its id from now on. */
    void keep(UUID id, Arrived arrived) throws IOException {
        Files.move(arrived.path(), path(id), StandardCopyOption.REPLACE_EXISTING);
    }

    boolean has(UUID id) {
        return Files.exists(path(id));
    }

    /** Removes what is under no known id. */
    void removeAllBut(Set<UUID> known) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        Set<String> names =
                known.stream().map(id -> path(id).getFileName().toString()).collect(Collectors.toSet());
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file :
                    all.filter(f -> !names.contains(f.getFileName().toString())).toList()) {
                Files.deleteIfExists(file);
            }
        }
    }

    void remove(UUID id) throws IOException {
        Files.deleteIfExists(path(id));
    }

    /** The last part of a name, printable and short. */
    private static String shown(String name) {
        String last = PlainText.cleaned(name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1))
                .strip();
        String text = last.isEmpty() ? "unnamed.csv" : last;
        return text.length() > LONGEST_NAME ? text.substring(0, LONGEST_NAME) : text;
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
