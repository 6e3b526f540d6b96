package app.frenum.core.heat;

import java.util.List;

/**
 * One disc through a series, stop after stop. A ladder keeps what the hottest stop since it was painted did to it, so it
 * tells of a later stop only when no earlier one explains it.
 */
public final class PeakHistory {
    private double hottestC = Double.NEGATIVE_INFINITY;

    /** What is believed of the next stop. */
    public PeakBelief next(List<PeakClue> clues) {
        PeakBelief belief = PeakBelief.of(clues.stream()
                .map(c -> c.isLadder() && c.atLeastC().orElse(Double.POSITIVE_INFINITY) <= hottestC
                        ? c.changedEarlier()
                        : c)
                .toList());
        if (belief.peakC().isKnown()) {
            hottestC = Math.max(
                    hottestC, belief.peakC().value() + 2 * belief.peakU().value());
        }
        return belief;
    }

    /** The disc was painted anew. */
    public void painted() {
        hottestC = Double.NEGATIVE_INFINITY;
    }
}
