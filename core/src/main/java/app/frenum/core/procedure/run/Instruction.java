package app.frenum.core.procedure.run;

import app.frenum.core.procedure.Phase;
import java.util.Locale;

/**
 * What to do now, in at most seven words, and why in a line.
 *
 * @param imperative for a glance
 * @param because for whoever asks
 */
public record Instruction(String imperative, String because) {
    /** What a run asks for at a moment. */
    public static Instruction of(RunState run, GateView gate) {
        return switch (run.stage()) {
            case UNSIGNED -> new Instruction("Sign the safety gate.", "Nobody drives before it is signed.");
            case TASK -> task(run.current().orElseThrow());
            case WAITING -> waiting(gate);
            case APPROACH ->
                new Instruction("Hold the speed, brake at the cone.", "Whoever sees anything says stop, stop, stop.");
            case AT_REST ->
                new Instruction(
                        "Foot off the brake. Read the discs.",
                        "Roll off before the pads bake on. Hot parts burn: discs, calipers, wheels.");
            case JUDGED -> judged(run.stops().get(run.stops().size() - 1));
            case STOPPED ->
                new Instruction(
                        "Testing is stopped.",
                        run.halts().get(run.halts().size() - 1).words());
            case DONE -> new Instruction("Done. Let the brakes cool, rolling.", "Every stop is kept.");
        };
    }

    private static Instruction task(Step step) {
        return switch (step.kind()) {
            case CHANGE_PARTS ->
                new Instruction("Change the parts.", "Let them cool first. Tick the fitting checks before it rolls.");
            case BED_IN -> new Instruction("Bed the new pads in.", "As their configuration says; then a cool-down.");
            default ->
                new Instruction(
                        step.name().substring(0, 1).toUpperCase(Locale.ROOT)
                                + step.name().substring(1) + ".",
                        step.phase().map(p -> PhaseHint.of(p)).orElse(""));
        };
    }

    private static Instruction waiting(GateView gate) {
        if (gate.discs() == GateView.Standing.UNKNOWN) {
            return new Instruction("Read the front discs.", "Their temperature is not known, or read too long ago.");
        }
        if (gate.discs() == GateView.Standing.WAIT) {
            return new Instruction("Keep rolling. Front discs are too hot.", "Never hold the brake on to cool.");
        }
        if (gate.discs() == GateView.Standing.MISSED) {
            return new Instruction("Warm them. Front discs are too cold.", "A few light snubs, then read them again.");
        }
        if (gate.interval() == GateView.Standing.WAIT) {
            return new Instruction("Wait for the interval.", "The procedure asks for time between stops.");
        }
        if (gate.interval() == GateView.Standing.MISSED) {
            return new Instruction(
                    "Too late. Start it anyway.", "The interval has passed; the stop will be asked for again.");
        }
        return gate.lane() == GateView.Standing.MET
                ? new Instruction("Go.", "Everything is met.")
                : new Instruction("Ask for the lane.", "Lane control calls it clear; the call holds two minutes.");
    }

    private static Instruction judged(JudgedStop stop) {
        String why = stop.flags().isEmpty()
                ? "Speed, discs, interval and switches are as asked."
                : String.join("; ", stop.flags().stream().map(f -> f.message()).toList()) + ".";
        return switch (stop.judged()) {
            case VALID -> new Instruction("It counts.", why);
            case NOTE -> new Instruction("It counts, with a note.", why);
            case REPEAT -> new Instruction("Drive it again.", why);
        };
    }

    /** What a phase that is not driven against a figure asks for. */
    private static final class PhaseHint {
        static String of(Phase p) {
            return switch (p.kind()) {
                case COOL_DOWN -> "Rolling, without the brake.";
                case INSPECTION -> "Hot parts burn. Look for cracks on both faces of every disc.";
                default -> "Look, and write down what you see.";
            };
        }
    }
}
