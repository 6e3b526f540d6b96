package app.frenum.core.garage;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What differs between two configurations.
 *
 * @param changes slot by slot and switch by switch
 * @param factors one word each, both axles of one kind together
 * @param massKg of the second less the first, over the parts that changed
 * @param massUncertaintyKg standard uncertainty of that, from the scales; only when every changed part has one
 * @param cost of the changed parts of the second; all in one currency or not computed
 * @param currency of that cost; none where none was entered with any of them
 * @param hours to fit the changed parts of the second
 */
public record Difference(
        List<Change> changes,
        List<String> factors,
        Figure massKg,
        Figure massUncertaintyKg,
        Figure cost,
        Optional<String> currency,
        Figure hours) {
    private static final double SECONDS_PER_HOUR = 3600;

    /** One slot or switch; what stood there before and after, in words. */
    public record Change(String place, String factor, String before, String after) {}

    public static Difference between(ConfigurationSpec a, ConfigurationSpec b) {
        List<Change> changes = new ArrayList<>();
        List<Slot> slots = new ArrayList<>();
        for (Slot slot : Slot.values()) {
            Part before = a.parts().get(slot);
            Part after = b.parts().get(slot);
            if (!alike(before, after)) {
                slots.add(slot);
                changes.add(new Change(slot.label(), slot.factor(), told(before), told(after)));
            }
        }
        for (BrakeSwitch s : BrakeSwitch.values()) {
            Boolean before = a.switches().get(s);
            Boolean after = b.switches().get(s);
            if (!Objects.equals(before, after)) {
                changes.add(new Change(s.label(), s.factor(), told(before), told(after)));
            }
        }
        List<Slot> weighed = slots.stream().filter(Slot::hasMass).toList();
        List<String> currencies = currencies(b, slots);
        return new Difference(
                List.copyOf(changes),
                changes.stream().map(Change::factor).distinct().toList(),
                mass(a, b, weighed),
                massUncertainty(a, b, weighed),
                currencies.size() > 1
                        ? Figure.unknown("the costs are in " + String.join(" and ", currencies))
                        : total(b, slots, p -> p.cost(), "cost"),
                currencies.stream().findFirst(),
                total(
                        b,
                        slots,
                        p -> Optional.ofNullable(p.figures().get(PartField.HOURS))
                                .map(q -> q.inside() / SECONDS_PER_HOUR),
                        "time"));
    }

    /** The same two in between: all of the first, and of the second only what belongs to one factor. */
    public static ConfigurationSpec inBetween(ConfigurationSpec a, ConfigurationSpec b, String factor) {
        Map<Slot, Part> parts = new EnumMap<>(Slot.class);
        for (Slot slot : Slot.values()) {
            Part part = (slot.factor().equals(factor) ? b : a).parts().get(slot);
            if (part != null) {
                parts.put(slot, part);
            }
        }
        Map<BrakeSwitch, Boolean> switches = new EnumMap<>(BrakeSwitch.class);
        for (BrakeSwitch s : BrakeSwitch.values()) {
            Boolean on = (s.factor().equals(factor) ? b : a).switches().get(s);
            if (on != null) {
                switches.put(s, on);
            }
        }
        return new ConfigurationSpec(parts, switches);
    }

    /** Whether all that changes is put on the discs or taken off them, which the phases of a procedure do themselves. */
    public boolean isTreatmentOnly() {
        return factors.equals(List.of(Slot.SURFACE_TREATMENT.factor()));
    }

    /** Whether all that changes is the cooling spray: its liquid, or whether it is on. */
    public boolean isSprayOnly() {
        return factors.equals(List.of(Slot.SPRAY_LIQUID.factor()));
    }

    /** Why a test of the two cannot name a cause; empty when at most one thing changed. */
    public Optional<String> warning() {
        if (factors.size() < 2) {
            return Optional.empty();
        }
        String last = factors.get(factors.size() - 1);
        String others = String.join(", ", factors.subList(0, factors.size() - 1));
        String told = "%s and %s change together: this test cannot tell which did it.".formatted(others, last);
        return Optional.of(told.substring(0, 1).toUpperCase(Locale.ROOT) + told.substring(1));
    }

    private static List<String> currencies(ConfigurationSpec c, List<Slot> slots) {
        return slots.stream()
                .flatMap(slot -> Optional.ofNullable(c.parts().get(slot)).stream())
                .flatMap(p -> p.currency().stream())
                .distinct()
                .toList();
    }

    private static boolean alike(@Nullable Part a, @Nullable Part b) {
        return a == null || b == null ? a == null && b == null : a.brakesLike(b);
    }

    static String told(@Nullable Part part) {
        if (part == null) {
            return "as it came";
        }
        StringBuilder out = new StringBuilder(part.description());
        if (part.condition() != Part.Condition.BEDDED) {
            out.append(", ").append(part.condition().name().toLowerCase(Locale.ROOT));
        }
        part.worked().forEach(w -> out.append(", ").append(w.label()));
        part.figures().forEach((field, q) -> {
            if (field.affectsBraking()) {
                String number = Double.toString(q.entered()).replaceAll("\\.0$", "");
                out.append(", ")
                        .append(field.label().toLowerCase(Locale.ROOT))
                        .append(' ')
                        .append(number)
                        .append(' ')
                        .append(q.unit().symbol());
            }
        });
        return out.toString().strip();
    }

    private static String told(@Nullable Boolean on) {
        return on == null ? "not declared" : on ? "on" : "off";
    }

    private static Figure mass(ConfigurationSpec a, ConfigurationSpec b, List<Slot> slots) {
        double sum = 0;
        for (Slot slot : slots) {
            Optional<Double> before = massOf(a.parts().get(slot));
            Optional<Double> after = massOf(b.parts().get(slot));
            if (before.isEmpty() || after.isEmpty()) {
                return Figure.unknown("the mass of the %s is not known on both sides".formatted(slot.label()));
            }
            sum += after.get() - before.get();
        }
        return Figure.of(sum);
    }

    /** The scales' steps in quadrature, one for each part on each side. */
    private static Figure massUncertainty(ConfigurationSpec a, ConfigurationSpec b, List<Slot> slots) {
        double squares = 0;
        for (Slot slot : slots) {
            for (ConfigurationSpec side : List.of(a, b)) {
                Figure own = Optional.ofNullable(side.parts().get(slot))
                        .map(p -> Uncertainties.of(p.uncertainties(), PartField.MASS, "mass of the " + slot.label()))
                        .orElse(Figure.unknown("the %s of one side are not described".formatted(slot.label())));
                if (!own.isKnown()) {
                    return own;
                }
                squares += own.value() * own.value();
            }
        }
        return Figure.of(Math.sqrt(squares));
    }

    private static Optional<Double> massOf(@Nullable Part part) {
        return Optional.ofNullable(part)
                .map(p -> p.figures().get(PartField.MASS))
                .map(Quantity::inside);
    }

    private static Figure total(
            ConfigurationSpec c, List<Slot> slots, Function<Part, Optional<Double>> of, String what) {
        double sum = 0;
        for (Slot slot : slots) {
            Optional<Double> own = Optional.ofNullable(c.parts().get(slot)).flatMap(of);
            if (own.isEmpty()) {
                return Figure.unknown("the %s of the %s is not entered".formatted(what, slot.label()));
            }
            sum += own.get();
        }
        return Figure.of(sum);
    }
}
