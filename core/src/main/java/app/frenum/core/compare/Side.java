package app.frenum.core.compare;

import app.frenum.core.log.SpeedSource;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.WheelLimit;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * All stops of one configuration in a test, in the order driven.
 *
 * @param configuration its name
 * @param basis where its distances are counted from
 * @param nominalSpeed m/s
 * @param grade of the lane in driving direction, if known
 * @param factors what the configuration consists of: factor to level
 * @param newPartsNotBedded names of parts that are new and not bedded in
 * @param resolution the last digit that was read, in the values' unit
 * @param stops struck-out and repeat ones included
 */
public record Side(
        String configuration,
        DistanceBasis basis,
        Figure nominalSpeed,
        Figure grade,
        Map<String, String> factors,
        Set<String> newPartsNotBedded,
        double resolution,
        List<ComparedStop> stops) {
    /** Rounding a distance to this is in its instrument's own uncertainty already, as all rounding of times is. */
    private static final double FINE_RESOLUTION_M = 0.1;

    /** What a logger's figures resolve, m. */
    public static final double LOGGED_RESOLUTION = 0.01;

    public Side(
            String configuration,
            DistanceBasis basis,
            Figure nominalSpeed,
            Figure grade,
            Map<String, String> factors,
            Set<String> newPartsNotBedded,
            List<ComparedStop> stops) {
        this(configuration, basis, nominalSpeed, grade, factors, newPartsNotBedded, LOGGED_RESOLUTION, stops);
    }

    /** The values that count. */
    public double[] values() {
        return stops.stream()
                .filter(ComparedStop::counts)
                .mapToDouble(s -> s.value().value())
                .toArray();
    }

    public Summary summary() {
        return Summary.of(values());
    }

    public long struckOut() {
        return stops.stream()
                .filter(s -> s.status() == ComparedStop.Status.STRUCK_OUT)
                .count();
    }

    public long repeat() {
        return stops.stream()
                .filter(s -> s.status() == ComparedStop.Status.REPEAT)
                .count();
    }

    /** Mean over the stops that count and know the figure. */
    public Figure mean(Function<ComparedStop, Figure> figure) {
        double[] known = known(figure);
        return known.length == 0
                ? Figure.unknown("it was not recorded")
                : Summary.of(known).mean();
    }

    /** Mean distance as driven: the square law taken back, stop by stop. */
    public Figure meanAsDriven() {
        return nominalSpeed.isKnown()
                ? mean(s -> s.value().isKnown() && s.entrySpeed().isKnown()
                        ? Figure.of(Corrections.toNominalSpeed(
                                s.value().value(),
                                nominalSpeed.value(),
                                s.entrySpeed().value()))
                        : Figure.unknown("entry speed was not recorded"))
                : nominalSpeed;
    }

    double[] known(Function<ComparedStop, Figure> figure) {
        return stops.stream()
                .filter(ComparedStop::counts)
                .map(figure)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
    }

    /** The distinct recorded values of one circumstance over the stops that count. */
    Set<String> distinct(Function<ComparedStop.Circumstances, Optional<String>> what) {
        return stops.stream()
                .filter(ComparedStop::counts)
                .map(s -> what.apply(s.circumstances()))
                .flatMap(Optional::stream)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    Set<Instrument> instruments() {
        return stops.stream()
                .filter(ComparedStop::counts)
                .map(s -> s.circumstances().instrument())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Instrument.class)));
    }

    /** What measured the speed of the stops that count; empty where people measured them. */
    Set<SpeedSource> speedSources() {
        return stops.stream()
                .filter(ComparedStop::counts)
                .flatMap(s -> s.speed().stream())
                .map(SpeedShare::source)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(SpeedSource.class)));
    }

    /** Standard uncertainty that all stops of one speed source share, m; 0 where people measured them. */
    double sharedUncertainty() {
        return stops.stream()
                .filter(ComparedStop::counts)
                .flatMap(s -> s.speed().stream())
                .mapToDouble(s -> s.uncertainty().orElse(0))
                .average()
                .orElse(0);
    }

    /** Values that count, by block. */
    double[] block(int block) {
        return stops.stream()
                .filter(s -> s.counts() && s.circumstances().block() == block)
                .mapToDouble(s -> s.value().value())
                .toArray();
    }

    int[] blocks() {
        return stops.stream()
                .filter(ComparedStop::counts)
                .mapToInt(s -> s.circumstances().block())
                .distinct()
                .sorted()
                .toArray();
    }

    /** Root mean square uncertainty of a single reading. */
    Figure readingUncertainty() {
        double[] u = known(ComparedStop::readingUncertainty);
        boolean isCoarse = basis != DistanceBasis.TIME_ONLY && resolution > FINE_RESOLUTION_M;
        double rounding = isCoarse ? resolution / Math.sqrt(12) : 0;
        return u.length == 0
                ? Figure.unknown("what it was measured with is not known")
                : Figure.of(Math.hypot(
                        rounding,
                        Math.sqrt(Arrays.stream(u).map(x -> x * x).average().orElseThrow())));
    }

    boolean anyFlag(FlagCode code) {
        return stops.stream().anyMatch(s -> s.counts() && s.flags().contains(code));
    }

    boolean isMostlyGripLimited() {
        return 2 * gripLimited() > values().length;
    }

    /** In how many of the stops that count wheels came to their limit. */
    int gripLimited() {
        return counting(w -> w == WheelLimit.REACHED);
    }

    /** Whether wheels or anti-lock were logged in most of the stops that count. */
    boolean isMostlyTold() {
        return 2 * counting(w -> w != WheelLimit.NOT_LOGGED) > values().length;
    }

    private int counting(Predicate<WheelLimit> wheels) {
        return (int) stops.stream()
                .filter(s -> s.counts() && wheels.test(s.circumstances().wheels()))
                .count();
    }
}
