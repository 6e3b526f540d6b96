package app.frenum.core.compare;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.stop.DistanceBasis;
import java.util.List;

/** One thing that is looked at in two sides before they are compared. */
@FunctionalInterface
interface PairCheck {
    /** The last digit of a compared value that a sentence shows, in its inside unit. */
    double STEP = 0.01;

    /** What it finds; nothing where the sides have nothing to be looked at. */
    List<Check> of(Side a, Side b);

    /** A value of what is compared: metres, or m/s² where only times were taken. */
    static Term compared(double value, DistanceBasis basis) {
        AmountKind kind = basis == DistanceBasis.TIME_ONLY ? AmountKind.DECELERATION : AmountKind.DISTANCE;
        return new Term.Amount(kind, value, STEP);
    }

    /** A difference with its direction: metres are longer or shorter, a mean deceleration harder or less hard. */
    static Term way(double difference, DistanceBasis basis) {
        boolean time = basis == DistanceBasis.TIME_ONLY;
        CheckFinding more = time ? CheckFinding.HARDER : CheckFinding.LONGER;
        CheckFinding less = time ? CheckFinding.LESS_HARD : CheckFinding.SHORTER;
        return new Term.Said(Finding.of(difference < 0 ? less : more, compared(Math.abs(difference), basis)));
    }
}
