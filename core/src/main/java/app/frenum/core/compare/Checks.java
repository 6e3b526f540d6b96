package app.frenum.core.compare;

import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.finding.AmountKind;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Everything that is looked at before two sides are compared: a new check is a line here. What nobody wrote down is said to be
 * not known, rather than passed.
 */
final class Checks {
    private static final double START_TEMPERATURE_C = 20;
    private static final double AMBIENT_C = 8;
    private static final double DEGREE = 1;
    private static final double TYRE_PRESSURE_BAR = 0.15;
    private static final double TYRE_PRESSURE_STEP_BAR = 0.01;

    /** Those that may forbid a comparison. */
    private static final List<PairCheck> BLOCKING = List.of(
            MeasuredAlike::basis,
            MeasuredAlike::nominalSpeed,
            DrivenAlike.same(CheckCode.LOAD, "load", Circumstances::load),
            DrivenAlike::phase,
            DrivenAlike.same(CheckCode.SURFACE, "surface", Circumstances::surface),
            SeriesChecks::numbers,
            MeasuredAlike::latency);

    private static final List<PairCheck> OTHERS = List.of(
            DrivenAlike::day,
            DrivenAlike.apart(
                    CheckCode.START_TEMPERATURE,
                    ComparedStop::startTemperature,
                    START_TEMPERATURE_C,
                    AmountKind.TEMPERATURE,
                    DEGREE),
            DrivenAlike.apart(CheckCode.AMBIENT, ComparedStop::ambient, AMBIENT_C, AmountKind.TEMPERATURE, DEGREE),
            DrivenAlike.apart(
                    CheckCode.TYRE_PRESSURE,
                    ComparedStop::tyrePressure,
                    TYRE_PRESSURE_BAR,
                    AmountKind.PRESSURE,
                    TYRE_PRESSURE_STEP_BAR),
            DrivenAlike::tyres,
            DrivenAlike::factors,
            MeasuredAlike::instruments,
            SeriesChecks::struckOut,
            SeriesChecks::learning,
            DrivenAlike::bedding,
            DrivenAlike::grade,
            DrivenAlike::entrySpeed,
            DrivenAlike::driver,
            SeriesChecks::outliers,
            DrivenAlike::grip,
            MeasuredAlike::reference);

    private Checks() {}

    /** Every check that the two sides' data allow, blockers first. */
    static List<Check> of(Side a, Side b) {
        return Stream.concat(BLOCKING.stream(), OTHERS.stream())
                .flatMap(check -> check.of(a, b).stream())
                .sorted(Comparator.comparing(Check::level))
                .toList();
    }

    /** Whether something other than too few stops forbids to compare them. */
    static boolean isForbidden(Side a, Side b) {
        return BLOCKING.stream()
                .flatMap(check -> check.of(a, b).stream())
                .anyMatch(c -> c.level() == Check.Level.BLOCK && c.code() != CheckCode.TOO_FEW);
    }
}
