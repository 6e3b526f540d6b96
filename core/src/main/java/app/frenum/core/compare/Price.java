package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import app.frenum.core.stop.DistanceBasis;
import java.util.Locale;
import java.util.Optional;

/** What a metre that was gained has cost. Where the range of the gain holds 0 nothing is said: it may have cost anything. */
public final class Price {
    private static final double TO_A_TENTH = 0.1;

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
        String in = currency.map(m -> " " + m).orElse("");
        return Finding.of(
                COSTS,
                Term.name(asEntered(cost.value()) + in),
                Term.said(
                        hours.isKnown()
                                ? Finding.of(HOURS, Term.times(hours.value(), TO_A_TENTH))
                                : Finding.of(NOTHING)),
                Term.name(amount(cost.value() / gain) + in),
                Term.distance(1, TO_A_TENTH),
                Term.name(amount(cost.value() / most)),
                Term.name(amount(cost.value() / least)));
    }

    private static String asEntered(double cost) {
        return cost == Math.rint(cost) ? String.valueOf(Math.round(cost)) : String.format(Locale.ROOT, "%.2f", cost);
    }

    /** To two digits: no more is known of a metre. */
    private static String amount(double x) {
        double step = Math.pow(10, Math.floor(Math.log10(Math.max(1, x))) - 1);
        return String.valueOf(Math.round(Math.round(x / Math.max(1, step)) * Math.max(1, step)));
    }
}
