package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.*;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Consistency;
import app.frenum.core.statistics.Trend;
import app.frenum.core.stop.DistanceBasis;
import java.util.Optional;

/** How well two configurations repeat themselves: a finding of its own, beside the mean and where there is no verdict on that. */
public final class Repeats {
    private static final double RARE = 0.05;
    private static final int FEWEST_FOR_TREND = 5;

    private Repeats() {}

    /** Says nothing where their spreads cannot be told apart. */
    public static Finding of(Comparison c, String a, String b, Side baseline, Side candidate) {
        Optional<Consistency> spread = c.consistency();
        boolean shown = spread.filter(s -> s.brownForsytheP().isKnown()
                        && s.brownForsytheP().value() < RARE
                        && s.interval().filter(i -> i.low() > 1 || i.high() < 1).isPresent())
                .isPresent();
        // A side that fades or learns scatters along its trend; that is no want of repeatability.
        if (!shown || hasTrend(baseline) || hasTrend(candidate)) {
            return Finding.of(NOTHING);
        }
        boolean better = spread.get().sdRatio().value() < 1;
        return Finding.of(
                better ? REPEATS_BETTER : REPEATS_WORSE,
                Term.name(b),
                Term.name(a),
                spread(candidate),
                spread(baseline));
    }

    private static boolean hasTrend(Side side) {
        return side.values().length >= FEWEST_FOR_TREND
                && Trend.of(side.values()).p().orElse(1) < RARE;
    }

    private static Term spread(Side side) {
        boolean timed = side.basis() == DistanceBasis.TIME_ONLY;
        double sd = side.summary().sd().value();
        return timed ? new Term.Amount(AmountKind.DECELERATION, sd, 0.01) : Term.distance(sd, 0.1);
    }
}
