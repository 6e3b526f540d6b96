package app.frenum.core.compare;

import static app.frenum.core.compare.GripFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.stream.DoubleStream;

/** Whether tyres and lane set the distances, or the brakes did: nobody is to credit a caliper for a warm tyre. */
public final class GripOrBrakes {
    /** Within this share of the hardest of the day it slowed as hard as anything did that day. */
    private static final double NEAR_BEST = 0.03;
    /** Line pressures that differ by more than this were pressed differently, as a share. */
    private static final double PRESSED_MORE = 0.1;

    private GripOrBrakes() {}

    /**
     * @param nameA what the baseline is called
     * @param nameB what the candidate is called
     */
    public static Finding of(Side a, Side b, String nameA, String nameB) {
        int limitedA = a.gripLimited();
        int limitedB = b.gripLimited();
        int ofA = a.values().length;
        int ofB = b.values().length;
        boolean tyresA = a.isMostlyGripLimited();
        boolean tyresB = b.isMostlyGripLimited();
        if (tyresA && tyresB) {
            return Finding.of(
                    TYRES_BOTH,
                    Term.name(nameA),
                    Term.count(limitedA),
                    Term.count(ofA),
                    Term.name(nameB),
                    Term.count(limitedB),
                    Term.count(ofB));
        }
        if (tyresA || tyresB) {
            return Finding.of(
                    (tyresA ? b : a).isMostlyTold() ? TYRES_ONE : TYRES_ONE_OTHER_NOT_TOLD,
                    Term.name(tyresA ? nameA : nameB),
                    Term.count(tyresA ? limitedA : limitedB),
                    Term.count(tyresA ? ofA : ofB),
                    Term.name(tyresA ? nameB : nameA));
        }
        return bySlowing(a, b, nameA, nameB);
    }

    private static Finding bySlowing(Side a, Side b, String nameA, String nameB) {
        Figure slowingA = a.mean(ComparedStop::mfdd);
        Figure slowingB = b.mean(ComparedStop::mfdd);
        if (!slowingA.isKnown() || !slowingB.isKnown()) {
            return Finding.of(NOT_KNOWN);
        }
        double best = DoubleStream.concat(
                        Arrays.stream(a.known(ComparedStop::mfdd)), Arrays.stream(b.known(ComparedStop::mfdd)))
                .max()
                .orElseThrow();
        Figure pressedA = pressure(a);
        Figure pressedB = pressure(b);
        boolean known = pressedA.isKnown() && pressedB.isKnown();
        if (known && Math.min(slowingA.value(), slowingB.value()) > (1 - NEAR_BEST) * best) {
            double more = Math.max(pressedA.value(), pressedB.value()) / Math.min(pressedA.value(), pressedB.value());
            if (more > 1 + PRESSED_MORE) {
                boolean harder = pressedB.value() > pressedA.value();
                return Finding.of(
                        NO_MORE_FOR_MORE,
                        Term.deceleration(best),
                        Term.share(more - 1),
                        Term.name(harder ? nameB : nameA));
            }
        }
        return Finding.of(
                a.isMostlyTold() && b.isMostlyTold() ? BRAKES : known ? WHEELS_NOT_KNOWN : PRESSURE_NOT_KNOWN,
                Term.name(nameA),
                Term.deceleration(slowingA.value()),
                Term.name(nameB),
                Term.deceleration(slowingB.value()),
                Term.deceleration(best));
    }

    /** Front line pressure on the plateau, from what a bar did, bar. */
    private static Figure pressure(Side side) {
        return side.mean(s -> s.mfdd().isKnown() && s.effectiveness().isKnown()
                ? Figure.of(s.mfdd().value() / s.effectiveness().value())
                : Figure.unknown("line pressure was not logged"));
    }
}
