package app.frenum.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Watches one channel's samples go by and notes what a sensor in order would not do. */
final class ChannelWatch {
    private static final double STUCK_SECONDS = 2;
    private static final int SATURATED_SAMPLES = 5;
    private static final double THERMOCOUPLE_JUMP = 200;
    private static final int NEGATIVE_ENOUGH = 3;
    private static final double MISSING_SHARE = 0.01;

    private final Channel channel;
    private final HealthCheck.Neighbour neighbour;
    private final List<HealthFinding> found = new ArrayList<>();
    private final boolean mustMove;
    private final boolean canSaturate;
    private final double[] plausible;
    private final double[] range;
    private final int index;
    private final int rows;
    private final Presence presence = new Presence();
    private double previous = Double.NaN;
    private double sameSince;
    private double busySeconds;
    private double lastTime = Double.NaN;
    private int atRail;
    private double railSince;
    private int negatives;

    ChannelWatch(Log log, int index, HealthCheck.Neighbour neighbour) {
        this.index = index;
        this.channel = log.channels().get(index);
        this.neighbour = neighbour;
        rows = log.rows();
        Role role = channel.role();
        mustMove = role == Role.SPEED || role.isWheelSpeed() || role == Role.DECELERATION || role == Role.ACCELERATION;
        canSaturate = mustMove
                || role == Role.PRESSURE_FRONT
                || role == Role.PRESSURE_REAR
                || role == Role.PEDAL_FORCE
                || role == Role.PEDAL_TRAVEL;
        plausible = role.dimension()
                .map(d -> HealthCheck.plausible(role, d))
                .orElse(new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY});
        range = canSaturate || role.isDiscTemperature() ? HealthCheck.range(log, index) : new double[0];
    }

    /** Watches a block go by: rows from {@code firstRow}, NaN where a sample is missing. */
    void seeAll(int firstRow, double[] t, double[] values) {
        for (int i = 0; i < values.length; i++) {
            if (!Double.isNaN(values[i])) {
                presence.seen(firstRow + i);
                see(i, t[i], values[i]);
            }
        }
    }

    private void see(int i, double t, double x) {
        stuck(i, t, x);
        if (canSaturate) {
            saturated(i, t, x);
        }
        if (channel.role().isDiscTemperature() && Math.abs(x - previous) > THERMOCOUPLE_JUMP) {
            note(
                    HealthCode.OPEN_THERMOCOUPLE,
                    t,
                    t,
                    "jumps from %.0f to %.0f °C between two samples at %.2f s".formatted(previous, x, t));
        }
        if (x < plausible[0] || x > plausible[1]) {
            note(HealthCode.IMPLAUSIBLE_VALUE, t, t, String.format(Locale.ROOT, "reads %.4g at %.2f s", x, t));
        }
        if ((channel.role() == Role.SPEED || channel.role().isWheelSpeed())
                && x < -0.3
                && ++negatives == NEGATIVE_ENOUGH) {
            note(HealthCode.NEGATIVE_SPEED, t, t, String.format(Locale.ROOT, "reads %.2f m/s at %.2f s", x, t));
        }
        previous = x;
        lastTime = t;
    }

    private void stuck(int i, double t, double x) {
        if (x == previous) {
            busySeconds += mustMove && neighbour.busy(index, i) ? t - lastTime : 0;
            return;
        }
        endOfSame(lastTime);
        sameSince = t;
        busySeconds = 0;
    }

    private void endOfSame(double t) {
        // A wheel that stands still while the car moves is locked, not stuck.
        boolean lockedWheel = channel.role().isWheelSpeed() && previous == 0;
        if (busySeconds > STUCK_SECONDS && !lockedWheel) {
            note(
                    HealthCode.STUCK,
                    sameSince,
                    t,
                    String.format(
                            Locale.ROOT, "stays at one value from %.2f to %.2f s while the car moves", sameSince, t));
        }
    }

    private void saturated(int i, double t, double x) {
        // A lowest value of exactly 0 is a sensor at rest, not one at its rail.
        boolean high = x == range[1];
        boolean low = x == range[0] && x != 0 && neighbour.moving(index, i);
        boolean rail = (high || low) && range[1] > range[0] && neighbour.busy(index, i);
        if (!rail) {
            endOfRail(lastTime);
            return;
        }
        railSince = atRail == 0 ? t : railSince;
        atRail++;
    }

    private void endOfRail(double t) {
        if (atRail >= SATURATED_SAMPLES) {
            note(
                    HealthCode.SATURATED,
                    railSince,
                    t,
                    String.format(
                            Locale.ROOT,
                            "stands at the end of its range for %d samples from %.2f s",
                            atRail,
                            railSince));
        }
        atRail = 0;
    }

    private void note(HealthCode code, double from, double to, String message) {
        found.add(new HealthFinding(code, channel.name(), message, from, to));
    }

    List<HealthFinding> finish() {
        endOfSame(lastTime);
        endOfRail(lastTime);
        if (channel.role().isDiscTemperature()
                && range.length == 2
                && range[0] == range[1]
                && Math.abs(range[0]) > 500) {
            note(
                    HealthCode.OPEN_THERMOCOUPLE,
                    0,
                    lastTime,
                    String.format(Locale.ROOT, "stands at %.0f °C throughout: an open thermocouple", range[0]));
        }
        double missing = presence.missingShare(rows);
        if (missing > MISSING_SHARE) {
            note(
                    HealthCode.MISSING_CELLS,
                    0,
                    lastTime,
                    String.format(Locale.ROOT, "%.0f %% of its cells are empty", 100 * missing));
        }
        List<HealthFinding> out = found;
        for (HealthCode code : HealthCode.values()) {
            out = HealthCheck.summarised(out, code, channel.name());
        }
        return new ArrayList<>(out);
    }
}
