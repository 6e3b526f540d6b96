package app.frenum.core.balance;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.MeasuredStop;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Which axle locked first in a stop, by its wheels' speeds, and by how much.
 *
 * @param first the axle
 * @param atS when, in the log's own time
 * @param marginS until a wheel of the other axle locked; unknown where none did
 */
public record LockOrder(Axle first, double atS, Figure marginS) {
    /** Empty where no wheel locked. */
    public static Optional<LockOrder> of(MeasuredStop stop) {
        OptionalDouble front = firstOf(stop, true);
        OptionalDouble rear = firstOf(stop, false);
        if (front.isEmpty() && rear.isEmpty()) {
            return Optional.empty();
        }
        boolean frontFirst = rear.isEmpty() || front.isPresent() && front.getAsDouble() <= rear.getAsDouble();
        double at = frontFirst ? front.getAsDouble() : rear.getAsDouble();
        OptionalDouble other = frontFirst ? rear : front;
        return Optional.of(new LockOrder(
                frontFirst ? Axle.FRONT : Axle.REAR,
                at,
                other.isPresent()
                        ? Figure.of(other.getAsDouble() - at)
                        : Figure.unknown("no wheel of the other axle locked")));
    }

    private static OptionalDouble firstOf(MeasuredStop stop, boolean front) {
        return stop.lockedAtS().entrySet().stream()
                .filter(e -> e.getKey().isFront() == front)
                .mapToDouble(e -> e.getValue())
                .min();
    }
}
