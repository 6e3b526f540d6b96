package app.frenum.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Front share of line pressure while a log is being written: what it is while somebody brakes, and what it was over each of
 * the last stops. Pressures are counted from what the sensors read with the pedal free. Used by one thread at a time.
 */
public final class LiveShare {
    /** Braking is both lines above this; below it the quotient of two small pressures means nothing. */
    private static final double ABOVE_BAR = 1;
    /** With less than this on it, a line is free, whatever its sensor reads. */
    private static final double FREE_BAR = 2.5;
    /** How slowly the reading of a free line is followed, so that a touch of the pedal moves it little, s. */
    private static final double FOLLOWED_S = 3;
    /** A wheel that slips lets the pressure go for less than this. */
    private static final double RELEASED_S = 0.3;
    /** A shorter touch of the pedal is no stop. */
    private static final double SHORTEST_S = 0.8;
    /** A hole in the rows ends what went on before it. */
    private static final double HOLE_S = 1;

    private static final int REMEMBERED = 3;

    private final List<Double> last = new ArrayList<>();
    private double freeFront = Double.NaN;
    private double freeRear = Double.NaN;
    private double before = Double.NaN;
    private double weighted;
    private double seconds;
    private double offSince = Double.NaN;

    /**
     * What stands to be read.
     *
     * @param braking whether somebody brakes now
     * @param share over this braking so far; after the release that of the last stop
     * @param last of the last stops that are over, the newest first
     */
    public record Reading(boolean braking, OptionalDouble share, List<Double> last) {}

    /** Takes one row: s, and both lines in bar as their sensors read. */
    public void add(double t, double front, double rear) {
        if (Double.isNaN(front) || Double.isNaN(rear)) {
            return;
        }
        double dt = t - before;
        before = t;
        if (!(dt > 0 && dt < HOLE_S)) {
            over();
            dt = 0;
        }
        freeFront = free(freeFront, front, dt);
        freeRear = free(freeRear, rear, dt);
        double f = front - freeFront;
        double r = rear - freeRear;
        if (f > ABOVE_BAR && r > ABOVE_BAR) {
            weighted += dt * f / (f + r);
            seconds += dt;
            offSince = Double.NaN;
        } else if (seconds > 0) {
            offSince = Double.isNaN(offSince) ? t : offSince;
            if (t - offSince >= RELEASED_S) {
                over();
            }
        }
    }

    private static double free(double known, double reads, double dt) {
        if (Double.isNaN(known)) {
            return Math.abs(reads) < FREE_BAR ? reads : 0;
        }
        return Math.abs(reads - known) < ABOVE_BAR ? known + (reads - known) * Math.min(1, dt / FOLLOWED_S) : known;
    }

    private void over() {
        if (seconds >= SHORTEST_S) {
            last.add(0, weighted / seconds);
            if (last.size() > REMEMBERED) {
                last.remove(REMEMBERED);
            }
        }
        weighted = 0;
        seconds = 0;
        offSince = Double.NaN;
    }

    public Reading reading() {
        boolean braking = seconds > 0;
        OptionalDouble share = braking
                ? OptionalDouble.of(weighted / seconds)
                : last.stream().mapToDouble(s -> s).limit(1).findFirst();
        return new Reading(braking, share, List.copyOf(last));
    }
}
