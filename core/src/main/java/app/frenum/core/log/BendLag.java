package app.frenum.core.log;

import java.util.Optional;

/** From the edge of a switch to where speed bends downwards, over one braking. */
final class BendLag {
    private static final double EARLIEST_S = -0.7;
    private static final double LATEST_S = 1.2;
    private static final double BEFORE_S = 0.5;
    private static final double AFTER_S = 0.7;
    private static final double HALF_RISE_S = 0.1;
    private static final double LEAST_MPS2 = 2;
    /** A slower rise may be a slow foot, slow brakes, or a filtered speed, which is late by up to half of it, s. */
    private static final double QUICK_S = 0.2;

    private static final double SLOW_S = 0.3;

    private BendLag() {}

    /** The lag; empty where speed does not bend near the edge. */
    static Optional<BrakingLag> of(Signal speed, double edgeS) {
        if (edgeS + EARLIEST_S - BEFORE_S < speed.first() || edgeS + LATEST_S + AFTER_S > speed.last()) {
            return Optional.empty();
        }
        Signal slowing =
                Smoothing.decelerationOf(speed.between(edgeS + EARLIEST_S - BEFORE_S, edgeS + LATEST_S + AFTER_S));
        double most = slowing.max(edgeS + EARLIEST_S, edgeS + LATEST_S);
        double half = slowing.map(a -> -a).firstFallTo(-most / 2, edgeS + EARLIEST_S, edgeS + LATEST_S);
        if (most < LEAST_MPS2 || Double.isNaN(half)) {
            return Optional.empty();
        }
        double near = half - HALF_RISE_S;
        Ramp ramp = Ramp.fit(speed, Ramp.Of.SPEED, near, near - BEFORE_S, near + AFTER_S);
        return Optional.ofNullable(ramp).map(r -> new BrakingLag(r.bendS() - edgeS, doubtS(r), r.lengthS() > SLOW_S));
    }

    private static double doubtS(Ramp ramp) {
        return Math.hypot(ramp.uncertaintyS() / 2, Math.max(0, ramp.lengthS() - QUICK_S) / 2);
    }
}
