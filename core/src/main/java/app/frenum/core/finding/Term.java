package app.frenum.core.finding;

import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A parameter of a finding. */
public sealed interface Term {
    /**
     * A quantity.
     *
     * @param kind of what
     * @param inside in the inside unit of its kind
     * @param step the last digit that it deserves, in the same unit
     * @param plusMinus half-width of its 95 % interval, where it is said with one
     */
    record Amount(AmountKind kind, double inside, double step, OptionalDouble plusMinus) implements Term {
        public Amount(AmountKind kind, double inside, double step) {
            this(kind, inside, step, OptionalDouble.empty());
        }

        /** The same to another last digit. */
        public Amount step(double other) {
            return new Amount(kind, inside, other, plusMinus);
        }

        /** The same with its interval, where that is known. */
        public Amount within(Figure half) {
            return new Amount(
                    kind, inside, step, half.isKnown() ? OptionalDouble.of(half.value()) : OptionalDouble.empty());
        }
    }

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

    /** Another finding, in the middle of the sentence. */
    static Term said(Finding finding) {
        return new Said(finding);
    }

    /** °C, to a degree. */
    static Term temperature(double celsius) {
        return new Amount(AmountKind.TEMPERATURE, celsius, 1);
    }

    /** °C, to a step of it. */
    static Term temperature(double celsius, double step) {
        return new Amount(AmountKind.TEMPERATURE, celsius, step);
    }

    /** How far apart, °C, to a degree. */
    static Term temperatureApart(double celsius) {
        return new Amount(AmountKind.TEMPERATURE_DIFFERENCE, celsius, 1);
    }

    /** s, to a second. */
    static Term seconds(double seconds) {
        return new Amount(AmountKind.TIME, seconds, 1);
    }

    /** s, to a step of it. */
    static Term seconds(double seconds, double step) {
        return new Amount(AmountKind.TIME, seconds, step);
    }

    /** When in a log, s from its first row, to a hundredth. */
    static Term at(double seconds) {
        return seconds(seconds, 0.01);
    }

    /** m/s², to a hundredth. */
    static Term deceleration(double mps2) {
        return new Amount(AmountKind.DECELERATION, mps2, 0.01);
    }

    /** bar, to a tenth. */
    static Term pressure(double bar) {
        return new Amount(AmountKind.PRESSURE, bar, 0.1);
    }

    /** A share of one, to a percent. */
    static Amount share(double share) {
        return new Amount(AmountKind.SHARE, share, 0.01);
    }

    /** m/s, to a tenth of a km/h. */
    static Term speedToTenth(double mps) {
        return new Amount(
                AmountKind.SPEED, mps, AmountKind.SPEED.unit(UnitSystem.METRIC).toInside(0.1));
    }

    /** What a sensor tells, to three digits; a plain number where its dimension has no kind here. */
    static Term reading(Optional<Dimension> dimension, double inside) {
        double step = Math.pow(10, Math.floor(Math.log10(Math.max(Math.abs(inside), 1e-9))) - 2);
        return new Amount(dimension.flatMap(AmountKind::of).orElse(AmountKind.TIMES), inside, step);
    }

    /** m, to a step of it. */
    static Amount distance(double metres, double step) {
        return new Amount(AmountKind.DISTANCE, metres, step);
    }

    /** m/s, to a km/h. */
    static Term speed(double mps) {
        return new Amount(
                AmountKind.SPEED, mps, AmountKind.SPEED.unit(UnitSystem.METRIC).toInside(1));
    }

    /** m, to a millimetre of it. */
    static Term millimetres(double metres) {
        return new Amount(AmountKind.THICKNESS, metres, 0.001);
    }

    /** A number of times, to a tenth. */
    static Term times(double times) {
        return times(times, 0.1);
    }

    static Term times(double times, double step) {
        return new Amount(AmountKind.TIMES, times, step);
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
