package app.frenum.server.run;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.run.CrackSeen;
import app.frenum.core.procedure.run.GateView;
import app.frenum.core.procedure.run.Instruction;
import app.frenum.core.procedure.run.JudgedStop;
import app.frenum.core.procedure.run.RunProgress;
import app.frenum.core.procedure.run.RunReview;
import app.frenum.core.procedure.run.RunState;
import app.frenum.core.procedure.run.Stage;
import app.frenum.core.procedure.run.Step;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.formats.words.PhaseWords;
import app.frenum.server.device.DeviceView;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A run as it is shown.
 *
 * @param rehearsal whether nothing of it is taken for a measurement
 * @param discNames what the discs or drums of its vehicle are called
 * @param events how many there were; rises with each
 * @param since stops are told that changed after so many
 * @param firstStop index of the first of {@code stops} among all of the run
 * @param nowS Frenum's clock when this was made, seconds since 1970
 * @param step index of the current one; the number of steps when it is done
 * @param current what it asks for; absent when it is done
 * @param cycle the repeat of the procedure's cycle that it belongs to, from 1; 0 outside
 * @param cycles how many there are of this configuration
 * @param counted stops of it that count
 * @param phaseWords what it asks for, in a line
 * @param fromMps its speed; null where nothing is driven
 * @param entryTolerance how far the entry speed may be from that, as a share
 * @param discs the last reading of each
 * @param cracks every look at a disc, in order
 * @param toInspect faces that the inspection of this step still asks for
 * @param inspected whether it saw all of them, or any where it asks for none by name
 * @param halt the open one, or null
 * @param rate how much faster its clock runs than the wall's
 * @param devices that serve it
 * @param review what the crew can learn, once it is over; else null
 */
public record RunView(
        UUID testId,
        String question,
        boolean rehearsal,
        Map<WheelPosition, String> discNames,
        int events,
        int since,
        int firstStop,
        double nowS,
        Stage stage,
        Instruction instruction,
        int step,
        int cycle,
        int cycles,
        int counted,
        int attempts,
        String phaseWords,
        @Nullable Double fromMps,
        double entryTolerance,
        boolean snub,
        Optional<Step> current,
        List<RunSide> sides,
        GateView gate,
        boolean gateOpen,
        Collection<RunState.DiscRead> discs,
        Optional<RunState.Approach> approach,
        List<JudgedStop> stops,
        RunProgress progress,
        List<CrackSeen> cracks,
        List<RunState.Face> toInspect,
        boolean inspected,
        Optional<RunState.Halt> halt,
        String signedBy,
        double rate,
        List<DeviceView> devices,
        Optional<RunReview> review) {
    private static int cycles(RunState run, Optional<Step> now) {
        return run.script().steps().stream()
                .filter(s ->
                        now.filter(n -> n.configuration() == s.configuration()).isPresent())
                .mapToInt(Step::cycle)
                .max()
                .orElse(0);
    }

    static RunView of(Standing now, int since, double nowS, List<DeviceView> devices) {
        RunState run = now.state();
        int first = now.firstChanged(since);
        GateView gate = GateView.of(run, nowS);
        Optional<Step> step = run.current();
        return new RunView(
                now.run().id(),
                now.asked().question(),
                now.asked().rehearsal(),
                now.asked().discNames(),
                now.events(),
                since,
                first,
                nowS,
                run.stage(),
                Instruction.of(run, gate),
                run.step(),
                step.map(Step::cycle).orElse(0),
                cycles(run, step),
                run.counted(),
                (int) IntStream.range(0, run.stops().size())
                        .filter(i -> run.stops().get(i).step() == run.step())
                        .count(),
                step.flatMap(s -> s.phase().map(p -> PhaseWords.of(p, s.repeats())))
                        .orElse(""),
                step.filter(s -> s.kind() == Step.Kind.BRAKING)
                        .flatMap(Step::phase)
                        .map(p -> p.from().inside())
                        .orElse(null),
                AnalysisOptions.DEFAULT_ENTRY_TOLERANCE,
                step.flatMap(Step::phase)
                        .filter(p -> p.kind() == Phase.Kind.SNUB)
                        .isPresent(),
                step,
                RunSide.of(run),
                gate,
                gate.open(),
                run.lastRead().values(),
                run.approach(),
                run.stops().subList(first, run.stops().size()),
                RunProgress.of(run),
                run.cracks(),
                run.toInspect(),
                run.isInspected(),
                run.stage() == Stage.STOPPED
                        ? Optional.of(run.halts().get(run.halts().size() - 1))
                        : Optional.empty(),
                run.signedBy().map(Who::name).orElse(""),
                now.run().rate(),
                devices,
                run.stage() == Stage.DONE || run.stage() == Stage.STOPPED
                        ? Optional.of(RunReview.of(run))
                        : Optional.empty());
    }
}
