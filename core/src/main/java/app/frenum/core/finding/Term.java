package app.frenum.core.finding;

import java.util.ArrayList;
import java.util.List;

/** A parameter of a finding. */
public sealed interface Term {
    /**
     * A quantity.
     *
     * @param kind of what
     * @param inside in the inside unit of its kind
     * @param step the last digit that it deserves, in the same unit
     */
    record Amount(AmountKind kind, double inside, double step) implements Term {}

    /** How many. */
    record Count(long n) implements Term {}

    /** What people called something. */
    record Name(String text) implements Term {}

    /** Several terms, named one after another. */
    record All(List<Term> terms) implements Term {
        public All {
            terms = List.copyOf(terms);
        }
    }

    /** Another finding, in the middle of the sentence. */
    record Said(Finding finding) implements Term {}

    /** °C, to a degree. */
    static Term temperature(double celsius) {
        return new Amount(AmountKind.TEMPERATURE, celsius, 1);
    }

    /** How far apart, °C, to a degree. */
    static Term temperatureApart(double celsius) {
        return new Amount(AmountKind.TEMPERATURE_DIFFERENCE, celsius, 1);
    }

    /** s, to a second. */
    static Term seconds(double seconds) {
        return new Amount(AmountKind.TIME, seconds, 1);
    }

    /** m, to a step of it. */
    static Term distance(double metres, double step) {
        return new Amount(AmountKind.DISTANCE, metres, step);
    }

    /** m/s, to a km/h. */
    static Term speed(double mps) {
        return new Amount(
                AmountKind.SPEED, mps, AmountKind.SPEED.unit(UnitSystem.METRIC).toInside(1));
    }

    /** A number of times, to a tenth. */
    static Term times(double times) {
        return new Amount(AmountKind.TIMES, times, 0.1);
    }

    static Term name(String text) {
        return new Name(text);
    }

    static Term count(long n) {
        return new Count(n);
    }

    static Term names(Iterable<String> texts) {
        List<Term> all = new ArrayList<>();
        texts.forEach(t -> all.add(new Name(t)));
        return new All(all);
    }
}
