package app.frenum.core.procedure.run;

import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What happens after a stop, and beside driving: it is decided on, and the run goes on to the next, or to the next step. */
final class Deciding {
    private Deciding() {}

    static RunState decided(RunState now, Happening.Decided by, RunEvent event) {
        JudgedStop.Ruling ruling =
                new JudgedStop.Ruling(by.validity(), by.reason().strip(), event.by(), event.atS());
        Optional<JudgedStop> already =
                by.stop().map(id -> stop(now, id)).filter(s -> s.decision().isPresent());
        return already.isPresent() ? decidedBefore(now, already.get(), ruling) : decided(now, ruling);
    }

    /** By somebody who did not know yet that it was decided: the same once more is nothing, and another is not swallowed. */
    private static RunState decidedBefore(RunState now, JudgedStop stop, JudgedStop.Ruling other) {
        boolean same = (other.validity() == Validity.REPEAT) == !stop.counts();
        return same ? now : with(now, stop.objected(other));
    }

    static RunState settled(RunState now, UUID id) {
        return with(now, stop(now, id).settled());
    }

    static JudgedStop stop(RunState now, UUID id) {
        return now.stops().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> OutOfTurn.because(RunRefusal.NO_SUCH_STOP));
    }

    static RunState with(RunState now, JudgedStop changed) {
        return new RunDraft(now)
                .stops(now.stops().stream()
                        .map(s -> s.id().equals(changed.id()) ? changed : s)
                        .toList())
                .build();
    }

    private static RunState decided(RunState now, JudgedStop.Ruling ruling) {
        now.require(now.stage() == Stage.JUDGED, RunRefusal.NOTHING_TO_DECIDE);
        JudgedStop last = now.last();
        boolean overruled = (ruling.validity() == Validity.REPEAT) != (last.judged() == Validity.REPEAT);
        if (overruled && ruling.reason().isEmpty()) {
            throw OutOfTurn.because(RunRefusal.GIVE_A_REASON);
        }
        if (ruling.validity() != Validity.REPEAT
                && last.flags().stream().anyMatch(f -> f.code() == FlagCode.ENTRY_SPEED_OUT)) {
            throw OutOfTurn.because(RunRefusal.WRONG_SPEED_CANNOT_COUNT);
        }
        return advanced(with(now, last.decided(ruling)));
    }

    /** On to the next stop, or the next step when this one has its stops or no more extra runs. */
    static RunState advanced(RunState now) {
        Step step = now.current().orElseThrow();
        boolean enough = now.counted() >= step.repeats()
                && (!step.provesBack() || now.proof(now.step()).proved());
        boolean finished = enough || now.attempts() >= step.mostAttempts();
        return finished
                ? inStep(now, now.step() + 1)
                : new RunDraft(now).stage(Stage.WAITING).build();
    }

    /** What is put on a warm disc burns, and nobody can repeat what was not written down. */
    private static void requireTreatable(RunState now, String note) {
        Gate gate = now.current().flatMap(Step::phase).orElseThrow().gate();
        boolean warm = now.lastRead().values().stream().anyMatch(d -> !gate.isCoolEnough(d.celsius()));
        boolean unread = now.lastRead().isEmpty() && gate.hottest().isPresent();
        now.require(!warm && !unread, RunRefusal.COLD_DISC_FIRST);
        now.require(!note.isBlank(), RunRefusal.SAY_WHAT_WAS_APPLIED);
    }

    private static RunState inStep(RunState now, int other) {
        RunDraft draft =
                new RunDraft(now).step(other).stage(stageOf(now, other)).startInspection();
        // In a cycle the time to the next application is counted from the first.
        boolean goesOn = other < now.script().steps().size()
                && now.script().steps().get(other).isInCycleWith(now.current().orElseThrow());
        return goesOn ? draft.build() : draft.lastStart(null).build();
    }

    static Stage stageOf(RunState now, int index) {
        if (index >= now.script().steps().size()) {
            return Stage.DONE;
        }
        return now.script().steps().get(index).isBraking() ? Stage.WAITING : Stage.TASK;
    }

    static RunState taskDone(RunState now, Happening.TaskDone done, RunEvent event) {
        if (done.step().filter(s -> s < now.step()).isPresent()) {
            // Pressed twice: the task that its maker saw is done already, and the next one was not looked at.
            return now;
        }
        now.require(now.stage() == Stage.TASK, RunRefusal.NOTHING_BESIDE_DRIVING);
        now.require(done.step().filter(s -> s > now.step()).isEmpty(), RunRefusal.NOTHING_BESIDE_DRIVING);
        requireDone(now, done.note());
        return taskDone(now, done.note(), event);
    }

    /** What a task asks for, where doing it leaves something behind that others go by. */
    private static void requireDone(RunState now, String note) {
        Optional<Phase.Kind> kind = now.current().flatMap(Step::phase).map(Phase::kind);
        boolean asks = now.script().asksForTasks();
        if (kind.filter(k -> k == Phase.Kind.TREATMENT).isPresent()) {
            requireTreatable(now, note);
        } else if (asks && kind.filter(k -> k == Phase.Kind.OBSERVATION).isPresent()) {
            now.require(!note.isBlank(), RunRefusal.SAY_WHAT_WAS_SEEN);
        } else if (asks && kind.filter(k -> k == Phase.Kind.INSPECTION).isPresent()) {
            now.require(now.isInspected() || !note.isBlank(), RunRefusal.LOOK_AT_A_FACE);
        }
    }

    static RunState taskDone(RunState now, String note, RunEvent event) {
        List<RunState.Task> all = new ArrayList<>(now.tasks());
        all.add(new RunState.Task(now.step(), note.strip(), event.by(), event.atS()));
        RunState done = new RunDraft(now).tasks(all).build();
        // Parts that were changed are cold, or of another temperature than the readings say.
        boolean cools = now.current().orElseThrow().phase().isPresent();
        return inStep(cools ? done : new RunDraft(done).discs(List.of()).build(), now.step() + 1);
    }
}
