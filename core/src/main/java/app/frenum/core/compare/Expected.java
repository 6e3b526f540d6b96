package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Interval;
import app.frenum.core.stop.DistanceBasis;
import java.util.Optional;

/** What somebody expected before the first stop, held against what came. */
public final class Expected {
    private Expected() {}

    /**
     * Whether the range of the difference holds what was expected.
     *
     * @param guess empty where only words were written down
     */
    public static Finding scored(Optional<Guess> guess, Comparison c, Side baseline) {
        if (guess.isEmpty()) {
            return Finding.of(EXPECTED_WITHOUT_FIGURE);
        }
        if (c.interval().isEmpty()
                || c.verdict() == Verdict.NOT_COMPARABLE
                || baseline.basis() == DistanceBasis.TIME_ONLY) {
            return Finding.of(EXPECTED_NOT_ANSWERED);
        }
        Interval range = c.interval().get();
        double expected = guess.get().difference();
        boolean held = range.low() <= expected && expected <= range.high();
        return Finding.of(
                held ? EXPECTED_HELD : EXPECTED_MISSED,
                expected == 0 ? Term.said(Finding.of(NO_DIFFERENCE)) : way(expected, baseline),
                Term.said(
                        Finding.of(ConclusionFinding.ACROSS, way(range.low(), baseline), way(range.high(), baseline))));
    }

    private static Term way(double difference, Side baseline) {
        return PairCheck.way(difference, baseline.basis());
    }

    /** How often somebody's guesses were held by what came; says nothing of fewer than two. */
    public static Finding guesses(String who, long held, long of) {
        return of < 2 ? Finding.of(NOTHING) : Finding.of(GUESSES, Term.name(who), Term.count(held), Term.count(of));
    }
}
