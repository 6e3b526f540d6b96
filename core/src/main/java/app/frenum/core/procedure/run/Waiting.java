package app.frenum.core.procedure.run;

import app.frenum.core.heat.Motion;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.SafetyGate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What happens before a stop: the safety gate is signed, discs are read, the lane is called, the run-up begins or is broken off. */
final class Waiting {
    private Waiting() {}

    static RunState signed(RunState now, SafetyGate gate, RunEvent event) {
        boolean first = now.stage() == Stage.UNSIGNED;
        now.require(first || !now.isSignedFor(event.atS()), RunRefusal.SIGNED_ALREADY);
        if (!gate.problems().isEmpty()) {
            throw OutOfTurn.because(RunRefusal.GATE_NOT_COMPLETE);
        }
        return new RunDraft(now)
                .signed(event.by(), event.atS())
                .stage(first ? Deciding.stageOf(now, now.step()) : now.stage())
                .build();
    }

    static RunState discsRead(RunState now, Map<WheelPosition, Double> celsius, RunEvent event) {
        now.require(
                now.stage() == Stage.WAITING
                        || now.stage() == Stage.TASK
                        || now.stage() == Stage.JUDGED
                        || now.stage() == Stage.AT_REST,
                RunRefusal.READ_WHILE_IT_STANDS);
        RunState read = new RunDraft(now).discs(with(now, celsius, event.atS())).build();
        double hottest = celsius.values().stream().mapToDouble(c -> c).max().orElse(0);
        RunState then = Halting.haltIf(read, AbortWatch.tooHot(now.script(), hottest), event);
        return isCooledDown(then) ? Deciding.taskDone(then, "", event) : then;
    }

    /** A cool-down with a gate is over when every disc that was read is in it. */
    private static boolean isCooledDown(RunState run) {
        Optional<Phase> cooling = run.stage() == Stage.TASK && run.script().endsCoolDowns()
                ? run.current().flatMap(Step::phase).filter(p -> p.kind() == Phase.Kind.COOL_DOWN)
                : Optional.empty();
        return cooling.filter(p -> p.gate().hottest().isPresent())
                .filter(p ->
                        run.lastRead().values().stream().allMatch(d -> p.gate().isCoolEnough(d.celsius())))
                .isPresent();
    }

    private static List<RunState.DiscRead> with(RunState now, Map<WheelPosition, Double> celsius, double atS) {
        List<RunState.DiscRead> all = new ArrayList<>(now.discs());
        celsius.forEach((wheel, c) -> all.add(new RunState.DiscRead(wheel, c, atS)));
        return all;
    }

    static RunState moves(RunState now, Motion motion, RunEvent event) {
        if (now.moving().filter(m -> m.motion() == motion).isPresent()) {
            return now;
        }
        return new RunDraft(now)
                .moving(new RunState.Moving(motion, event.atS()))
                .build();
    }

    static RunState laneCalled(RunState now, boolean clear, RunEvent event) {
        RunState called = new RunDraft(now)
                .lane(new RunState.LaneCall(clear, event.atS(), event.by()))
                .build();
        return !clear && now.stage() == Stage.APPROACH ? wavedOff(called) : called;
    }

    static RunState started(RunState now, RunEvent event) {
        if (now.stage() == Stage.JUDGED) {
            // Whoever drives on goes along with the rules.
            return started(
                    Deciding.decided(now, new Happening.Decided(now.last().judged(), "", Optional.empty()), event),
                    event);
        }
        now.require(now.stage() == Stage.WAITING, RunRefusal.NOTHING_TO_START);
        now.require(now.isSignedFor(event.atS()), RunRefusal.SIGN_FOR_TODAY);
        now.require(now.isLaneClear(event.atS()), RunRefusal.LANE_NOT_CLEAR);
        Map<WheelPosition, Double> last = new EnumMap<>(WheelPosition.class);
        now.discs().forEach(d -> last.put(d.wheel(), d.celsius()));
        return new RunDraft(now)
                .approach(new RunState.Approach(event.atS(), last, OptionalDouble.empty()))
                .stage(Stage.APPROACH)
                .build();
    }

    static RunState wavedOff(RunState now) {
        now.require(now.stage() == Stage.APPROACH, RunRefusal.NO_APPROACH);
        return new RunDraft(now).approach(null).stage(Stage.WAITING).build();
    }
}
