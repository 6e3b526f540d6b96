package app.frenum.core.garage;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A part or setting as it is fitted, described without naming its maker.
 *
 * @param description such as "semi-metallic, medium bite"
 * @param condition as far as it matters
 * @param cost in {@code currency}
 * @param currency its sign or letters as people write them, such as "€"; none where a cost was entered without
 * @param since when it was fitted, or fluid filled in
 * @param bedding for pads
 * @param worked what was done to it since it was made
 * @param figures as entered
 * @param uncertainties standard uncertainty of those figures that were measured with one; null for none
 */
public record Part(
        String description,
        Condition condition,
        Optional<Double> cost,
        Optional<String> currency,
        Optional<LocalDate> since,
        Optional<BeddingIn> bedding,
        Set<Work> worked,
        Map<PartField, Quantity> figures,
        Map<PartField, Quantity> uncertainties) {
    private static final int LONGEST = 300;
    private static final double DEAREST = 1e7;
    private static final Pattern CURRENCY = Pattern.compile("[\\p{Sc}\\p{L}]{1,3}");

    public Part {
        // A bundle from before parts could be worked on leaves it out.
        worked = worked == null || worked.isEmpty() ? Set.of() : EnumSet.copyOf(worked);
        figures = figures.isEmpty() ? Map.of() : new EnumMap<>(figures);
        uncertainties = uncertainties.isEmpty() ? Map.of() : new EnumMap<>(uncertainties);
    }

    /** How far used. */
    public enum Condition {
        NEW,
        BEDDED,
        WORN
    }

    /** A part of which only the description is known. */
    public static Part described(String description) {
        return new Part(
                description,
                Condition.BEDDED,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                Map.of(),
                Map.of());
    }

    /**
     * Whether the brakes cannot tell the two apart: description, condition, what was done
     * to it and what affects braking are the same.
     */
    boolean brakesLike(Part other) {
        return description.strip().equalsIgnoreCase(other.description.strip())
                && condition == other.condition
                && worked.equals(other.worked)
                && Objects.equals(affecting(), other.affecting());
    }

    private Map<PartField, Double> affecting() {
        return figures.entrySet().stream()
                .filter(e -> e.getKey().affectsBraking())
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().inside()));
    }

    /** Whether new pads still have to be bedded in. */
    public boolean needsBeddingIn() {
        return condition == Condition.NEW && bedding.map(b -> !b.done()).orElse(true);
    }

    List<FieldProblem> problems(Slot slot, String path) {
        List<FieldProblem> found = new ArrayList<>();
        if (description.isBlank() || description.length() > LONGEST) {
            found.add(new FieldProblem(path + ".description", "Describe it in 1 to " + LONGEST + " characters."));
        }
        if (cost.filter(c -> !(c >= 0 && c <= DEAREST)).isPresent()) {
            found.add(new FieldProblem(path + ".cost", "A cost must be 0 or more."));
        }
        if (currency.filter(c -> !CURRENCY.matcher(c).matches()).isPresent()) {
            found.add(
                    new FieldProblem(path + ".cost", "A currency is a sign or up to three letters, such as € or CHF."));
        }
        if (!worked.isEmpty() && !slot.isWorked()) {
            found.add(new FieldProblem(
                    path + ".worked",
                    "Only discs, drums, pads and linings are worked on, not %s.".formatted(slot.label())));
        }
        figures.forEach((field, entered) -> {
            String at = path + ".figures." + field;
            if (slot.takes(field)) {
                field.bounds().problem(entered).ifPresent(m -> found.add(new FieldProblem(at, m)));
            } else {
                found.add(new FieldProblem(at, "%s has no such figure.".formatted(slot.label())));
            }
        });
        found.addAll(Uncertainties.problems(figures, uncertainties, path));
        upsideDown(PartField.PAD_WINDOW_LOW, PartField.PAD_WINDOW_HIGH, path, found);
        upsideDown(PartField.WET_BOILING_POINT, PartField.DRY_BOILING_POINT, path, found);
        bedding.ifPresent(b -> found.addAll(b.problems(path + ".bedding")));
        return found;
    }

    private void upsideDown(PartField low, PartField high, String path, List<FieldProblem> found) {
        if (figures.containsKey(low)
                && figures.containsKey(high)
                && figures.get(low).inside() >= figures.get(high).inside()) {
            found.add(new FieldProblem(
                    path + ".figures." + high,
                    "It must be above \"%s\".".formatted(low.label().toLowerCase(Locale.ROOT))));
        }
    }
}
