package app.frenum.core.log;

import app.frenum.core.quantity.Dimension;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The health card of a log: what a careful reader would notice in its clock and its channels before believing
 * any figure from it. Offsets are found by {@link Calibration}, what is wrong with the file itself by whoever
 * read the file.
 */
public final class HealthCheck {
    /** Spread of the sample interval, as a share of its median, from which the clock is called uneven. */
    private static final double JITTER_SHARE = 0.2;

    private HealthCheck() {}

    public static List<HealthFinding> of(Log log) {
        List<HealthFinding> found = new ArrayList<>(clock(log));
        Neighbour neighbour = new Neighbour(log);
        List<ChannelWatch> watches = new ArrayList<>();
        for (int c = 0; c < log.channels().size(); c++) {
            watches.add(new ChannelWatch(log, c, neighbour));
        }
        // Block by block rather than channel by channel, so that each block is unpacked once.
        for (int from = 0; from < log.rows(); from += SampleBlock.ROWS) {
            int to = Math.min(log.rows(), from + SampleBlock.ROWS);
            double[] t = log.times(from, to);
            neighbour.enter(from, to);
            for (int c = 0; c < watches.size(); c++) {
                watches.get(c).seeAll(from, t, log.values(c, from, to));
            }
        }
        watches.forEach(w -> found.addAll(w.finish()));
        return found;
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

    private static List<HealthFinding> clock(Log log) {
        List<HealthFinding> found = new ArrayList<>();
        double rate = rateHz(log);
        if (rate == 0) {
            return found;
        }
        double bridge = Signal.longestBridge(1 / rate);
        double sum = 0;
        double squares = 0;
        long n = 0;
        double previous = Double.NaN;
        for (int from = 0; from < log.rows(); from += SampleBlock.ROWS) {
            for (double t : log.times(from, Math.min(log.rows(), from + SampleBlock.ROWS))) {
                double d = t - previous;
                if (d > bridge) {
                    found.add(new HealthFinding(
                            HealthCode.GAP,
                            "",
                            String.format(
                                    Locale.ROOT,
                                    "no rows for %.1f s from %.2f s; nothing is interpolated across",
                                    d,
                                    previous),
                            previous,
                            t));
                } else if (d > 0) {
                    sum += d;
                    squares += d * d;
                    n++;
                }
                previous = t;
            }
        }
        double mean = sum / Math.max(1, n);
        double sd = Math.sqrt(Math.max(0, squares / Math.max(1, n) - mean * mean));
        if (n > 2 && sd > JITTER_SHARE / rate) {
            found.add(HealthFinding.ofLog(
                    HealthCode.JITTER,
                    String.format(
                            Locale.ROOT,
                            "the sample interval varies by %.0f %% of its median %.3f s",
                            100 * sd * rate,
                            1 / rate)));
        }
        return summarised(found, HealthCode.GAP, "");
    }

    /** Lowest and highest sample of a channel. */
    static double[] range(Log log, int c) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int from = 0; from < log.rows(); from += SampleBlock.ROWS) {
            for (double x : log.values(c, from, Math.min(log.rows(), from + SampleBlock.ROWS))) {
                low = x < low ? x : low;
                high = x > high ? x : high;
            }
        }
        return new double[] {low, high};
    }

    /** Many findings of one kind read as one: the longest, and how many more. */
    static List<HealthFinding> summarised(List<HealthFinding> found, HealthCode code, String channel) {
        List<HealthFinding> same = found.stream().filter(f -> f.code() == code).toList();
        if (same.size() <= 20) {
            return found;
        }
        List<HealthFinding> out = new ArrayList<>(found);
        out.removeAll(same.subList(20, same.size()));
        out.add(new HealthFinding(
                code,
                channel,
                "and %d more of these".formatted(same.size() - 20),
                same.get(20).fromS(),
                same.get(same.size() - 1).toS()));
        return out;
    }

    /** What shows that the car moved while a channel did not: speed, or deceleration for the speed channel itself. */
    static final class Neighbour {
        private final Log log;
        private final int speed;
        private final int deceleration;
        private double[] v = {};
        private double[] a = {};

        Neighbour(Log log) {
            this.log = log;
            this.speed = log.channel(Role.SPEED).orElse(-1);
            this.deceleration = log.channel(Role.DECELERATION)
                    .or(() -> log.channel(Role.ACCELERATION))
                    .orElse(-1);
        }

        void enter(int from, int to) {
            v = speed >= 0 ? log.values(speed, from, to) : v;
            a = deceleration >= 0 ? log.values(deceleration, from, to) : a;
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
