package app.frenum.core.fade;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Trend;
import app.frenum.core.statistics.WelchTest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A series of stops read for fade.
 *
 * @param measure what is read, the best that most stops know
 * @param reference places of the reference stops in the series, from 0
 * @param referenceValue their median, in the measure's own unit
 * @param referenceM their median distance, m
 * @param referenceMfdd their median deceleration, m/s²
 * @param levels one per stop, in order
 * @param thirds first, middle and last group
 * @param perStop of the level, per stop
 * @param perStopP Mann–Kendall, two-sided
 * @param per100C of the level, per 100 °C of start temperature
 * @param onset from which temperature on
 * @param growthM how much longer the last group's stops are than the reference, m
 * @param growthHalfM half-width of the 95 % interval of that difference (of the means, Welch), m
 * @param speedCarriedMps how fast it still is where the reference has stopped
 * @param cause why
 * @param phases each phase against the first, where the stops say which they belong to
 * @param recovery level of the last phase after a cool-down, over the reference
 */
public record FadeStudy(
        FadeMeasure measure,
        List<Integer> reference,
        Figure referenceValue,
        Figure referenceM,
        Figure referenceMfdd,
        List<Level> levels,
        List<Group> thirds,
        TrendLine perStop,
        Figure perStopP,
        TrendLine per100C,
        OnsetFit onset,
        Figure growthM,
        Figure growthHalfM,
        Figure speedCarriedMps,
        CauseReading cause,
        List<Group> phases,
        Figure recovery) {
    private static final int LATE = 3;
    private static final double COMMON_BAR = 30;
    private static final double OF_LOWEST_PEAK = 0.6;
    private static final double GRIP_MOSTLY = 0.5;
    private static final double LEVEL = 0.95;
    /** To which a tape is read. */
    private static final double RESOLUTION_M = 0.1;

    /**
     * One stop's level.
     *
     * @param number as counted at the lane
     * @param level over the reference: 1 is as strong
     * @param levelU its standard uncertainty
     * @param startC of the front discs
     * @param discC of the front discs in the stop
     * @param mfddU standard uncertainty of the deceleration, m/s²
     * @param distanceM at the nominal speed
     * @param distanceU its standard uncertainty, m
     * @param growthM how much longer than the reference, m
     * @param gripLimited a floor, not a value
     */
    public record Level(
            int number,
            String phase,
            Figure level,
            Figure levelU,
            Figure startC,
            Figure discC,
            Figure mfdd,
            Figure mfddU,
            Figure distanceM,
            Figure distanceU,
            Figure growthM,
            boolean gripLimited) {}

    /**
     * Neighbouring stops taken together.
     *
     * @param n how many of them have a level
     * @param level median over the reference
     * @param lowest of them
     * @param highest of them
     * @param mfdd median, m/s²
     * @param distanceM median, m
     * @param startC median, °C
     */
    public record Group(
            String name,
            int n,
            Figure level,
            Figure lowest,
            Figure highest,
            Figure mfdd,
            Figure distanceM,
            Figure startC) {}

    /**
     * Reads a series.
     *
     * @param stops in the order driven, struck-out ones left out
     * @param gate between which start temperatures a stop may be a reference
     */
    public static FadeStudy of(List<FadeStop> stops, FadeReference convention, StartGate gate) {
        return new Reader(List.copyOf(stops), convention, gate).study();
    }

    /** The stops that the onset was fitted to: level and temperature known, and not the tyres'. */
    List<Level> fitted() {
        return fitted(levels, Level::discC);
    }

    private static List<Level> fitted(List<Level> levels, Function<Level, Figure> x) {
        return levels.stream()
                .filter(l -> l.level().isKnown() && x.apply(l).isKnown() && !l.gripLimited())
                .toList();
    }

    private static double[] known(List<FadeStop> stops, Function<FadeStop, Figure> figure) {
        return stops.stream()
                .map(figure)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
    }

    private static Figure median(double[] values, String whyNone) {
        if (values.length == 0) {
            return Figure.unknown(whyNone);
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return Figure.of(sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2);
    }

    private static Figure ratio(Figure above, Figure below) {
        return above.isKnown() && below.isKnown()
                ? Figure.of(above.value() / below.value())
                : above.isKnown() ? below : above;
    }

    /** The working of one study. */
    private static final class Reader {
        private final List<FadeStop> stops;
        private final FadeMeasure measure;
        private final List<Integer> reference;
        private final List<FadeStop> early;
        private final Figure value;
        private final Figure distance;

        Reader(List<FadeStop> stops, FadeReference convention, StartGate gate) {
            this.stops = stops;
            measure = bestMeasure();
            // Three of five would leave no late group that is not the reference.
            FadeReference chosen = stops.size() < 2 * LATE ? FadeReference.FIRST_STOP : convention;
            reference = chosen.choose(stops, measure, gate);
            early = reference.stream().map(stops::get).toList();
            String why = "no stop whose start temperature is in the gate has a figure to go by";
            value = median(known(early, measure::of), why);
            distance = median(known(early, FadeStop::distanceM), "no distance of the reference stops is known");
        }

        /** The strongest measure that at least half of the stops know. */
        private FadeMeasure bestMeasure() {
            for (FadeMeasure m : FadeMeasure.values()) {
                if (2 * known(stops, m::of).length >= stops.size() && !stops.isEmpty()) {
                    return m;
                }
            }
            return FadeMeasure.BY_DISTANCE;
        }

        FadeStudy study() {
            List<Level> levels = stops.stream().map(this::level).toList();
            List<FadeStop> late = late();
            Figure growth = difference(median(known(late, FadeStop::distanceM), tooFew()), distance);
            double[][] order = points(levels, l -> Figure.of(levels.indexOf(l)));
            double[][] heat = points(levels, Level::startC);
            double[][] hot = points(levels, Level::discC);
            return new FadeStudy(
                    measure,
                    reference,
                    value,
                    distance,
                    median(known(early, FadeStop::mfdd), "no deceleration of the reference stops is known"),
                    levels,
                    thirds(),
                    TrendLine.ofStops(order[0], order[1]),
                    Trend.of(order[1]).p(),
                    per100C(TrendLine.ofStops(heat[0], heat[1])),
                    OnsetFit.of(hot[0], hot[1]),
                    growth,
                    growthHalf(late),
                    carried(late),
                    cause(late),
                    phases(),
                    recovery());
        }

        private static TrendLine per100C(TrendLine perC) {
            return new TrendLine(
                    perC.slope().map(s -> 100 * s),
                    perC.low().map(s -> 100 * s),
                    perC.high().map(s -> 100 * s));
        }

        private static Figure difference(Figure a, Figure b) {
            return a.isKnown() && b.isKnown() ? Figure.of(a.value() - b.value()) : a.isKnown() ? b : a;
        }

        private Level level(FadeStop s) {
            return new Level(
                    s.number(),
                    s.phase(),
                    ratio(measure.of(s), value),
                    ratio(measure.uncertaintyOf(s), value),
                    s.startC(),
                    s.discC(),
                    s.mfdd(),
                    s.mfddU(),
                    s.distanceM(),
                    s.distanceU(),
                    difference(s.distanceM(), distance),
                    s.gripLimited());
        }

        /** Level against something, of the stops that know both and are not the tyres'. */
        private static double[][] points(List<Level> levels, Function<Level, Figure> x) {
            List<Level> both = fitted(levels, x);
            return new double[][] {
                both.stream().mapToDouble(l -> x.apply(l).value()).toArray(),
                both.stream().mapToDouble(l -> l.level().value()).toArray()
            };
        }

        private String tooFew() {
            return "a late group beside the reference needs %d stops, not %d"
                    .formatted(2 * LATE, candidates().size());
        }

        /** The last three; never stops of the reference. */
        private List<FadeStop> late() {
            int last = reference.isEmpty() ? -1 : reference.get(reference.size() - 1);
            List<FadeStop> hottest = candidates();
            int from = hottest.size() - LATE;
            return hottest.size() >= 2 * LATE && from > last ? hottest.subList(from, hottest.size()) : List.of();
        }

        /** Stops among which fade may show: all, or those up to the cool-down. */
        private List<FadeStop> candidates() {
            return phaseOrder().isEmpty() ? stops : beforeRecovery();
        }

        /** Stops up to the cool-down: what comes after it says how the brakes recovered, not how they faded. */
        private List<FadeStop> beforeRecovery() {
            int until = IntStream.range(0, stops.size())
                    .filter(i -> isRecovered(stops.get(i).phase()))
                    .findFirst()
                    .orElse(stops.size());
            return stops.subList(0, until);
        }

        private static boolean isRecovered(String phase) {
            return phase.startsWith("recover");
        }

        private Figure growthHalf(List<FadeStop> late) {
            double[] before = known(early, FadeStop::distanceM);
            double[] after = known(late, FadeStop::distanceM);
            return before.length < 2 || after.length < 2
                    ? Figure.unknown("two distances of the reference and two of the last stops are needed")
                    : Figure.of(WelchTest.of(before, after, RESOLUTION_M).halfWidth(LEVEL));
        }

        private Figure carried(List<FadeStop> late) {
            if (late.isEmpty()) {
                return Figure.unknown(tooFew());
            }
            Figure longer = median(known(late, FadeStop::distanceM), "no distance of the last stops is known");
            Figure slowing = median(known(late, FadeStop::mfdd), "no deceleration of the last stops is known");
            Figure entry = median(known(late, FadeStop::entryMps), "no entry speed of the last stops is known");
            if (!longer.isKnown() || !slowing.isKnown() || !entry.isKnown() || !distance.isKnown()) {
                return longer.isKnown() ? slowing.isKnown() ? entry : slowing : longer;
            }
            double over = longer.value() - distance.value();
            return over <= 0
                    ? Figure.unknown("the last stops are not longer than the reference")
                    : Figure.of(Math.min(entry.value(), Math.sqrt(2 * slowing.value() * over)));
        }

        private CauseReading cause(List<FadeStop> late) {
            Figure few = Figure.unknown(tooFew());
            if (late.isEmpty()) {
                return feel(late).filter(PedalFeel::tellsOfTheFluid).isPresent()
                        ? CauseReading.of(new CauseReading.Evidence(
                                measure, few, few, few, few, feel(late), Optional.empty(), false))
                        : new CauseReading(
                                FadeCause.UNKNOWN,
                                few,
                                few,
                                few,
                                few,
                                false,
                                CauseReading.Confidence.WEAK,
                                List.of(Finding.of(
                                        FadeFinding.LATE_GROUP_NEEDS,
                                        Term.count(2 * LATE),
                                        Term.count(candidates().size()))));
            }
            Figure bar = commonBar(late);
            Function<FadeStop, Figure> travel = s -> bar.isKnown() ? s.pedal().at(bar.value()) : bar;
            return CauseReading.of(new CauseReading.Evidence(
                    measure,
                    ratio(median(known(late, measure::of), "the last stops have no figure to go by"), value),
                    ratio(
                            median(known(late, FadeStop::peakBar), "no line pressure was logged"),
                            median(known(early, FadeStop::peakBar), "no line pressure was logged")),
                    ratio(
                            median(known(late, travel), "no pedal travel was logged"),
                            median(known(early, travel), "no pedal travel was logged")),
                    bar,
                    feel(late),
                    pressedAsHard(late),
                    mostlyGrip(early) || mostlyGrip(late)));
        }

        /**
         * The pedal as it was felt in the late group. One that went long after the reference stops, or to the floor at any
         * time, speaks for the whole series: vapour that has cooled is firm again, and comes back.
         */
        private Optional<PedalFeel> feel(List<FadeStop> late) {
            int last = reference.isEmpty() ? -1 : reference.get(reference.size() - 1);
            Optional<PedalFeel> worst = IntStream.range(0, stops.size())
                    .filter(i -> i > last
                            || stops.get(i)
                                    .feel()
                                    .filter(f -> f == PedalFeel.TO_THE_FLOOR)
                                    .isPresent())
                    .boxed()
                    .flatMap(i -> stops.get(i).feel().stream())
                    .max(PedalFeel::compareTo)
                    .filter(PedalFeel::tellsOfTheFluid);
            return worst.or(() -> late.stream().flatMap(s -> s.feel().stream()).max(PedalFeel::compareTo));
        }

        /** By the efforts that people noted, of every stop of both groups; else nobody knows. */
        private Optional<Boolean> pressedAsHard(List<FadeStop> late) {
            boolean noted = !early.isEmpty()
                    && Stream.concat(early.stream(), late.stream())
                            .allMatch(s -> s.effort().isPresent());
            return noted ? Optional.of(meanEffort(late) >= meanEffort(early)) : Optional.empty();
        }

        private static double meanEffort(List<FadeStop> some) {
            return some.stream()
                    .mapToInt(s -> s.effort().orElseThrow().rank())
                    .average()
                    .orElseThrow();
        }

        /** 30 bar, or 60 % of the lowest peak where a stop did not get that far. */
        private Figure commonBar(List<FadeStop> late) {
            List<FadeStop> both = new ArrayList<>(early);
            both.addAll(late);
            double lowest = Arrays.stream(known(both, FadeStop::peakBar)).min().orElse(Double.NaN);
            return Double.isNaN(lowest)
                    ? Figure.unknown("no line pressure was logged")
                    : Figure.of(lowest >= COMMON_BAR ? COMMON_BAR : OF_LOWEST_PEAK * lowest);
        }

        private static boolean mostlyGrip(List<FadeStop> some) {
            return !some.isEmpty()
                    && some.stream().filter(FadeStop::gripLimited).count() > GRIP_MOSTLY * some.size();
        }

        private Group group(String name, List<FadeStop> some) {
            double[] levels = Arrays.stream(known(some, measure::of))
                    .map(v -> v / value.orElse(Double.NaN))
                    .filter(v -> !Double.isNaN(v))
                    .sorted()
                    .toArray();
            String none = "no stop of it has a figure to go by";
            return new Group(
                    name,
                    levels.length,
                    median(levels, none),
                    levels.length == 0 ? Figure.unknown(none) : Figure.of(levels[0]),
                    levels.length == 0 ? Figure.unknown(none) : Figure.of(levels[levels.length - 1]),
                    median(known(some, FadeStop::mfdd), none),
                    median(known(some, FadeStop::distanceM), "no distance of it is known"),
                    median(known(some, FadeStop::startC), "no start temperature of it is known"));
        }

        /** First, middle and last three; fewer where the series is short. */
        private List<Group> thirds() {
            int n = stops.size();
            if (n < 3) {
                return List.of();
            }
            int size = Math.min(LATE, n / 3);
            int middle = (n - size) / 2;
            return List.of(
                    group("first", stops.subList(0, size)),
                    group("middle", stops.subList(middle, middle + size)),
                    group("last", stops.subList(n - size, n)));
        }

        private Map<String, List<FadeStop>> phaseOrder() {
            Map<String, List<FadeStop>> byPhase = new LinkedHashMap<>();
            stops.stream()
                    .filter(s -> !s.phase().isEmpty())
                    .forEach(s -> byPhase.computeIfAbsent(s.phase(), k -> new ArrayList<>())
                            .add(s));
            return byPhase.size() > 1 ? byPhase : Map.of();
        }

        private List<Group> phases() {
            return phaseOrder().entrySet().stream()
                    .map(e -> group(e.getKey(), e.getValue()))
                    .toList();
        }

        private Figure recovery() {
            Optional<List<FadeStop>> recovered = phaseOrder().entrySet().stream()
                    .filter(e -> isRecovered(e.getKey()))
                    .map(Map.Entry::getValue)
                    .reduce((first, last) -> last);
            return recovered
                    .map(r ->
                            ratio(median(known(r, measure::of), "the stops after the cool-down have no figure"), value))
                    .orElse(Figure.unknown("no stops were driven after a cool-down"));
        }
    }
}
