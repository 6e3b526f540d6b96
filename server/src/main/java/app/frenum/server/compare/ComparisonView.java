package app.frenum.server.compare;

import app.frenum.core.compare.Adjusted;
import app.frenum.core.compare.Check.Level;
import app.frenum.core.compare.CheckCode;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.compare.HowSure;
import app.frenum.core.compare.Metres;
import app.frenum.core.compare.Ranking;
import app.frenum.core.compare.Verdict;
import app.frenum.core.finding.Finding;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import app.frenum.core.stop.DistanceBasis;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A test's comparison as it is shown. Distances in m, by stopwatch decelerations in m/s²; differences are
 * candidate − baseline.
 *
 * @param group what tells these stops from the test's others
 * @param nominalSpeed m/s
 * @param sides every configuration of the test, baseline first
 * @param phase that its stops were written down for, or null
 * @param comparisons one per candidate
 * @param ranking of all of them; null of fewer than three
 * @param others the test's stops that are not like these, such as from another speed, each group with its own verdicts
 */
public record ComparisonView(
        UUID testId,
        DistanceBasis basis,
        String group,
        double nominalSpeed,
        @Nullable String phase,
        @Nullable Double carLengthM,
        @Nullable Double carWidthM,
        List<SideView> sides,
        List<Pair> comparisons,
        @Nullable RankingView ranking,
        List<ComparisonView> others) {

    ComparisonView with(List<ComparisonView> otherGroups) {
        return new ComparisonView(
                testId,
                basis,
                group,
                nominalSpeed,
                phase,
                carLengthM,
                carWidthM,
                sides,
                comparisons,
                ranking,
                List.copyOf(otherGroups));
    }

    /**
     * One configuration.
     *
     * @param halfWidth95 of the mean
     * @param asDrivenMean mean distance before the correction for entry speed, m
     * @param entrySpeedMean m/s
     * @param mfddMean m/s²
     * @param stops every stop that has a value
     * @param speedAlong pairs of distance and speed for its mean stop; empty without valid stops
     */
    public record SideView(
            UUID configurationId,
            String configuration,
            List<String> changed,
            DistanceBasis basis,
            int n,
            long struckOut,
            long repeat,
            Figure mean,
            Figure sd,
            Figure halfWidth95,
            Figure median,
            Figure range,
            Figure cv,
            Figure trendPerStop,
            Figure trendP,
            Figure asDrivenMean,
            Figure entrySpeedMean,
            Figure mfddMean,
            Figure startTemperatureMean,
            List<Mark> stops,
            double[][] speedAlong) {}

    /**
     * All configurations in the order of their means.
     *
     * @param places best first
     * @param sentences what it comes to
     */
    public record RankingView(List<PlaceView> places, List<Finding> sentences) {}

    /**
     * One configuration in a ranking.
     *
     * @param halfWidth of an interval that holds together with those of all others; of few stops, of the baseline's scatter
     * @param alike those that it cannot be told apart from
     */
    public record PlaceView(
            UUID configurationId, int n, Figure mean, Figure halfWidth, Ranking.Standing standing, List<UUID> alike) {}

    /** One stop's mark on the lane. */
    public record Mark(UUID stopId, int number, double value, MarkStatus status, Optional<Finding> why) {}

    /** Whether a mark counts. */
    public enum MarkStatus {
        COUNTS,
        STRUCK_OUT,
        REPEAT
    }

    /**
     * A candidate against the baseline.
     *
     * @param orderAdjusted null where the order of driving says nothing
     * @param adjusted the difference once more with other things taken out of it
     * @param level confidence level of {@code interval}, which goes with the verdict
     * @param early whether stops of the plan are still to come
     * @param extended whether it was driven past its plan
     * @param conclusion the same in sentences
     * @param grip whether tyres and lane set the distances, or the brakes
     * @param turnOver at which temperature their order turns over; says nothing where it does not
     * @param repeats which repeats itself better; says nothing where their spreads cannot be told apart
     * @param price what a gain has cost; says nothing where none is shown or no cost was entered
     * @param expected what was expected, held against what came; null where nobody said one
     * @param inProportion the difference as a share, and in lengths of the car; says nothing where none is shown
     */
    public record Pair(
            UUID candidateId,
            String candidate,
            Figure difference,
            Figure differencePercent,
            @Nullable Interval interval95,
            @Nullable Interval interval90,
            Figure welchT,
            Figure degreesOfFreedom,
            Figure p,
            Figure permutationP,
            Figure holmP,
            Figure hedgesG,
            Figure sdRatio,
            @Nullable Interval sdRatioInterval,
            Figure brownForsytheP,
            Figure instrumentFloor,
            Figure margin,
            Verdict verdict,
            boolean worthwhile,
            Figure stopsToSettle,
            Figure smallestDifference,
            Figure speedStillCarried,
            @Nullable Metres metres,
            HowSure howSure,
            Figure chance,
            @Nullable OrderView orderAdjusted,
            List<Adjusted> adjusted,
            double level,
            @Nullable Interval interval,
            boolean early,
            boolean extended,
            List<CheckView> checks,
            Conclusion conclusion,
            Finding inProportion,
            Finding grip,
            Finding turnOver,
            Finding repeats,
            Finding price,
            @Nullable Finding expected) {}

    /** The difference with a trend over the order of driving taken out, and the drift that would explain all of it. */
    public record OrderView(double difference, Interval interval, double driftPerStop) {}

    /** One check. */
    public record CheckView(CheckCode code, Level level, Finding title, Finding evidence) {}
}
