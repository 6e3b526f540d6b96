package app.frenum.core.log;

import app.frenum.core.finding.Term;
import java.util.List;

/** Watches one channel's samples go by and notes what a sensor in order would not do. */
final class ChannelWatch {
    private static final double STUCK_SECONDS = 2;
    private static final double THERMOCOUPLE_JUMP = 200;
    private static final double OPEN_THERMOCOUPLE = 500;
    private static final int NEGATIVE_ENOUGH = 3;
    private static final double NEGATIVE_MPS = -0.3;
    private static final double MISSING_SHARE = 0.01;

    private final Channel channel;
    private final HealthCheck.Neighbour neighbour;
    private final Findings found;
    private final boolean isSpeed;
    private final boolean isTemperature;
    private final boolean mustMove;
    private final boolean canSaturate;
    private final double[] plausible;
    private final int index;
    private final Presence presence = new Presence();
    private final RailWatch top;
    private final RailWatch bottom;
    private double previous = Double.NaN;
    private double sameSince;
    private double busySeconds;
    private double lastTime = Double.NaN;
    private int negatives;

    ChannelWatch(Channel channel, int index, HealthCheck.Neighbour neighbour) {
        this.index = index;
        this.channel = channel;
        found = new Findings(channel.name());
        this.neighbour = neighbour;
        Role role = channel.role();
        isSpeed = role == Role.SPEED || role.isWheelSpeed();
        isTemperature = role.isDiscTemperature();
        mustMove = isSpeed || role == Role.DECELERATION || role == Role.ACCELERATION;
        canSaturate = mustMove
                || role == Role.PRESSURE_FRONT
                || role == Role.PRESSURE_REAR
                || role == Role.PEDAL_FORCE
                || role == Role.PEDAL_TRAVEL;
        plausible = role.dimension()
                .map(d -> HealthCheck.plausible(role, d))
                .orElse(new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY});
        top = new RailWatch(channel.name(), 1);
        bottom = new RailWatch(channel.name(), -1);
    }

    /** Watches {@code n} rows go by, from row {@code firstRow} of the log on; NaN where a sample is missing. */
    void seeAll(int firstRow, int n, double[] t, double[] values) {
        for (int i = 0; i < n; i++) {
            if (!Double.isNaN(values[i])) {
                presence.seen(firstRow + i);
                see(i, t[i], values[i]);
            }
        }
    }

    private void see(int i, double t, double x) {
        if (mustMove) {
            stuck(i, t, x);
        }
        if (canSaturate || isTemperature) {
            boolean busy = canSaturate && neighbour.busy(index, i);
            top.see(t, x, busy);
            // A lowest value of exactly 0 is a sensor at rest, not one at its rail.
            bottom.see(t, x, busy && x != 0 && neighbour.moving(index, i));
        }
        if (isTemperature && Math.abs(x - previous) > THERMOCOUPLE_JUMP) {
            found.add(LogFinding.JUMPS, t, t, Term.temperature(previous), Term.temperature(x), Term.at(t));
        }
        if (x < plausible[0] || x > plausible[1]) {
            found.add(LogFinding.READS, t, t, Term.reading(channel.role().dimension(), x), Term.at(t));
        }
        if (isSpeed && x < NEGATIVE_MPS && ++negatives == NEGATIVE_ENOUGH) {
            found.add(LogFinding.BACKWARDS, t, t, Term.speedToTenth(x), Term.at(t));
        }
        previous = x;
        lastTime = t;
    }

    private void stuck(int i, double t, double x) {
        if (x == previous) {
            busySeconds += neighbour.busy(index, i) ? t - lastTime : 0;
            return;
        }
        endOfSame();
        sameSince = t;
        busySeconds = 0;
    }

    private void endOfSame() {
        // A wheel that stands still while the car moves is locked, not stuck.
        boolean lockedWheel = channel.role().isWheelSpeed() && previous == 0;
        if (busySeconds > STUCK_SECONDS && !lockedWheel) {
            found.add(LogFinding.ONE_VALUE, sameSince, lastTime, Term.at(sameSince), Term.at(lastTime));
        }
    }

    /** @param rows how many rows the whole log has */
    List<HealthFinding> findings(int rows) {
        endOfSame();
        boolean moved = top.rail() > bottom.rail();
        if (canSaturate && moved) {
            found.addAll(top.findings());
            found.addAll(bottom.findings());
        }
        if (isTemperature && !moved && Math.abs(top.rail()) > OPEN_THERMOCOUPLE && presence.any()) {
            found.add(LogFinding.STANDS_THROUGHOUT, 0, lastTime, Term.temperature(top.rail()));
        }
        double missing = presence.missingShare(rows);
        if (missing > MISSING_SHARE) {
            found.add(LogFinding.EMPTY_CELLS, 0, lastTime, Term.share(missing));
        }
        return found.list();
    }
}
