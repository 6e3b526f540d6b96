package app.frenum.core.balance;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * Brake forces of one visit to a roller brake tester. A wheel that locked on the rollers could give no more of its force
 * than they have grip for: its figure is a lower bound, and so is whatever hangs on it in the same sense.
 *
 * @param wheels those that were read; at least one
 */
public record RollerReading(Map<WheelPosition, Wheel> wheels) {
    public RollerReading {
        if (wheels.isEmpty()) {
            throw new IllegalArgumentException("a visit to the rollers reads at least one wheel");
        }
        wheels = new EnumMap<>(wheels);
    }

    /**
     * One wheel.
     *
     * @param forceN brake force at the rollers, N
     * @param locked whether it stopped turning there
     */
    public record Wheel(double forceN, boolean locked) {}

    /** What a figure is of what is true. */
    public enum Bound {
        EXACT,
        AT_LEAST,
        AT_MOST
    }

    /** A figure that may only be a bound. */
    public record Bounded(Figure figure, Bound bound) {
        private static Bounded unknown(String why) {
            return new Bounded(Figure.unknown(why), Bound.EXACT);
        }
    }

    private static final String LOCKED =
            "a wheel locked on the rollers, so that its force is only known to be at least that";

    /** How unlike the wheels of an axle brake: {@code |L − R| / max(L, R)}, 0 to 1. */
    public Bounded imbalance(boolean front) {
        Wheel left = wheels.get(front ? WheelPosition.FRONT_LEFT : WheelPosition.REAR_LEFT);
        Wheel right = wheels.get(front ? WheelPosition.FRONT_RIGHT : WheelPosition.REAR_RIGHT);
        if (left == null || right == null) {
            return Bounded.unknown("not both wheels of the axle were read");
        }
        boolean leftMore = left.forceN >= right.forceN;
        Wheel more = leftMore ? left : right;
        Wheel less = leftMore ? right : left;
        if (more.forceN <= 0) {
            return Bounded.unknown("neither wheel braked");
        }
        if (less.locked) {
            return Bounded.unknown(LOCKED);
        }
        return new Bounded(
                Figure.of((more.forceN - less.forceN) / more.forceN), more.locked ? Bound.AT_LEAST : Bound.EXACT);
    }

    /** Front share of the forces, 0 to 1. */
    public Bounded frontShare() {
        Optional<Double> front = axle(true);
        Optional<Double> rear = axle(false);
        if (front.isEmpty() || rear.isEmpty()) {
            return Bounded.unknown("not every wheel was read");
        }
        double sum = front.get() + rear.get();
        if (sum <= 0) {
            return Bounded.unknown("no wheel braked");
        }
        boolean frontLocked = isLocked(true);
        boolean rearLocked = isLocked(false);
        if (frontLocked && rearLocked) {
            return Bounded.unknown(LOCKED + ", on both axles");
        }
        return new Bounded(
                Figure.of(front.get() / sum), frontLocked ? Bound.AT_LEAST : rearLocked ? Bound.AT_MOST : Bound.EXACT);
    }

    /**
     * All forces over the weight, {@code ΣF / (m·g)}, 0 up.
     *
     * @param massKg as it stood on the rollers
     */
    public Bounded efficiency(Figure massKg) {
        if (axle(true).isEmpty() || axle(false).isEmpty()) {
            return Bounded.unknown("not every wheel was read");
        }
        if (!massKg.isKnown()) {
            return new Bounded(massKg, Bound.EXACT);
        }
        double sum = wheels.values().stream().mapToDouble(Wheel::forceN).sum();
        boolean locked = isLocked(true) || isLocked(false);
        return new Bounded(Figure.of(sum / (massKg.value() * Unit.G)), locked ? Bound.AT_LEAST : Bound.EXACT);
    }

    private boolean isLocked(boolean front) {
        return wheels.entrySet().stream()
                .anyMatch(e -> e.getKey().isFront() == front && e.getValue().locked());
    }

    /** Both wheels together, N; a motorcycle's one wheel is read as the left. */
    private Optional<Double> axle(boolean front) {
        double[] forces = wheels.entrySet().stream()
                .filter(e -> e.getKey().isFront() == front)
                .mapToDouble(e -> e.getValue().forceN())
                .toArray();
        return forces.length == 0
                ? Optional.empty()
                : Optional.of(Arrays.stream(forces).sum());
    }
}
