package app.frenum.core.compare;

import static app.frenum.core.compare.CheckFinding.DRIVEN_IN_TURNS;
import static app.frenum.core.compare.CheckFinding.ONE_AFTER_THE_OTHER;
import static app.frenum.core.compare.CheckFinding.ONE_AFTER_THE_OTHER_WITH_TREND;
import static app.frenum.core.compare.CheckFinding.ORDER_NOT_KNOWN;
import static app.frenum.core.compare.CheckFinding.RETURN_DIFFERS;
import static app.frenum.core.compare.CheckFinding.RETURN_TOO_SHORT;

import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.WelchTest;
import app.frenum.core.stop.DistanceBasis;
import java.util.Optional;

/** Whether the day itself drifted while the sides were driven. */
final class DriftChecks {
    private DriftChecks() {}

    /**
     * With a return to the baseline: drift is the second baseline block less the first.
     *
     * @param effect candidate − baseline
     * @param shown whether that is shown, and so could be half drift
     */
    static Optional<Check> drift(Side a, double effect, boolean shown) {
        int[] blocks = a.blocks();
        if (blocks.length < 2) {
            return Optional.empty();
        }
        double[] first = a.block(blocks[0]);
        double[] last = a.block(blocks[blocks.length - 1]);
        if (Math.min(first.length, last.length) < 2) {
            return Optional.of(Check.notKnown(CheckCode.DRIFT, RETURN_TOO_SHORT));
        }
        WelchTest drift = WelchTest.of(first, last, a.resolution());
        Interval ci = drift.interval(0.95);
        Term[] said = {
            PairCheck.way(drift.difference(), a.basis()),
            PairCheck.way(ci.low(), a.basis()),
            PairCheck.way(ci.high(), a.basis())
        };
        // Half of an effect is little where few stops came back: chance must be the less likely maker of it, too.
        boolean half = shown && Math.abs(drift.difference()) > Math.abs(effect) / 2;
        boolean large = ci.excludesZero() || half && drift.interval(0.90).excludesZero();
        return Optional.of(
                large
                        ? Check.caution(CheckCode.DRIFT, RETURN_DIFFERS, said)
                        : Check.pass(CheckCode.DRIFT, RETURN_DIFFERS, said));
    }

    /** All of one, then all of the other: a drift of the day looks just like a better brake. */
    static Check order(Side a, Side b, Optional<DrivingOrder> adjusted) {
        if (!DrivingOrder.isKnown(a, b)) {
            return Check.notKnown(CheckCode.ORDER, ORDER_NOT_KNOWN);
        }
        if (!DrivingOrder.isOneAfterTheOther(a, b)) {
            return Check.pass(CheckCode.ORDER, DRIVEN_IN_TURNS);
        }
        return adjusted.map(o -> oneAfterTheOther(o, a.basis()))
                .orElse(Check.caution(CheckCode.ORDER, ONE_AFTER_THE_OTHER));
    }

    private static Check oneAfterTheOther(DrivingOrder o, DistanceBasis basis) {
        return Check.caution(
                CheckCode.ORDER,
                ONE_AFTER_THE_OTHER_WITH_TREND,
                PairCheck.way(o.driftPerStop(), basis),
                PairCheck.way(o.difference(), basis),
                PairCheck.way(o.interval().low(), basis),
                PairCheck.way(o.interval().high(), basis));
    }
}
