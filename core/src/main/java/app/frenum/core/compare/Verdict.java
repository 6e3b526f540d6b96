package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;

/** What can honestly be said of a difference. The names are part of the open formats. */
public enum Verdict {
    GAIN_SHOWN,
    LOSS_SHOWN,
    NO_WORTHWHILE_DIFFERENCE,
    NOT_SETTLED,
    NOT_COMPARABLE;

    /**
     * Judges a difference that nothing blocks.
     *
     * @param difference candidate − baseline
     * @param ci95 its 95 % interval
     * @param equivalent whether it was shown to lie within the margin, allowing for several candidates
     * @param floor what the instruments cannot see, a size; equivalence needs one that is known and within the margin
     * @param margin what is worth having, a size
     * @param small whether p, adjusted for several candidates and for looking early, is small enough
     * @param sense whether less or more is better
     */
    static Verdict of(
            double difference,
            Interval ci95,
            boolean equivalent,
            Figure floor,
            double margin,
            boolean small,
            Sense sense) {
        boolean shown = ci95.excludesZero() && Math.abs(difference) > floor.orElse(0) && small;
        if (shown) {
            return sense.isGain(difference) ? GAIN_SHOWN : LOSS_SHOWN;
        }
        boolean seen = floor.isKnown() && floor.value() <= margin;
        return equivalent && seen ? NO_WORTHWHILE_DIFFERENCE : NOT_SETTLED;
    }

    /** Whether the whole interval lies beyond the margin, on the side of the difference. */
    static boolean isWorthwhile(Interval ci95, double margin) {
        return ci95.high() < -margin || ci95.low() > margin;
    }

    /** Which way is better. */
    public enum Sense {
        /** Distances. */
        SHORTER_IS_BETTER,
        /** Decelerations. */
        MORE_IS_BETTER;

        boolean isGain(double difference) {
            return this == SHORTER_IS_BETTER ? difference < 0 : difference > 0;
        }
    }
}
