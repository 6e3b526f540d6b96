package app.frenum.core.procedure.run;

import app.frenum.core.people.Who;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A changed copy of a run in the making. */
final class RunDraft {
    private final RunScript script;
    private Stage stage;
    private int step;
    private Optional<Who> signedBy;
    private OptionalDouble signedAtS;
    private List<RunState.DiscRead> discs;
    private Optional<RunState.Moving> moving;
    private Optional<RunState.LaneCall> lane;
    private Optional<RunState.Approach> approach;
    private OptionalDouble lastStartS;
    private List<JudgedStop> stops;
    private List<RunState.Task> tasks;
    private List<CrackSeen> cracks;
    private int inspectedBeforeStep;
    private List<RunState.Halt> halts;

    RunDraft(RunState of) {
        script = of.script();
        stage = of.stage();
        step = of.step();
        signedBy = of.signedBy();
        signedAtS = of.signedAtS();
        discs = of.discs();
        moving = of.moving();
        lane = of.lane();
        approach = of.approach();
        lastStartS = of.lastStartS();
        stops = of.stops();
        tasks = of.tasks();
        cracks = of.cracks();
        inspectedBeforeStep = of.inspectedBeforeStep();
        halts = of.halts();
    }

    RunDraft stage(Stage other) {
        stage = other;
        return this;
    }

    RunDraft step(int other) {
        step = other;
        return this;
    }

    RunDraft signed(Who who, double atS) {
        signedBy = Optional.of(who);
        signedAtS = OptionalDouble.of(atS);
        return this;
    }

    RunDraft discs(List<RunState.DiscRead> other) {
        discs = other;
        return this;
    }

    RunDraft moving(RunState.@Nullable Moving other) {
        moving = Optional.ofNullable(other);
        return this;
    }

    RunDraft lane(RunState.@Nullable LaneCall other) {
        lane = Optional.ofNullable(other);
        return this;
    }

    RunDraft approach(RunState.@Nullable Approach other) {
        approach = Optional.ofNullable(other);
        return this;
    }

    RunDraft lastStart(@Nullable Double atS) {
        lastStartS = atS == null ? OptionalDouble.empty() : OptionalDouble.of(atS);
        return this;
    }

    RunDraft stops(List<JudgedStop> other) {
        stops = other;
        return this;
    }

    RunDraft tasks(List<RunState.Task> other) {
        tasks = other;
        return this;
    }

    RunDraft cracks(List<CrackSeen> other) {
        cracks = other;
        return this;
    }

    /** Another step begins: what was looked at before belongs to those before. */
    RunDraft startInspection() {
        inspectedBeforeStep = cracks.size();
        return this;
    }

    RunDraft halts(List<RunState.Halt> other) {
        halts = other;
        return this;
    }

    RunState build() {
        return new RunState(
                script,
                stage,
                step,
                signedBy,
                signedAtS,
                discs,
                moving,
                lane,
                approach,
                lastStartS,
                stops,
                tasks,
                cracks,
                inspectedBeforeStep,
                halts);
    }
}
