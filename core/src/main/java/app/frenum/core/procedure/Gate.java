package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What must be true before a stop may start: disc temperature, and time since the last one.
 *
 * @param coldest lowest start temperature; absent when there is none
 * @param hottest highest start temperature
 * @param soonest shortest time from the start of one stop to the start of the next
 * @param latest longest time
 */
public record Gate(
        Optional<Quantity> coldest, Optional<Quantity> hottest, Optional<Quantity> soonest, Optional<Quantity> latest) {
    public static final Gate OPEN = new Gate(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

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
        upsideDown(
                coldest, hottest, path + ".hottest", "The gate is upside down: it must be above the coldest.", found);
        upsideDown(soonest, latest, path + ".latest", "The interval is upside down: it must be longer.", found);
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
