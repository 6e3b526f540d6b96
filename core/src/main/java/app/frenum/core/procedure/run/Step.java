package app.frenum.core.procedure.run;

import app.frenum.core.procedure.Phase;
import java.util.Optional;

/**
 * One stretch of a run: a phase with all its repeats, or a change of parts.
 *
 * @param kind what is done
 * @param configuration 0 is the baseline
 * @param block from 1, counted for each configuration
 * @param phase absent for what is not in the procedure
 * @param repeats how many that count; 1 for what is not driven
 * @param cycle the repeat of the procedure's cycle that it belongs to, from 1; 0 for none
 */
public record Step(Kind kind, int configuration, int block, Optional<Phase> phase, int repeats, int cycle) {
    /** What is done. */
    public enum Kind {
        CHANGE_PARTS,
        BED_IN,
        BRAKING,
        /** A cool-down, an observation or an inspection: done when somebody says so. */
        TASK
    }

    /** As it is called. */
    public String name() {
        return phase.map(Phase::name).orElse(kind == Kind.CHANGE_PARTS ? "change parts" : "bed in");
    }

    boolean isTreatment() {
        return phase.filter(p -> p.kind() == Phase.Kind.TREATMENT).isPresent();
    }

    boolean isBraking() {
        return kind == Kind.BRAKING;
    }

    /** Whether another step belongs to the same repeat of the cycle. */
    boolean isInCycleWith(Step other) {
        return cycle > 0 && cycle == other.cycle && configuration == other.configuration && block == other.block;
    }

    /** Whether its stops are measured against each other, rather than driven to warm up or to prove something. */
    boolean isMeasured() {
        return isBraking()
                && phase.filter(p -> p.kind() == Phase.Kind.STOP && !p.provesBack())
                        .isPresent();
    }

    /** Whether its stops must show that the vehicle is back at its baseline. */
    boolean provesBack() {
        return phase.filter(Phase::provesBack).isPresent();
    }

    int mostAttempts() {
        return repeats + phase.map(Phase::mostExtra).orElse(0);
    }
}
