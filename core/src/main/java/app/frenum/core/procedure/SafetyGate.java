package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The safety gate of a day: signed only when every check was seen to. No run starts before it.
 *
 * @param seen to
 */
public record SafetyGate(Set<SafetyCheck> seen) {
    public SafetyGate {
        seen = seen.isEmpty() ? Set.of() : EnumSet.copyOf(seen);
    }

    /** What keeps it from being signed; empty when nothing does. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        Arrays.stream(SafetyCheck.values())
                .filter(c -> !seen.contains(c))
                .forEach(c -> found.add(new FieldProblem("seen." + c, "Not seen to yet.")));
        return found;
    }
}
