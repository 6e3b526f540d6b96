package app.frenum.core.plan;

import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.run.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Turns a plan's blocks into the steps of a run. */
public final class RunScripts {
    private RunScripts() {}

    /**
     * The steps in order: every block runs the whole procedure, after its parts are changed and its pads bedded in.
     *
     * @param procedure with the test's speed in it
     * @param blocks in order
     * @param needsBedding by configuration
     */
    public static List<Step> steps(Procedure procedure, List<RunOrder.Block> blocks, List<Boolean> needsBedding) {
        List<Step> steps = new ArrayList<>();
        int[] seen = new int[needsBedding.size()];
        int fitted = 0;
        for (RunOrder.Block block : blocks) {
            int c = block.configuration();
            int number = ++seen[c];
            if (c != fitted) {
                steps.add(new Step(Step.Kind.CHANGE_PARTS, c, number, Optional.empty(), 1));
            }
            if (number == 1 && needsBedding.get(c)) {
                steps.add(new Step(Step.Kind.BED_IN, c, number, Optional.empty(), 1));
            }
            fitted = c;
            for (Phase phase : procedure.phases()) {
                steps.add(step(procedure, phase, block, number));
            }
        }
        return steps;
    }

    private static Step step(Procedure procedure, Phase phase, RunOrder.Block block, int number) {
        if (!phase.kind().isBraking()) {
            return new Step(Step.Kind.TASK, block.configuration(), number, Optional.of(phase), 1);
        }
        boolean counted = procedure.countedPhase().filter(phase::equals).isPresent();
        return new Step(
                Step.Kind.BRAKING,
                block.configuration(),
                number,
                Optional.of(phase),
                counted ? block.stops() : phase.repeats());
    }
}
