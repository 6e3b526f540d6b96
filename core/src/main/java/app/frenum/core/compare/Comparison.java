package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Consistency;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.WelchTest;
import java.util.List;
import java.util.Optional;

/**
 * A candidate against the baseline. All differences are candidate − baseline.
 *
 * @param baseline name of the baseline configuration
 * @param candidate name of the candidate configuration
 * @param test the difference of means; empty when a blocker or too few stops forbid it
 * @param differencePercent of the baseline's mean
 * @param permutationP by chance alone, without assuming a distribution
 * @param holmP adjusted for the number of candidates
 * @param equivalenceP that the difference lies within the margin, adjusted for the number of candidates
 * @param consistency spread of one against the other
 * @param instrumentFloor what the instruments cannot see
 * @param margin what is worth having, in the values' unit
 * @param verdict what can be said
 * @param worthwhile whether the whole interval lies beyond the margin
 * @param stopsToSettle how many more stops of each would settle a difference of the margin
 * @param speedStillCarried where the shorter has stopped, speed of the longer, m/s
 * @param metres where the metres went, when the stops tell
 * @param howSure how sure the verdict is
 * @param chance the p behind that: adjusted for the number of candidates and, with few stops, for what permutations tell
 * @param order the difference with a trend over the order of driving taken out; empty where order says nothing
 * @param level confidence level of the interval that goes with the verdict: 0.95, or more while a planned test is looked at
 *     before its end
 * @param look how far the planned test has come
 * @param checks what could be wrong with it, blockers first
 */
public record Comparison(
        String baseline,
        String candidate,
        Optional<WelchTest> test,
        Figure differencePercent,
        Figure permutationP,
        Figure holmP,
        Figure equivalenceP,
        Optional<Consistency> consistency,
        Figure instrumentFloor,
        Figure margin,
        Verdict verdict,
        boolean worthwhile,
        Figure stopsToSettle,
        Figure speedStillCarried,
        Optional<Metres> metres,
        HowSure howSure,
        Figure chance,
        Optional<DrivingOrder> order,
        double level,
        Look look,
        List<Check> checks) {

    public Optional<Interval> interval95() {
        return test.map(t -> t.interval(0.95));
    }

    /** The interval that goes with the verdict. */
    public Optional<Interval> interval() {
        return test.map(t -> t.interval(level));
    }

    public boolean isBlocked() {
        return checks.stream().anyMatch(c -> c.level() == Check.Level.BLOCK);
    }
}
