package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import app.frenum.core.stop.DistanceBasis;
import java.util.Optional;

/** What a metre that was gained has cost. Where the range of the gain holds 0 nothing is said: it may have cost anything. */
public final class Price {
    private static final double TO_A_TENTH = 0.1;
    private static final double CENT = 0.01;

    private Price() {}

    /**
     * @param cost of the changed parts
     * @param currency its sign or letters; none where it was entered without
     * @param hours to fit them
     */
    public static Finding of(Comparison c, Side baseline, Figure cost, Optional<String> currency, Figure hours) {
        Optional<Interval> range = c.interval();
        boolean gained = c.verdict() == Verdict.GAIN_SHOWN
                && baseline.basis() != DistanceBasis.TIME_ONLY
                && range.filter(Interval::excludesZero).isPresent();
        if (!gained || !cost.isKnown() || cost.value() <= 0) {
            return Finding.of(NOTHING);
        }
        double most = Math.max(Math.abs(range.get().low()), Math.abs(range.get().high()));
        double least =
                Math.min(Math.abs(range.get().low()), Math.abs(range.get().high()));
        double gain = Math.abs(c.test().orElseThrow().difference());
        return Finding.of(
                COSTS,
                Term.times(cost.value(), cost.value() == Math.rint(cost.value()) ? 1 : CENT),
                Term.name(currency.orElse("")),
                Term.said(
                        hours.isKnown()
                                ? Finding.of(HOURS, Term.times(hours.value(), TO_A_TENTH))
                                : Finding.of(NOTHING)),
                amount(cost.value() / gain),
                Term.distance(1, TO_A_TENTH),
                amount(cost.value() / most),
                amount(cost.value() / least));
    }

    /** To two digits: no more is known of a metre. */
    private static Term amount(double x) {
        double step = Math.max(1, Math.pow(10, Math.floor(Math.log10(Math.max(1, x))) - 1));
        return Term.times(step * Math.round(x / step), 1);
    }
}
