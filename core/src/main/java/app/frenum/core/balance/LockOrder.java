package app.frenum.core.balance;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopTrace;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Which axle locked first in a stop, by its wheels' speeds or by what somebody saw, and by how much.
 *
 * @param first the axle
 * @param marginS until a wheel of the other axle locked; unknown where none did
 * @param marginMps2 how much harder the vehicle slowed by then, m/s²; unknown where none did
 * @param heldToMps2 how hard the vehicle slowed with the other axle still turning, m/s²; unknown where that locked, too
 */
public record LockOrder(Axle first, Figure marginS, Figure marginMps2, Figure heldToMps2) {
    /** What it slowed by at a moment is the mean over this much on either side, s. */
    private static final double ABOUT_S = 0.05;

    /** By eye and ear: nobody timed it. */
    public static LockOrder seen(Axle first) {
        Figure none = Figure.unknown("it was seen and not timed");
        return new LockOrder(first, none, none, none);
    }

    /**
     * Empty where no wheel locked.
     *
     * @param trace of the stop, counted from its onset
     */
    public static Optional<LockOrder> of(MeasuredStop stop, StopTrace trace) {
        return axle(stop).map(first -> {
            double at = firstOf(stop, first == Axle.FRONT).orElseThrow() - stop.onsetS();
            OptionalDouble other = firstOf(stop, first != Axle.FRONT);
            if (other.isEmpty()) {
                Figure none = Figure.unknown("no wheel of the other axle locked");
                return new LockOrder(first, none, none, hardest(trace, at, stop.endS() - stop.onsetS()));
            }
            double then = other.getAsDouble() - stop.onsetS();
            return new LockOrder(
                    first,
                    Figure.of(then - at),
                    difference(slowing(trace, then), slowing(trace, at)),
                    Figure.unknown("both axles locked"));
        });
    }

    /** The axle that locked first; empty where none did. */
    public static Optional<Axle> axle(MeasuredStop stop) {
        OptionalDouble front = firstOf(stop, true);
        OptionalDouble rear = firstOf(stop, false);
        if (front.isEmpty() && rear.isEmpty()) {
            return Optional.empty();
        }
        boolean frontFirst = rear.isEmpty() || front.isPresent() && front.getAsDouble() <= rear.getAsDouble();
        return Optional.of(frontFirst ? Axle.FRONT : Axle.REAR);
    }

    private static OptionalDouble firstOf(MeasuredStop stop, boolean front) {
        return stop.lockedAtS().entrySet().stream()
                .filter(e -> e.getKey().isFront() == front)
                .mapToDouble(e -> e.getValue())
                .min();
    }

    private static Figure difference(OptionalDouble later, OptionalDouble earlier) {
        return later.isPresent() && earlier.isPresent()
                ? Figure.of(later.getAsDouble() - earlier.getAsDouble())
                : Figure.unknown("how hard it slowed was not logged");
    }

    private static OptionalDouble slowing(StopTrace trace, double at) {
        return between(trace, at - ABOUT_S, at + ABOUT_S).average();
    }

    private static Figure hardest(StopTrace trace, double from, double to) {
        OptionalDouble hardest = between(trace, from, to).max();
        return hardest.isPresent()
                ? Figure.of(hardest.getAsDouble())
                : Figure.unknown("how hard it slowed was not logged");
    }

    private static DoubleStream between(StopTrace trace, double from, double to) {
        double[] slowing = trace.lines().getOrDefault("deceleration", new double[0]);
        return IntStream.range(0, slowing.length)
                .filter(i -> trace.time()[i] >= from && trace.time()[i] <= to)
                .mapToDouble(i -> slowing[i])
                .filter(a -> !Double.isNaN(a));
    }
}
