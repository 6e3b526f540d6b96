package app.frenum.core.series;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.statistics.Summary;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Looks through stops that are being entered for what a tired person types: a foot among metres, a time in the column of
 * distances, a digit too many. What it finds may be true; it is said before it is kept.
 */
public final class EntryDoubts {
    /** The entry speed of a stop that counts is this near to the nominal one. Handbook, "Validity of a stop". */
    private static final double OF_NOMINAL = 0.1;

    /** Further from the middle of its own kind than this, as a ratio, is rather another unit than a bad stop. */
    private static final double UNLIKE = 1.6;

    private static final int FEWEST_TO_BE_UNLIKE = 4;
    /** No road tyre holds more, m/s². */
    private static final double HARDEST = 14;

    private static final double SOFTEST = 1.5;
    /** Constant deceleration needs v = 2s/t; a real stop's deceleration differs along the way, and a stopwatch by 0.2 s. */
    private static final double TIME_BY_DISTANCE = 0.3;

    /** Which figure of an entry is doubted. */
    public enum Place {
        DISTANCE,
        TIME,
        ENTRY_SPEED,
        END_TEMPERATURE,
        SECONDS_AFTER_REST
    }

    /**
     * A doubt.
     *
     * @param wheel whose temperature it is; empty for every other figure
     */
    public record Doubt(Place place, Optional<WheelPosition> wheel, Finding finding) {
        static Doubt of(Place place, EntryDoubt code, Term... terms) {
            return new Doubt(place, Optional.empty(), Finding.of(code, terms));
        }
    }

    /** What is doubted of stops that are brought into a test from another speed than it asks for; empty where they are not. */
    public static Optional<Finding> ofAnotherTest(Figure foundMps, double nominalMps) {
        return foundMps.isKnown() && apart(foundMps.value(), nominalMps) > OF_NOMINAL
                ? Optional.of(
                        Finding.of(EntryDoubt.OF_ANOTHER_TEST, Term.speed(foundMps.value()), Term.speed(nominalMps)))
                : Optional.empty();
    }

    private final Optional<Double> nominalMps;
    private final Map<Optional<Double>, List<HandEntry>> like;
    private final Map<Usual, OptionalDouble> known = new HashMap<>();

    /** The middle of what was entered in one place of all stops from one speed. */
    private record Usual(Place place, Optional<Double> nominalMps) {}

    private EntryDoubts(Optional<Double> nominalMps, List<HandEntry> all) {
        this.nominalMps = nominalMps;
        this.like = all.stream().collect(Collectors.groupingBy(this::nominal));
    }

    /**
     * What is doubted of each entry.
     *
     * @param nominalMps that they were to begin at, where they do not say so themselves
     * @param all of one test, whatever their configuration: no change of brakes makes metres of feet
     */
    public static List<List<Doubt>> of(List<HandEntry> all, Optional<Double> nominalMps) {
        EntryDoubts doubts = new EntryDoubts(nominalMps, all);
        return all.stream().map(doubts::of).toList();
    }

    private List<Doubt> of(HandEntry entry) {
        List<Doubt> found = new ArrayList<>();
        unlike(entry, HandEntry::distance, Place.DISTANCE, AmountKind.DISTANCE, 0.1)
                .ifPresent(found::add);
        unlike(entry, HandEntry::time, Place.TIME, AmountKind.TIME, 0.01).ifPresent(found::add);
        Optional<Double> nominal = nominal(entry);
        Optional<Double> entered = entry.entrySpeed().map(Quantity::inside);
        if (nominal.isPresent() && entered.isPresent() && apart(entered.get(), nominal.get()) > OF_NOMINAL) {
            found.add(Doubt.of(
                    Place.ENTRY_SPEED,
                    EntryDoubt.ANOTHER_SPEED,
                    Term.speedToTenth(entered.get()),
                    Term.speedToTenth(nominal.get())));
        }
        entered.or(() -> nominal).ifPresent(v -> asksFor(entry, v).ifPresent(found::add));
        found.addAll(temperatures(entry));
        return found;
    }

    private Optional<Double> nominal(HandEntry entry) {
        return entry.nominalSpeed().map(Quantity::inside).or(() -> nominalMps);
    }

    private static double apart(double a, double b) {
        return Math.abs(a / b - 1);
    }

    /** Against the middle of all that were to begin at the same speed. */
    private Optional<Doubt> unlike(
            HandEntry entry, Function<HandEntry, Optional<Quantity>> which, Place place, AmountKind kind, double step) {
        Optional<Double> own = which.apply(entry).map(Quantity::inside);
        OptionalDouble middle = known.computeIfAbsent(new Usual(place, nominal(entry)), u -> middle(u, which));
        if (own.isEmpty() || middle.isEmpty()) {
            return Optional.empty();
        }
        double ratio = own.get() / middle.getAsDouble();
        return ratio < UNLIKE && ratio > 1 / UNLIKE
                ? Optional.empty()
                : Optional.of(Doubt.of(
                        place,
                        EntryDoubt.UNLIKE_THE_OTHERS,
                        new Term.Amount(kind, own.get(), step),
                        Term.times(ratio),
                        new Term.Amount(kind, middle.getAsDouble(), step)));
    }

    private OptionalDouble middle(Usual usual, Function<HandEntry, Optional<Quantity>> which) {
        double[] all = like.getOrDefault(usual.nominalMps(), List.of()).stream()
                .flatMap(o -> which.apply(o).stream())
                .mapToDouble(Quantity::inside)
                .toArray();
        return all.length < FEWEST_TO_BE_UNLIKE
                ? OptionalDouble.empty()
                : OptionalDouble.of(Summary.of(all).median().value());
    }

    /** What stopping so short from there would take: v²/2s, or v/t. */
    private static Optional<Doubt> asksFor(HandEntry entry, double mps) {
        Optional<Double> s = entry.distance().map(Quantity::inside);
        Optional<Double> t = entry.time().map(Quantity::inside);
        if (s.isPresent() && t.isPresent() && apart(2 * s.get() / t.get(), mps) > TIME_BY_DISTANCE) {
            return Optional.of(Doubt.of(
                    Place.TIME,
                    EntryDoubt.TIME_AND_DISTANCE_DISAGREE,
                    Term.speed(2 * s.get() / t.get()),
                    Term.speed(mps)));
        }
        Optional<Double> asked = s.map(m -> mps * mps / (2 * m)).or(() -> t.map(seconds -> mps / seconds));
        Place place = s.isPresent() ? Place.DISTANCE : Place.TIME;
        if (asked.isPresent() && asked.get() > HARDEST) {
            return Optional.of(Doubt.of(place, EntryDoubt.NOTHING_STOPS_SO_HARD, Term.deceleration(asked.get())));
        }
        return asked.filter(a -> a < SOFTEST).map(a -> Doubt.of(place, EntryDoubt.HARDLY_BRAKED, Term.deceleration(a)));
    }

    private static List<Doubt> temperatures(HandEntry entry) {
        List<Doubt> found = new ArrayList<>();
        for (Map.Entry<WheelPosition, Quantity> end : entry.endTemperatures().entrySet()) {
            Quantity start = entry.startTemperatures().get(end.getKey());
            if (start != null && end.getValue().inside() < start.inside()) {
                found.add(new Doubt(
                        Place.END_TEMPERATURE,
                        Optional.of(end.getKey()),
                        Finding.of(
                                EntryDoubt.COOLER_AFTER,
                                Term.temperature(end.getValue().inside()),
                                Term.temperature(start.inside()))));
            }
        }
        if (!entry.endTemperatures().isEmpty() && entry.secondsAfterRest().isEmpty()) {
            found.add(Doubt.of(Place.SECONDS_AFTER_REST, EntryDoubt.READ_WHEN));
        }
        return found;
    }
}
