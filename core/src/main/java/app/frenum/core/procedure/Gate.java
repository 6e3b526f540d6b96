package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What must be true before a stop may start: disc temperature, time since the last one and distance rolled since.
 *
 * @param coldest lowest start temperature; absent when there is none
 * @param hottest highest start temperature
 * @param soonest shortest time from the start of one stop to the start of the next
 * @param latest longest time
 * @param nearest shortest distance rolled from the rest of one stop to the braking of the next
 * @param furthest longest distance
 */
public record Gate(
        Optional<Quantity> coldest,
        Optional<Quantity> hottest,
        Optional<Quantity> soonest,
        Optional<Quantity> latest,
        Optional<Quantity> nearest,
        Optional<Quantity> furthest) {
    public static final Gate OPEN = timed(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** One that asks for no distance. */
    public static Gate timed(
            Optional<Quantity> coldest,
            Optional<Quantity> hottest,
            Optional<Quantity> soonest,
            Optional<Quantity> latest) {
        return new Gate(coldest, hottest, soonest, latest, Optional.empty(), Optional.empty());
    }

    /** Whether it asks how far the vehicle rolled since the stop before. */
    public boolean asksForDistance() {
        return nearest.isPresent() || furthest.isPresent();
    }

    /** Whether a stop may start at this temperature, °C. */
    public boolean isWarmEnough(double celsius) {
        return coldest.map(c -> celsius >= c.inside()).orElse(true);
    }

    /** Whether a stop may start at this temperature, °C. */
    public boolean isCoolEnough(double celsius) {
        return hottest.map(h -> celsius <= h.inside()).orElse(true);
    }

    List<FieldProblem> problems(String path) {
        List<FieldProblem> found = new ArrayList<>();
        check(coldest, PhaseField.COLDEST, path + ".coldest", found);
        check(hottest, PhaseField.HOTTEST, path + ".hottest", found);
        check(soonest, PhaseField.SOONEST, path + ".soonest", found);
        check(latest, PhaseField.LATEST, path + ".latest", found);
        check(nearest, PhaseField.NEAREST, path + ".nearest", found);
        check(furthest, PhaseField.FURTHEST, path + ".furthest", found);
        upsideDown(
                coldest, hottest, path + ".hottest", "The gate is upside down: it must be above the coldest.", found);
        upsideDown(soonest, latest, path + ".latest", "The interval is upside down: it must be longer.", found);
        upsideDown(nearest, furthest, path + ".furthest", "The distance is upside down: it must be longer.", found);
        return found;
    }

    private static void check(Optional<Quantity> entered, PhaseField of, String field, List<FieldProblem> found) {
        entered.flatMap(of.bounds()::problem).ifPresent(m -> found.add(new FieldProblem(field, m)));
    }

    private static void upsideDown(
            Optional<Quantity> low, Optional<Quantity> high, String field, String message, List<FieldProblem> found) {
        if (low.isPresent()
                && high.isPresent()
                && low.get().inside() >= high.get().inside()) {
            found.add(new FieldProblem(field, message));
        }
    }
}
