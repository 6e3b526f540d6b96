package app.frenum.server.intake;

import app.frenum.server.problem.Abandoned;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whether whoever asked is still there. A server hears of a sender that has left only when it writes to it; the system
 * knows at once, and says so in its table of connections (proc(5), {@code /proc/net/tcp}).
 */
final class Sender {
    private static final List<Path> TABLES = List.of(Path.of("/proc/net/tcp"), Path.of("/proc/net/tcp6"));
    /** The state of a connection that the other side has closed. */
    private static final String CLOSE_WAIT = "08";

    private final String ports;
    /** Where the table does not show the connection, nothing is known. */
    private final boolean wasSeen;

    private Sender(String ports) {
        this.ports = ports;
        wasSeen = state().isPresent();
    }

    static Sender of(HttpServletRequest request) {
        return new Sender(String.format(Locale.ROOT, ":%04X :%04X", request.getLocalPort(), request.getRemotePort()));
    }

    /** Nobody waits for an answer any more. */
    static final class Gone extends Abandoned {
        private static final long serialVersionUID = 1L;
    }

    /**
     * @param unused how far the work has come
     * @throws Gone when the sender has left
     */
    void requireThere(long unused) {
        if (wasSeen && state().map(CLOSE_WAIT::equals).orElse(true)) {
            throw new Gone();
        }
    }

    private Optional<String> state() {
        return TABLES.stream().flatMap(this::states).findFirst();
    }

    /** A line is {@code sl local:port remote:port state ...}. */
    private Stream<String> states(Path table) {
        try {
            return Files.readAllLines(table).stream()
                    .map(line -> line.strip().split("\\s+"))
                    .filter(cells -> cells.length > 3 && ports.equals(port(cells[1]) + " " + port(cells[2])))
                    .map(cells -> cells[3]);
        } catch (IOException e) {
            return Stream.empty();
        }
    }

    private static String port(String address) {
        return address.substring(Math.max(0, address.lastIndexOf(':')));
    }
}
