package app.frenum.core.garage;

import app.frenum.core.quantity.FieldProblem;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Everything of a brake configuration that affects braking. A slot that is absent is as the vehicle came, whatever
 * that is.
 *
 * @param parts by the place they are fitted in
 * @param switches what is on or off; absent when it is not declared
 */
public record ConfigurationSpec(Map<Slot, Part> parts, Map<BrakeSwitch, Boolean> switches) {
    public static final ConfigurationSpec AS_IT_CAME = new ConfigurationSpec(Map.of(), Map.of());

    public ConfigurationSpec {
        parts = parts.isEmpty() ? Map.of() : new EnumMap<>(parts);
        switches = switches.isEmpty() ? Map.of() : new EnumMap<>(switches);
    }

    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        parts.forEach((slot, part) -> found.addAll(part.problems(slot, "parts." + slot)));
        return found;
    }

    /** What it is in every factor, in words; a factor that nothing was said of is absent. */
    public Map<String, String> levels() {
        Map<String, String> levels = new TreeMap<>();
        parts.forEach((slot, part) -> levels.merge(slot.factor(), Difference.told(part), ConfigurationSpec::both));
        switches.forEach(
                (s, on) -> levels.merge(s.factor(), s.label() + (on ? " on" : " off"), ConfigurationSpec::both));
        return levels;
    }

    private static String both(String one, String other) {
        return one.equals(other) ? one : one + ", " + other;
    }

    /** Pads that are new and were never bedded in. */
    public Map<Slot, Part> unbedded() {
        Map<Slot, Part> unbedded = new EnumMap<>(Slot.class);
        parts.forEach((slot, part) -> {
            if (slot.isPads() && part.needsBeddingIn()) {
                unbedded.put(slot, part);
            }
        });
        return unbedded;
    }
}
