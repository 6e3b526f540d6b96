package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Optional;

/**
 * How sure a verdict is, in one fixed scale, made in one place. It follows the verdict's own p, adjusted for the number of
 * candidates; with few stops the permutation's where that is larger; and it is capped by what a drift of the day could do.
 * The names are part of the open formats.
 */
public enum HowSure implements FindingCode {
    VERY_SURE,
    FAIRLY_SURE,
    LEANING,
    CANNOT_TELL;

    private static final double VERY = 0.01;
    private static final double FAIRLY = 0.05;
    private static final double SOMEWHAT = 0.2;
    /** Below so many stops of each, a permutation is the more honest p. */
    static final int FEW = 6;

    private static HowSure ofP(double p) {
        if (p <= VERY) {
            return VERY_SURE;
        }
        return p <= FAIRLY ? FAIRLY_SURE : p <= SOMEWHAT ? LEANING : CANNOT_TELL;
    }

    private HowSure atMost(HowSure cap) {
        return compareTo(cap) < 0 ? cap : this;
    }

    /**
     * @param p of the difference, adjusted for the number of candidates and, with few stops, for what permutations tell
     * @param equivalenceP that it lies within the margin, adjusted for the number of candidates
     * @param difference candidate − baseline
     * @param floor what the instruments cannot see
     * @param margin what is worth having
     * @param order the difference with a trend over the order of driving taken out, where order could have made it
     */
    static HowSure of(
            Verdict verdict,
            double p,
            double equivalenceP,
            double difference,
            Figure floor,
            double margin,
            Optional<DrivingOrder> order) {
        boolean blind = !floor.isKnown() || floor.value() > margin;
        return switch (verdict) {
            case GAIN_SHOWN, LOSS_SHOWN ->
                ofP(p).atMost(blind || order.filter(DrivingOrder::couldBeDrift).isPresent() ? LEANING : VERY_SURE)
                        .orLeaning();
            case NO_WORTHWHILE_DIFFERENCE ->
                ofP(equivalenceP)
                        .atMost(
                                order.filter(o -> !o.interval().isWithin(margin))
                                                .isPresent()
                                        ? LEANING
                                        : VERY_SURE)
                        .orLeaning();
            case NOT_SETTLED ->
                !floor.isKnown() || Math.abs(difference) < floor.value() ? CANNOT_TELL : ofP(p).atMost(LEANING);
            case NOT_COMPARABLE -> CANNOT_TELL;
        };
    }

    /** What is shown is leant towards at least. */
    private HowSure orLeaning() {
        return this == CANNOT_TELL ? LEANING : this;
    }

    @Override
    public List<String> parameters() {
        return List.of();
    }
}
