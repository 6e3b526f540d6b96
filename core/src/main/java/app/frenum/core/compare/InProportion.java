package app.frenum.core.compare;

import static app.frenum.core.compare.ConclusionFinding.*;
import static app.frenum.core.finding.Term.said;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;

/** A difference that is shown, in what people can picture: as a share of the baseline, and in lengths of the car. */
public final class InProportion {
    private InProportion() {}

    /**
     * Says nothing of a difference that is not shown.
     *
     * @param a what the baseline is called
     * @param carLengthM unknown where nobody measured the car
     */
    public static Finding of(Comparison c, String a, Side baseline, Figure carLengthM) {
        boolean shown = c.verdict() == Verdict.GAIN_SHOWN || c.verdict() == Verdict.LOSS_SHOWN;
        if (!shown || !c.differencePercent().isKnown() || c.test().isEmpty()) {
            return Finding.of(NOTHING);
        }
        Term share =
                new Term.Amount(AmountKind.SHARE, Math.abs(c.differencePercent().value()) / 100, 0.001);
        if (baseline.basis() == DistanceBasis.TIME_ONLY) {
            return Finding.of(OF_DECELERATION, share, Term.name(a));
        }
        Finding lengths = carLengthM.isKnown()
                ? Finding.of(CAR_LENGTHS, Term.times(Math.abs(c.test().get().difference()) / carLengthM.value()))
                : Finding.of(NOTHING);
        return Finding.of(OF_DISTANCE, share, Term.name(a), said(lengths));
    }
}
