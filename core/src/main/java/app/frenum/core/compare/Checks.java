package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * Looks for every reason why two sides should not be compared, or only with care. What nobody wrote down is said to be not
 * known, rather than passed.
 */
final class Checks {
    private static final double START_TEMPERATURE_C = 20;
    private static final double AMBIENT_C = 8;
    private static final double TYRE_PRESSURE_BAR = 0.15;
    private static final double ENTRY_SPEED_SHARE = 0.01;
    private static final double STRUCK_OUT_SHARE = 0.20;
    private static final double GRADE = 0.003;
    private static final double TREND_P = 0.05;
    /** With fewer stops no order of them is rarer than one in twenty, so that the test could never fail. */
    private static final int FEWEST_FOR_TREND = 5;

    private static final double SAME_SPEED = 0.005;

    private final Side a;
    private final Side b;
    private final List<Check> checks = new ArrayList<>();

    private Checks(Side a, Side b) {
        this.a = a;
        this.b = b;
    }

    /** Every check that the two sides' data allow, blockers first. */
    static List<Check> of(Side a, Side b) {
        Checks c = new Checks(a, b);
        c.basis();
        c.nominalSpeed();
        c.same(CheckCode.LOAD, "load", ComparedStop.Circumstances::load);
        c.phase();
        c.same(CheckCode.SURFACE, "surface", ComparedStop.Circumstances::surface);
        c.numbers();
        c.day();
        c.apart(CheckCode.START_TEMPERATURE, ComparedStop::startTemperature, START_TEMPERATURE_C, "%.0f °C");
        c.apart(CheckCode.AMBIENT, ComparedStop::ambient, AMBIENT_C, "%.0f °C");
        c.apart(CheckCode.TYRE_PRESSURE, ComparedStop::tyrePressure, TYRE_PRESSURE_BAR, "%.2f bar");
        c.factors();
        c.instruments();
        c.struckOut();
        c.learning();
        c.bedding();
        c.grade();
        c.entrySpeed();
        c.driver();
        c.outliers();
        c.grip();
        c.reference();
        c.latency();
        c.checks.sort(Comparator.comparing(Check::level));
        return c.checks;
    }

    private void basis() {
        if (a.basis() != b.basis()) {
            checks.add(Check.block(
                    CheckCode.BASIS,
                    "%s against %s".formatted(a.basis().label(), b.basis().label())));
            return;
        }
        checks.add(Check.pass(CheckCode.BASIS, "both " + a.basis().label()));
        if (a.basis() == DistanceBasis.ONSET_TO_REST) {
            same(CheckCode.ONSET_SOURCE, "onset", ComparedStop.Circumstances::onsetSource);
        }
    }

    private void same(CheckCode code, String what, Function<ComparedStop.Circumstances, Optional<String>> of) {
        Set<String> ofA = a.distinct(of);
        Set<String> ofB = b.distinct(of);
        if (ofA.isEmpty() || ofB.isEmpty()) {
            checks.add(Check.notKnown(code, "nobody wrote down the " + what));
            return;
        }
        Set<String> all = new TreeSet<>(ofA);
        all.addAll(ofB);
        checks.add(
                all.size() == 1
                        ? Check.pass(code, "both " + words(ofA))
                        : Check.block(code, "%s %s against %s".formatted(what, words(ofA), words(ofB))));
    }

    /** Cold and hot stops, or with a circuit off and whole ones, are not alike; without phases there is nothing to say. */
    private void phase() {
        Set<String> ofA = a.distinct(ComparedStop.Circumstances::phase);
        Set<String> ofB = b.distinct(ComparedStop.Circumstances::phase);
        if (!ofA.isEmpty() || !ofB.isEmpty()) {
            checks.add(
                    ofA.equals(ofB)
                            ? Check.pass(CheckCode.PHASE, "both " + words(ofA))
                            : Check.block(
                                    CheckCode.PHASE,
                                    "%s against %s"
                                            .formatted(
                                                    ofA.isEmpty() ? "none" : words(ofA),
                                                    ofB.isEmpty() ? "none" : words(ofB))));
        }
    }

    private static String words(Set<String> values) {
        return String.join(" and ", values).toLowerCase(Locale.ROOT);
    }

    private void nominalSpeed() {
        if (!a.nominalSpeed().isKnown() || !b.nominalSpeed().isKnown()) {
            checks.add(Check.notKnown(CheckCode.NOMINAL_SPEED, "no nominal speed was given"));
            return;
        }
        double va = a.nominalSpeed().value();
        double vb = b.nominalSpeed().value();
        checks.add(
                Math.abs(va - vb) > SAME_SPEED * va
                        ? Check.block(CheckCode.NOMINAL_SPEED, text("%.1f km/h against %.1f km/h", va * 3.6, vb * 3.6))
                        : Check.pass(CheckCode.NOMINAL_SPEED, text("both %.1f km/h", va * 3.6)));
    }

    private void numbers() {
        int nA = a.values().length;
        int nB = b.values().length;
        String numbers = "%d and %d valid stops".formatted(nA, nB);
        if (Math.min(nA, nB) < 3) {
            checks.add(Check.block(CheckCode.TOO_FEW, numbers + "; a verdict needs 3 of each"));
        } else if (Math.min(nA, nB) < 4) {
            checks.add(Check.caution(
                    CheckCode.FEW_STOPS,
                    numbers + "; with 3 and 3 even the clearest order of all comes by chance once in ten"));
        } else {
            checks.add(Check.pass(CheckCode.FEW_STOPS, numbers));
        }
    }

    private void day() {
        Set<String> dayA = a.distinct(ComparedStop.Circumstances::day);
        Set<String> dayB = b.distinct(ComparedStop.Circumstances::day);
        if (dayA.isEmpty() || dayB.isEmpty()) {
            checks.add(Check.notKnown(CheckCode.OTHER_DAY, "nobody wrote down the day"));
            return;
        }
        boolean shared = dayA.stream().anyMatch(dayB::contains);
        checks.add(
                shared
                        ? Check.pass(CheckCode.OTHER_DAY, "both on " + words(dayA))
                        : Check.caution(
                                CheckCode.OTHER_DAY,
                                "%s against %s, without a return to the baseline".formatted(words(dayA), words(dayB))));
    }

    private void apart(CheckCode code, Function<ComparedStop, Figure> figure, double limit, String format) {
        Figure ma = a.mean(figure);
        Figure mb = b.mean(figure);
        if (!ma.isKnown() || !mb.isKnown()) {
            checks.add(Check.notKnown(code, "nobody wrote it down"));
            return;
        }
        String message = text(format + " and " + format, ma.value(), mb.value());
        checks.add(
                Math.abs(ma.value() - mb.value()) > limit
                        ? Check.caution(code, message + ", on average")
                        : Check.pass(code, message + ", on average"));
    }

    private void factors() {
        if (a.factors().isEmpty() && b.factors().isEmpty()) {
            return;
        }
        Set<String> names = new TreeSet<>(a.factors().keySet());
        names.addAll(b.factors().keySet());
        List<String> changed = names.stream()
                .filter(f -> !Objects.equals(a.factors().get(f), b.factors().get(f)))
                .toList();
        if (changed.size() > 1) {
            checks.add(Check.caution(
                    CheckCode.FACTORS,
                    String.join(" and ", changed) + " changed together: this cannot tell which did it"));
        } else {
            checks.add(Check.pass(
                    CheckCode.FACTORS,
                    changed.isEmpty() ? "nothing is recorded as changed" : "only " + changed.get(0)));
        }
    }

    private void instruments() {
        Set<Instrument> ia = a.instruments();
        Set<Instrument> ib = b.instruments();
        if (ia.isEmpty() || ib.isEmpty()) {
            return;
        }
        checks.add(
                ia.equals(ib)
                        ? Check.pass(CheckCode.INSTRUMENTS, "both by " + labels(ia))
                        : Check.caution(CheckCode.INSTRUMENTS, labels(ia) + " against " + labels(ib)));
    }

    private static String labels(Set<Instrument> instruments) {
        return String.join(" and ", instruments.stream().map(Instrument::label).toList());
    }

    private void struckOut() {
        for (Side side : List.of(a, b)) {
            if (side.struckOut() > STRUCK_OUT_SHARE * side.stops().size()) {
                checks.add(Check.caution(
                        CheckCode.STRUCK_OUT_SHARE,
                        "%s: %d of %d struck out"
                                .formatted(
                                        side.configuration(),
                                        side.struckOut(),
                                        side.stops().size())));
            }
        }
        if (none(CheckCode.STRUCK_OUT_SHARE)) {
            checks.add(Check.pass(CheckCode.STRUCK_OUT_SHARE, "%d and %d".formatted(a.struckOut(), b.struckOut())));
        }
    }

    private void learning() {
        String unit = a.basis() == DistanceBasis.TIME_ONLY ? "m/s²" : "m";
        List<String> few = new ArrayList<>();
        for (Side side : List.of(a, b)) {
            double[] values = side.values();
            Trend trend = Trend.of(values);
            if (values.length < FEWEST_FOR_TREND) {
                few.add(steady(side.configuration(), values, a.basis() == DistanceBasis.TIME_ONLY));
            } else if (trend.p().orElse(1) < TREND_P) {
                checks.add(Check.caution(
                        CheckCode.LEARNING,
                        text(
                                "%s: %s from stop to stop, by chance once in %.0f",
                                side.configuration(),
                                way(trend.perStop().value(), unit),
                                1 / trend.p().value())));
            }
        }
        if (!few.isEmpty()) {
            checks.add(Check.notKnown(CheckCode.LEARNING, "too few stops to tell" + String.join("", few)));
        } else if (none(CheckCode.LEARNING)) {
            checks.add(Check.pass(CheckCode.LEARNING, "neither side drifts by more than chance"));
        }
    }

    /** What can be seen of a short series without a test: whether each stop was better than the one before. */
    private static String steady(String side, double[] values, boolean moreIsBetter) {
        if (values.length < 3) {
            return "";
        }
        boolean falls = true;
        boolean rises = true;
        for (int i = 1; i < values.length; i++) {
            falls &= values[i] < values[i - 1];
            rises &= values[i] > values[i - 1];
        }
        if (!falls && !rises) {
            return "";
        }
        String word = moreIsBetter ? falls ? "weaker" : "stronger" : falls ? "shorter" : "longer";
        return "; %s: each %s than the last".formatted(side, word);
    }

    /**
     * With a return to the baseline: drift is the second baseline block less the first.
     *
     * @param effect candidate − baseline
     * @param shown whether that is shown, and so could be half drift
     */
    static Optional<Check> drift(Side a, double effect, boolean shown, String unit) {
        int[] blocks = a.blocks();
        if (blocks.length < 2) {
            return Optional.empty();
        }
        double[] first = a.block(blocks[0]);
        double[] last = a.block(blocks[blocks.length - 1]);
        if (Math.min(first.length, last.length) < 2) {
            return Optional.of(
                    Check.notKnown(CheckCode.DRIFT, "a return to the baseline needs 2 stops of each of its blocks"));
        }
        WelchTest drift = WelchTest.of(first, last, a.resolution());
        Interval ci = drift.interval(0.95);
        String message = text(
                "the last of it is %s, 95 %% range %s to %s",
                way(drift.difference(), unit), way(ci.low(), unit), way(ci.high(), unit));
        // Half of an effect is little where few stops came back: chance must be the less likely maker of it, too.
        boolean half = shown && Math.abs(drift.difference()) > Math.abs(effect) / 2;
        boolean large = ci.excludesZero() || half && drift.interval(0.90).excludesZero();
        return Optional.of(large ? Check.caution(CheckCode.DRIFT, message) : Check.pass(CheckCode.DRIFT, message));
    }

    /** A difference with its direction in words: metres are longer or shorter, a mean deceleration harder or less hard. */
    private static String way(double difference, String unit) {
        String more = unit.equals("m") ? "longer" : "harder";
        String less = unit.equals("m") ? "shorter" : "less hard";
        return text("%.2f %s %s", Math.abs(difference), unit, difference < 0 ? less : more);
    }

    /** All of one, then all of the other: a drift of the day looks just like a better brake. */
    static Check order(Side a, Side b, Optional<DrivingOrder> adjusted, String unit) {
        if (!DrivingOrder.isKnown(a, b)) {
            return Check.notKnown(CheckCode.ORDER, "nobody wrote down in which order they were driven");
        }
        if (!DrivingOrder.isOneAfterTheOther(a, b)) {
            return Check.pass(CheckCode.ORDER, "with a return to the other side");
        }
        return Check.caution(
                CheckCode.ORDER,
                adjusted.map(o -> text(
                                "all of one, then all of the other: a drift of %s per stop would explain all of it; "
                                        + "with a common trend taken out %s, 95 %% range %s to %s",
                                way(o.driftPerStop(), unit),
                                way(o.difference(), unit),
                                way(o.interval().low(), unit),
                                way(o.interval().high(), unit)))
                        .orElse("all of one, then all of the other, with no return"));
    }

    private void reference() {
        boolean bridgedA = a.anyFlag(FlagCode.REFERENCE_BRIDGED) || a.anyFlag(FlagCode.WHEEL_LOCK);
        boolean bridgedB = b.anyFlag(FlagCode.REFERENCE_BRIDGED) || b.anyFlag(FlagCode.WHEEL_LOCK);
        if (bridgedA != bridgedB) {
            checks.add(Check.caution(
                    CheckCode.REFERENCE,
                    "wheels locked, or all slipped at once, on one side only: " + (bridgedA ? a : b).configuration()));
        } else if (bridgedA) {
            checks.add(Check.caution(CheckCode.REFERENCE, "wheels locked or slipped on both sides"));
        }
    }

    private void latency() {
        boolean unknownA = a.anyFlag(FlagCode.SPEED_LATE_UNKNOWN);
        boolean unknownB = b.anyFlag(FlagCode.SPEED_LATE_UNKNOWN);
        if (unknownA != unknownB) {
            checks.add(Check.block(
                    CheckCode.SPEED_LATENCY,
                    "how late the speed comes is not known of %s: at these speeds that is metres"
                            .formatted((unknownA ? a : b).configuration())));
        }
    }

    private void bedding() {
        Set<String> unbedded = new TreeSet<>(a.newPartsNotBedded());
        unbedded.addAll(b.newPartsNotBedded());
        if (!unbedded.isEmpty()) {
            checks.add(Check.caution(CheckCode.BEDDING, String.join(", ", unbedded) + ": new and not bedded in"));
        }
    }

    private void grade() {
        double grade =
                Math.max(Math.abs(a.grade().orElse(0)), Math.abs(b.grade().orElse(0)));
        if (!a.grade().isKnown() && !b.grade().isKnown()) {
            return;
        }
        Set<String> directions = a.distinct(ComparedStop.Circumstances::direction);
        boolean bothWays = directions.size() > 1
                && b.distinct(ComparedStop.Circumstances::direction).size() > 1;
        String message = text("%.1f %%, %s", 100 * grade, bothWays ? "driven both ways" : "driven one way");
        checks.add(
                grade > GRADE && !bothWays
                        ? Check.caution(CheckCode.GRADE, message)
                        : Check.pass(CheckCode.GRADE, message));
    }

    private void entrySpeed() {
        Figure va = a.mean(ComparedStop::entrySpeed);
        Figure vb = b.mean(ComparedStop::entrySpeed);
        if (!va.isKnown() || !vb.isKnown()) {
            return;
        }
        String message = text("%.1f km/h and %.1f km/h, on average", va.value() * 3.6, vb.value() * 3.6);
        boolean apart = Math.abs(vb.value() - va.value()) > ENTRY_SPEED_SHARE * va.value();
        checks.add(apart ? Check.caution(CheckCode.ENTRY_SPEED, message) : Check.pass(CheckCode.ENTRY_SPEED, message));
    }

    private void driver() {
        Set<String> da = a.distinct(ComparedStop.Circumstances::driver);
        Set<String> db = b.distinct(ComparedStop.Circumstances::driver);
        if (da.isEmpty() || db.isEmpty()) {
            checks.add(Check.notKnown(CheckCode.DRIVER, "nobody wrote down who drove"));
            return;
        }
        checks.add(
                da.equals(db)
                        ? Check.pass(CheckCode.DRIVER, "both " + String.join(" and ", da))
                        : Check.caution(
                                CheckCode.DRIVER,
                                "%s against %s".formatted(String.join(" and ", da), String.join(" and ", db))));
    }

    private void outliers() {
        for (Side side : List.of(a, b)) {
            long apart = Outliers.count(side.values());
            if (apart > 0) {
                checks.add(Check.caution(
                        CheckCode.OUTLIER,
                        "%s: %d of %d lies far from the rest; it still counts"
                                .formatted(side.configuration(), apart, side.values().length)));
            }
        }
    }

    private void grip() {
        if (a.isMostlyGripLimited() && b.isMostlyGripLimited()) {
            checks.add(Check.caution(
                    CheckCode.GRIP,
                    "these distances are set by the tyres and the surface; a brake change can show here only in build-up, "
                            + "consistency, fade and heat"));
        } else if (Arrays.stream(new Side[] {a, b}).anyMatch(s -> s.known(ComparedStop::effectiveness).length > 0)) {
            checks.add(Check.pass(CheckCode.GRIP, "the wheels kept turning"));
        }
    }

    private boolean none(CheckCode code) {
        return checks.stream().noneMatch(c -> c.code() == code);
    }

    static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values).replace("-", "−");
    }
}
