package app.frenum.core.heat;

import java.util.Optional;

/**
 * The two time constants with which a disc cools, rolling and standing, and how far each may be wrong. Until it is learnt
 * that of standing is three times that of rolling, known to a factor of 2 beside what that of rolling may be wrong by.
 *
 * @param rollingS time constant while the car rolls, s
 * @param standingS while it stands, s; empty until cool-downs of a standing car were fitted
 */
public record Regimes(double rollingS, Optional<Double> standingS) {
    private static final double STANDING = 3;
    private static final double STANDING_FACTOR = 2;
    /** How far a time constant may be wrong where the car does as it did, 95 %: wind and the heat of the hat move it. */
    private static final double SPREAD = 0.2;
    /** Its standard uncertainty at another speed than it was learnt at, as on the way to the thermometer. */
    private static final double OTHER_SPEED = 0.25;

    private static final double STANDING_SPREAD = Math.exp(Math.hypot(Math.log(STANDING_FACTOR), SPREAD));
    private static final double COVERAGE = 2;
    private static final double MOST_TIME_CONSTANTS = 2;

    /** Where nothing but a time constant of rolling is known. */
    public static Regimes of(double rollingS) {
        return new Regimes(rollingS, Optional.empty());
    }

    /** Whether so much of the heat is gone that the way back leads anywhere: a reading is a lower limit then. */
    public boolean isTooLate(double lateS) {
        return lateS > MOST_TIME_CONSTANTS * rollingS;
    }

    /** From which to which a time constant may be, s. */
    public record Range(double lowS, double highS) {
        double middleS() {
            return (lowS + highS) / 2;
        }

        double uncertaintyS() {
            return (highS - lowS) / 2 / COVERAGE;
        }
    }

    /** @param motion empty where nobody knows how long of it the car rolled: from the soonest of one to the latest of the other */
    public Range range(Optional<Motion> motion) {
        Range rolling = new Range(rollingS * (1 - SPREAD), rollingS * (1 + SPREAD));
        Range standing = standingS
                .map(s -> new Range(s * (1 - SPREAD), s * (1 + SPREAD)))
                .orElse(new Range(STANDING / STANDING_SPREAD * rollingS, STANDING * STANDING_SPREAD * rollingS));
        return motion.map(m -> m == Motion.ROLLING ? rolling : standing)
                .orElse(new Range(Math.min(rolling.lowS, standing.lowS), Math.max(rolling.highS, standing.highS)));
    }

    /**
     * The peak that a late reading goes back to; where the motion is not known, half way between a disc that rolled all the
     * time and one that stood, with an uncertainty whose ± 2u reach both.
     */
    public Cooling.Peak peakBefore(
            Cooling.Peak reading, double lateS, double ambientC, double ambientUncertaintyC, Optional<Motion> motion) {
        if (motion.isPresent()) {
            return peakBefore(reading, lateS, ambientC, ambientUncertaintyC, motion.get());
        }
        Cooling.Peak rolled = peakBefore(reading, lateS, ambientC, ambientUncertaintyC, Motion.ROLLING);
        Cooling.Peak stood = peakBefore(reading, lateS, ambientC, ambientUncertaintyC, Motion.STANDING);
        double between = (rolled.celsius() - stood.celsius()) / (2 * COVERAGE);
        double u = between + Math.max(rolled.uncertaintyC(), stood.uncertaintyC());
        return new Cooling.Peak((rolled.celsius() + stood.celsius()) / 2, u);
    }

    /** A range whose ends are far apart is gone back with at both, because the way back bends. */
    private Cooling.Peak peakBefore(
            Cooling.Peak reading, double lateS, double ambientC, double ambientUncertaintyC, Motion motion) {
        Range tau = range(Optional.of(motion));
        if (motion == Motion.ROLLING || standingS.isPresent()) {
            return new Cooling(tau.middleS(), ambientC)
                    .peakBefore(reading, lateS, OTHER_SPEED * tau.middleS(), ambientUncertaintyC);
        }
        Cooling middle = new Cooling(tau.middleS(), ambientC);
        Cooling.Peak exact = middle.peakBefore(reading, lateS, 0, ambientUncertaintyC);
        double high = new Cooling(tau.lowS(), ambientC)
                .peakBefore(reading, lateS, 0, 0)
                .celsius();
        double low = new Cooling(tau.highS(), ambientC)
                .peakBefore(reading, lateS, 0, 0)
                .celsius();
        return new Cooling.Peak((high + low) / 2, Math.hypot(exact.uncertaintyC(), (high - low) / 2 / COVERAGE));
    }
}
