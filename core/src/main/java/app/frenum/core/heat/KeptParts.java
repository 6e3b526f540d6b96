package app.frenum.core.heat;

import static app.frenum.core.heat.FitFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the garage keeps, held against what the work asked for: which pads fit it, which are made for hotter or colder work,
 * what fluid boils higher, which paint would tell.
 *
 * @param pads that were ever described
 * @param fluids likewise
 * @param ladders of paint
 */
public record KeptParts(List<Pad> pads, List<Fluid> fluids, List<Ladder> ladders) {
    /** @param window in which it works, °C; empty where nobody entered one */
    public record Pad(String name, Optional<Window> window) {}

    /** From one temperature to another, °C. */
    public record Window(double lowC, double highC) {}

    /** @param wet whether that is of fluid that has drawn water */
    public record Fluid(String name, double boilsC, boolean wet) {}

    /**
     * What the work asked for, °C.
     *
     * @param coldestStartC of the front discs
     * @param hottestPeakC of the front discs
     * @param fittedBoilsC of the fluid that was fitted; empty where nobody knows
     */
    public record Demand(double coldestStartC, double hottestPeakC, OptionalDouble fittedBoilsC) {}

    public List<Finding> against(Demand asked) {
        List<Finding> out = new ArrayList<>();
        pads.forEach(p -> out.add(pad(p, asked)));
        if (out.stream().noneMatch(f -> f.code() == PAD_FITS)) {
            out.add(Finding.of(
                    NO_PAD_FITS, Term.temperature(asked.coldestStartC()), Term.temperature(asked.hottestPeakC())));
        }
        fluids.stream()
                .sorted(Comparator.comparingDouble(Fluid::boilsC).reversed())
                .forEach(f -> out.add(fluid(f, asked)));
        out.add(Finding.of(fluids.isEmpty() ? NO_FLUID_KNOWN : NOTHING_READS_THE_FLUID));
        ladders.forEach(l -> out.add(ladder(l, asked)));
        return out;
    }

    private static Finding pad(Pad pad, Demand asked) {
        Term name = Term.name(pad.name());
        if (pad.window().isEmpty()) {
            return Finding.of(PAD_WITHOUT_WINDOW, name);
        }
        Window w = pad.window().get();
        if (w.highC() < asked.hottestPeakC()) {
            return Finding.of(
                    PAD_WORKED_TOO_HOT,
                    name,
                    Term.temperature(w.highC()),
                    Term.temperatureApart(asked.hottestPeakC() - w.highC()));
        }
        return w.lowC() > asked.coldestStartC()
                ? Finding.of(
                        PAD_BEGINS_TOO_COLD,
                        name,
                        Term.temperature(w.lowC()),
                        Term.temperatureApart(w.lowC() - asked.coldestStartC()))
                : Finding.of(PAD_FITS, name, Term.temperature(w.lowC()), Term.temperature(w.highC()));
    }

    private static Finding fluid(Fluid fluid, Demand asked) {
        return Finding.of(
                FLUID,
                Term.name(fluid.name()),
                Term.temperature(fluid.boilsC()),
                Term.said(Finding.of(fluid.wet() ? WET : DRY)),
                Term.said(beside(fluid, asked.fittedBoilsC())));
    }

    private static Finding beside(Fluid fluid, OptionalDouble fitted) {
        if (fitted.isEmpty()) {
            return Finding.of(NOTHING);
        }
        double higher = fluid.boilsC() - fitted.getAsDouble();
        if (Math.abs(higher) < 1) {
            return Finding.of(THE_SAME);
        }
        return Finding.of(higher > 0 ? HIGHER : LOWER, Term.temperatureApart(Math.abs(higher)));
    }

    private static Finding ladder(Ladder ladder, Demand asked) {
        List<Double> steps = ladder.thresholdsC();
        double first = steps.get(0);
        double top = steps.get(steps.size() - 1);
        Term name = Term.name(ladder.name());
        Term peak = Term.temperature(asked.hottestPeakC());
        if (top < asked.hottestPeakC()) {
            return Finding.of(LADDER_ENDS_BELOW, name, Term.temperature(top), peak);
        }
        return first > asked.hottestPeakC()
                ? Finding.of(LADDER_BEGINS_ABOVE, name, Term.temperature(first), peak)
                : Finding.of(LADDER_COVERS, name);
    }
}
