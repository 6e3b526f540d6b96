package app.frenum.server.assessment;

import app.frenum.core.procedure.LimitReading;
import app.frenum.core.quantity.Figure;
import java.util.List;

/**
 * A test phase by phase, each figure against the limits that somebody entered. Whether that satisfies their code is for
 * whoever inspects by it.
 *
 * @param phases of the procedure that brake, in order
 * @param limits of one phase or of all, for each configuration
 */
record AssessmentView(List<PhaseRow> phases, List<LimitRow> limits) {
    /**
     * One phase.
     *
     * @param words what it asks for
     * @param asked how many of each configuration
     */
    record PhaseRow(String name, String words, int asked, List<DrivenPhase> sides) {}

    /**
     * What one configuration did in it.
     *
     * @param letter of the configuration
     * @param counted how many count
     * @param repeated how many had to be driven again
     * @param meanM of their distances at the phase's speed
     * @param halfWidthM of its 95 % interval
     * @param mfdd mean of their decelerations, m/s²
     */
    record DrivenPhase(String letter, int counted, int repeated, Figure meanM, Figure halfWidthM, Figure mfdd) {}

    /** A limit against what one configuration did. */
    record LimitRow(String letter, LimitReading reading) {}
}
