package app.frenum.core.procedure.run;

import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.heat.Regimes;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.Phase;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a run is to do, fixed when it begins.
 *
 * @param steps in order, at least one
 * @param sides the configurations, the baseline first
 * @param abortRules of the procedure
 * @param nominalMps test speed, m/s
 * @param marginM smallest difference worth having, m
 * @param stopsEach measured stops of each configuration
 * @param ambientC of the air, °C
 * @param tauS time constant of the front discs where their own cool-down does not tell it yet, s
 * @param standingTauS the same while the car stands; empty until it was learnt
 * @param limitC highest disc temperature allowed, °C
 * @param inspected front discs of the vehicle, whose faces an inspection asks for; empty where it has none, or none is known
 * @param rules by which version of the rules it is run, so that a run of before is rebuilt as it was: up to 1 a signature held
 *     for ever, a switch that nobody looked at counted as asked, and somebody had to say that a cool-down was over; up to 2 an
 *     inspection was done without a face looked at, and an observation without a word
 */
public record RunScript(
        List<Step> steps,
        List<Side> sides,
        Set<AbortRule> abortRules,
        double nominalMps,
        double marginM,
        int stopsEach,
        double ambientC,
        double tauS,
        Optional<Double> standingTauS,
        Optional<Double> limitC,
        Set<WheelPosition> inspected,
        int rules) {
    /** The rules of now. */
    public static final int RULES = 3;

    public RunScript {
        steps = List.copyOf(steps);
        sides = List.copyOf(sides);
        abortRules = abortRules.isEmpty() ? Set.of() : EnumSet.copyOf(abortRules);
        inspected = inspected.isEmpty() ? Set.of() : EnumSet.copyOf(inspected);
        if (steps.isEmpty() || sides.isEmpty()) {
            throw new IllegalArgumentException("a run needs something to do, with something");
        }
    }

    /** Whether a step's stops are the baseline's that a proof is held against: measured, from the proof's own speed. */
    boolean isLikeProof(int step, int proof) {
        Step own = steps.get(step);
        double from = steps.get(proof).phase().orElseThrow().from().inside();
        return own.configuration() == 0
                && own.isMeasured()
                && own.phase().filter(p -> p.from().inside() == from).isPresent();
    }

    /** Measured stops of a phase that a configuration is to have in all its blocks. */
    public int measuredStops(int configuration, Optional<String> phase) {
        return steps.stream()
                .filter(s -> s.configuration() == configuration && s.isMeasured())
                .filter(s -> phase.filter(s.name()::equals).isPresent())
                .mapToInt(Step::repeats)
                .sum();
    }

    /** Which part of the brakes works in a step. */
    BrakeSystem systemOf(int step) {
        return steps.get(step).phase().map(Phase::system).orElse(BrakeSystem.WHOLE);
    }

    /** Whether two steps ask for the same of the same parts, as the repeats of a cycle do. */
    boolean areAlike(int step, int other) {
        Step a = steps.get(step);
        Step b = steps.get(other);
        return step == other
                || a.isBraking()
                        && a.configuration() == b.configuration()
                        && a.cycle() > 0
                        && b.cycle() > 0
                        && a.phase().equals(b.phase());
    }

    boolean isSignedDaily() {
        return rules > 1;
    }

    boolean endsCoolDowns() {
        return rules > 1;
    }

    boolean asksForSwitches() {
        return rules > 1;
    }

    boolean asksForTasks() {
        return rules > 2;
    }

    /** How the front discs cool, as far as it is known. */
    public Regimes cooling() {
        return new Regimes(tauS, standingTauS);
    }

    /**
     * A configuration in the run.
     *
     * @param switches as they must stand; absent where nothing is declared
     */
    public record Side(String name, Map<BrakeSwitch, Boolean> switches) {
        public Side {
            switches = switches.isEmpty() ? Map.of() : new EnumMap<>(switches);
        }
    }
}
