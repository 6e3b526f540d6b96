package app.frenum.server.device;

import app.frenum.core.log.Channel;
import app.frenum.core.log.Role;
import app.frenum.core.log.RoleNames;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.PlainText;
import app.frenum.server.problem.Problem;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A log as declared in a hello, understood: names recognised as in a log file's header, units known.
 *
 * @param startedAt what the device's clock said at time 0
 */
record OpenLog(UUID id, Instant startedAt, List<Channel> channels) {
    private static final int MOST_CHANNELS = 64;
    private static final double FASTEST_HZ = 1000;
    private static final int LONGEST_NAME = 100;
    private static final int MOST_ROWS = 2000;

    static OpenLog of(Frame.DeclaredLog log) {
        if (log.id() == null || log.startedAt() == null || log.channels() == null) {
            throw Problem.invalid("log", "A log is declared with its id, startedAt, rateHz and channels.");
        }
        if (log.channels().isEmpty() || log.channels().size() > MOST_CHANNELS) {
            throw Problem.invalid(
                    "channels",
                    "%d channels declared. It must be 1 to %d."
                            .formatted(log.channels().size(), MOST_CHANNELS));
        }
        if (!(log.rateHz() > 0 && log.rateHz() <= FASTEST_HZ)) {
            throw Problem.invalid(
                    "rateHz", "%s Hz declared. It must be above 0, at most %.0f.".formatted(log.rateHz(), FASTEST_HZ));
        }
        List<Channel> channels = new ArrayList<>();
        Set<Role> taken = new HashSet<>();
        for (Frame.DeclaredChannel declared : log.channels()) {
            Channel channel = channel(declared);
            channels.add(channel.role() == Role.EXTRA || taken.add(channel.role()) ? channel : channel.as(Role.EXTRA));
        }
        return new OpenLog(log.id(), log.startedAt(), List.copyOf(channels));
    }

    private static Channel channel(Frame.DeclaredChannel declared) {
        String name = Optional.ofNullable(declared.name()).orElse("").strip();
        if (name.isEmpty()
                || name.length() > LONGEST_NAME
                || PlainText.firstForeign(name).isPresent()) {
            throw Problem.invalid(
                    "channels",
                    "A channel has a name of 1 to %d characters that can be shown.".formatted(LONGEST_NAME));
        }
        String written = Optional.ofNullable(declared.unit()).orElse("").strip();
        Unit unit = written.isEmpty()
                ? Unit.ONE
                : Unit.of(written)
                        .orElseThrow(() -> Problem.invalid(
                                "channels",
                                "\"%s\" of channel \"%s\" is not a unit known here.".formatted(written, name)));
        Role role = RoleNames.recognise(name);
        boolean fits = role.isSwitch()
                || role.dimension().filter(d -> d == unit.dimension()).isPresent();
        return new Channel(name, fits ? role : Role.EXTRA, unit);
    }

    /**
     * Rows as columns, the times first.
     *
     * @throws Problem when a row is not as the log was declared
     */
    double[][] columns(Double[][] rows) {
        int width = 1 + channels.size();
        if (rows == null || rows.length == 0 || rows.length > MOST_ROWS) {
            throw Problem.invalid("rows", "A batch has 1 to %d rows.".formatted(MOST_ROWS));
        }
        double[][] columns = new double[width][rows.length];
        for (int r = 0; r < rows.length; r++) {
            Double[] row = rows[r];
            if (row == null || row.length != width) {
                throw Problem.invalid(
                        "rows",
                        "Row %d has %d numbers; it must be the time and %d channels."
                                .formatted(r + 1, row == null ? 0 : row.length, channels.size()));
            }
            for (int c = 0; c < width; c++) {
                columns[c][r] = number(row[c], c, r);
            }
        }
        return columns;
    }

    private static double number(Double x, int column, int row) {
        if (x == null && column > 0) {
            return Double.NaN;
        }
        if (x == null || !Double.isFinite(x)) {
            throw Problem.invalid(
                    "rows",
                    "Number %d of row %d is none. Send null for a missing sample.".formatted(column + 1, row + 1));
        }
        return x;
    }
}
