package app.frenum.core.plan;

import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.Turn;
import app.frenum.core.procedure.run.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;

/** Turns a plan's blocks into the steps of a run. */
public final class RunScripts {
    private RunScripts() {}

    /**
     * The steps in order: every block runs the whole procedure, after its parts are changed and its pads bedded in.
     *
     * @param procedure with the test's speed in it
     * @param blocks in order
     * @param needsBedding by configuration
     * @param changesParts whether anything must be fitted or set to go on from one with another
     */
    public static List<Step> steps(
            Procedure procedure,
            List<RunOrder.Block> blocks,
            List<Boolean> needsBedding,
            BiPredicate<Integer, Integer> changesParts) {
        List<Step> steps = new ArrayList<>();
        int[] seen = new int[needsBedding.size()];
        int[] driven = new int[needsBedding.size()];
        int fitted = 0;
        for (RunOrder.Block block : blocks) {
            int c = block.configuration();
            int number = ++seen[c];
            if (c != fitted && changesParts.test(fitted, c)) {
                steps.add(new Step(Step.Kind.CHANGE_PARTS, c, number, Optional.empty(), 1, 0));
            }
            if (number == 1 && needsBedding.get(c)) {
                steps.add(new Step(Step.Kind.BED_IN, c, number, Optional.empty(), 1, 0));
            }
            fitted = c;
            for (Turn turn : procedure.turns(block.stops(), driven[c], c == 0)) {
                boolean braking = turn.phase().kind().isBraking();
                steps.add(new Step(
                        braking ? Step.Kind.BRAKING : Step.Kind.TASK,
                        c,
                        number,
                        Optional.of(turn.phase()),
                        turn.repeats(),
                        turn.cycle()));
            }
            driven[c] += block.stops();
        }
        return steps;
    }
}
