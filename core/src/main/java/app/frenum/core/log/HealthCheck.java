package app.frenum.core.log;

import app.frenum.core.quantity.Dimension;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The health card of a log: what a careful reader would notice in its clock and its channels before believing
 * any figure from it. It watches the samples while they are read, so that a long log is gone through once.
 * Offsets are found by {@link Calibration}, what is wrong with the file itself by whoever reads the file.
 */
public final class HealthCheck {
    private final ClockWatch clock = new ClockWatch();
    private final List<ChannelWatch> watches = new ArrayList<>();
    private final Neighbour neighbour;

    public HealthCheck(List<Channel> channels) {
        neighbour = new Neighbour(channels);
        for (int c = 0; c < channels.size(); c++) {
            watches.add(new ChannelWatch(channels.get(c), c, neighbour));
        }
    }

    /**
     * Watches neighbouring rows go by, each once and in order.
     *
     * @param n how many rows
     * @param t their times, s
     * @param values per channel its samples in the inside unit of its dimension, NaN where missing
     */
    public void see(int n, double[] t, double[][] values) {
        neighbour.enter(values);
        for (int c = 0; c < watches.size(); c++) {
            watches.get(c).seeAll(clock.rows(), n, t, values[c]);
        }
        clock.see(n, t);
    }

    /** What was found in all rows seen. */
    public List<HealthFinding> findings() {
        List<HealthFinding> found = new ArrayList<>(clock.findings());
        watches.forEach(w -> found.addAll(w.findings(clock.rows())));
        return found;
    }

    /** The card of a log that is at hand already. */
    public static List<HealthFinding> of(Log log) {
        HealthCheck check = new HealthCheck(log.channels());
        double[][] values = new double[log.channels().size()][];
        for (int from = 0; from < log.rows(); from += SampleBlock.ROWS) {
            int to = Math.min(log.rows(), from + SampleBlock.ROWS);
            int first = from;
            Arrays.setAll(values, c -> log.values(c, first, to));
            check.see(to - from, log.times(from, to), values);
        }
        return check.findings();
    }

    /** Samples per second of one channel, which may be logged every so many rows only; 0 for a single row. */
    public static double rateHz(Log log, int channel) {
        Presence presence = new Presence();
        int n = Math.min(log.rows(), 100_000);
        double[] v = log.values(channel, 0, n);
        for (int i = 0; i < n; i++) {
            if (!Double.isNaN(v[i])) {
                presence.seen(i);
            }
        }
        return rateHz(log) / presence.usualSpacing();
    }

    /** Rows per second by the median interval; 0 for a log of one row. */
    public static double rateHz(Log log) {
        double period = new Signal(
                        log.times(0, Math.min(log.rows(), 100_000)), new double[Math.min(log.rows(), 100_000)])
                .period();
        return period > 0 ? 1 / period : 0;
    }

    /** What shows that the car moved while a channel did not: speed, or deceleration for the speed channel itself. */
    static final class Neighbour {
        private final int speed;
        private final int deceleration;
        private double[] v = {};
        private double[] a = {};

        Neighbour(List<Channel> channels) {
            List<Role> roles = channels.stream().map(Channel::role).toList();
            speed = roles.indexOf(Role.SPEED);
            deceleration = Math.max(roles.indexOf(Role.DECELERATION), roles.indexOf(Role.ACCELERATION));
        }

        void enter(double[][] values) {
            v = speed >= 0 ? values[speed] : v;
            a = deceleration >= 0 ? values[deceleration] : a;
        }

        boolean moving(int channel, int i) {
            return speed >= 0 && speed != channel && v[i] > 3;
        }

        boolean busy(int channel, int i) {
            return moving(channel, i) || deceleration >= 0 && deceleration != channel && Math.abs(a[i]) > 0.5;
        }
    }

    /** Bounds outside which no car's sensor can be right, in inside units. */
    static double[] plausible(Role role, Dimension dimension) {
        return switch (dimension) {
            case SPEED -> new double[] {-1, 140};
            case DECELERATION -> new double[] {-60, 60};
            case PRESSURE -> new double[] {-5, 400};
            case TEMPERATURE -> new double[] {-60, 1400};
            case LENGTH -> role == Role.PEDAL_TRAVEL ? new double[] {-0.05, 0.5} : new double[] {-500, 9000};
            default -> new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY};
        };
    }
}
