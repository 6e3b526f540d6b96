package app.frenum.core.procedure.run;

import app.frenum.core.compare.BackToBaseline;
import app.frenum.core.compare.Instrument;
import app.frenum.core.finding.AsWritten;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.heat.Motion;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * A run as it stands: planned → safety gate signed → waiting for the gate → approach → at rest, readings due → judged →
 * next, through phases, changes of parts and inspections, to done or stopped. A value: {@link #next} makes the next one.
 *
 * @param script what is to be done
 * @param stage where it stands
 * @param step index of the step it is in; the count of steps when it is done
 * @param signedBy whoever signed the safety gate
 * @param discs readings since the last stop, in order
 * @param moving whether the car rolls or stands since its last stop, where anybody said or a logger saw it
 * @param lane the last call
 * @param approach the run-up in progress, or the stop whose readings are due
 * @param lastStartS when the run-up before began, in the same step
 * @param stops all of them, in order
 * @param tasks what was done beside driving
 * @param cracks what was seen of the discs, in order
 * @param halts every time testing was stopped, the last one open while the stage is {@link Stage#STOPPED}
 */
public record RunState(
        RunScript script,
        Stage stage,
        int step,
        Optional<Who> signedBy,
        List<DiscRead> discs,
        Optional<Moving> moving,
        Optional<LaneCall> lane,
        Optional<Approach> approach,
        OptionalDouble lastStartS,
        List<JudgedStop> stops,
        List<Task> tasks,
        List<CrackSeen> cracks,
        List<Halt> halts) {
    /** A call of the lane holds this long, s. */
    public static final double LANE_HOLDS_S = 120;
    /** A stop under way at less of the asked speed than this is no stop of the run. */
    private static final double SLOWEST_STARTED = 0.7;
    /** How near the asked speed a stop must be that nobody started at the card. */
    private static final double NEAR_UNSTARTED = 0.2;
    /** How long after the vehicle stood somebody may press "at rest". */
    private static final double CARD_IS_LATE_S = 5;

    public RunState {
        discs = List.copyOf(discs);
        stops = List.copyOf(stops);
        tasks = List.copyOf(tasks);
        cracks = List.copyOf(cracks);
        halts = List.copyOf(halts);
    }

    /** One disc, read once. */
    public record DiscRead(WheelPosition wheel, double celsius, double atS) {}

    /** What the car does, since when. */
    public record Moving(Motion motion, double sinceS) {}

    /** What was called of the lane. */
    public record LaneCall(boolean clear, double atS, Who by) {}

    /**
     * A stop on its way.
     *
     * @param startC discs as read last before it
     * @param restAtS when it came to rest; empty before
     */
    public record Approach(double atS, Map<WheelPosition, Double> startC, OptionalDouble restAtS) {}

    /** Something done beside driving. */
    public record Task(int step, String note, Who by, double atS) {}

    /**
     * Testing stopped.
     *
     * @param before the stage it stopped in
     * @param inspected what was looked at before it was released; empty while it is not
     */
    public record Halt(
            Optional<AbortRule> rule, Finding why, Who by, double atS, Stage before, String inspected, Who releasedBy) {
        public boolean open() {
            return inspected.isEmpty();
        }
    }

    /** A run in which nothing has happened. */
    public static RunState of(RunScript script) {
        return new RunState(
                script,
                Stage.UNSIGNED,
                0,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    /**
     * The run after an event.
     *
     * @throws OutOfTurn when it cannot happen now
     */
    public RunState next(RunEvent event) {
        return event.what().in(this, event);
    }

    /** The step it is in; empty when it is done. */
    public Optional<Step> current() {
        return step < script.steps().size() ? Optional.of(script.steps().get(step)) : Optional.empty();
    }

    /** How often the current step was driven so that it counts. */
    public int counted() {
        return (int) stops.stream().filter(s -> s.step() == step && s.counts()).count();
    }

    /** Stops that are decided on, in order. */
    public List<JudgedStop> decidedStops() {
        return stops.stream().filter(s -> s.decision().isPresent()).toList();
    }

    int attempts() {
        return (int) stops.stream().filter(s -> s.step() == step).count();
    }

    private void require(boolean fits, RunRefusal why) {
        if (!fits) {
            throw OutOfTurn.because(stage == Stage.STOPPED ? RunRefusal.RELEASE_IT_FIRST : why);
        }
    }

    RunState signed(SafetyGate gate, RunEvent event) {
        require(stage == Stage.UNSIGNED, RunRefusal.SIGNED_ALREADY);
        if (!gate.problems().isEmpty()) {
            throw OutOfTurn.because(RunRefusal.GATE_NOT_COMPLETE);
        }
        return new RunDraft(this).signedBy(event.by()).stage(stageOf(step)).build();
    }

    RunState discsRead(Map<WheelPosition, Double> celsius, RunEvent event) {
        require(
                stage == Stage.WAITING || stage == Stage.TASK || stage == Stage.JUDGED || stage == Stage.AT_REST,
                RunRefusal.READ_WHILE_IT_STANDS);
        RunState read = new RunDraft(this).discs(with(celsius, event.atS())).build();
        double hottest = celsius.values().stream().mapToDouble(c -> c).max().orElse(0);
        return read.haltIf(AbortWatch.tooHot(script, hottest), event);
    }

    private List<DiscRead> with(Map<WheelPosition, Double> celsius, double atS) {
        List<DiscRead> all = new ArrayList<>(discs);
        celsius.forEach((wheel, c) -> all.add(new DiscRead(wheel, c, atS)));
        return all;
    }

    RunState cracksSeen(List<CrackSeen> seen, RunEvent event) {
        require(stage != Stage.APPROACH && stage != Stage.UNSIGNED, RunRefusal.LOOK_WHILE_IT_STANDS);
        if (seen.isEmpty()) {
            throw OutOfTurn.because(RunRefusal.SAY_WHICH_DISC);
        }
        RunState now = this;
        for (CrackSeen one : seen) {
            now = now.crackSeen(one, event);
        }
        return now;
    }

    private RunState crackSeen(CrackSeen seen, RunEvent event) {
        seen.problems().stream().findFirst().ifPresent(p -> {
            throw new OutOfTurn(AsWritten.of(p.message()));
        });
        Optional<AbortWatch.Due> due = AbortWatch.cracked(script, seen, CrackSeen.firstLook(seen, cracks));
        List<CrackSeen> all = new ArrayList<>(cracks);
        all.add(seen);
        RunState noted = new RunDraft(this).cracks(all).build();
        return stage == Stage.STOPPED
                ? due.map(d -> noted.explained(Optional.of(d.rule()), d.why())).orElse(noted)
                : noted.haltIf(due, event);
    }

    RunState moves(Motion motion, RunEvent event) {
        if (moving.filter(m -> m.motion() == motion).isPresent()) {
            return this;
        }
        return new RunDraft(this).moving(new Moving(motion, event.atS())).build();
    }

    RunState laneCalled(boolean clear, RunEvent event) {
        RunState called = new RunDraft(this)
                .lane(new LaneCall(clear, event.atS(), event.by()))
                .build();
        return !clear && stage == Stage.APPROACH ? called.wavedOff() : called;
    }

    RunState started(RunEvent event) {
        if (stage == Stage.JUDGED) {
            // Whoever drives on goes along with the rules.
            return decided(stops.get(stops.size() - 1).judged(), "", event).started(event);
        }
        require(stage == Stage.WAITING, RunRefusal.NOTHING_TO_START);
        require(isLaneClear(event.atS()), RunRefusal.LANE_NOT_CLEAR);
        Map<WheelPosition, Double> last = new EnumMap<>(WheelPosition.class);
        discs.forEach(d -> last.put(d.wheel(), d.celsius()));
        return new RunDraft(this)
                .approach(new Approach(event.atS(), last, OptionalDouble.empty()))
                .stage(Stage.APPROACH)
                .build();
    }

    boolean isLaneClear(double nowS) {
        return lane.filter(l -> l.clear() && nowS - l.atS() <= LANE_HOLDS_S).isPresent();
    }

    RunState wavedOff() {
        require(stage == Stage.APPROACH, RunRefusal.NO_APPROACH);
        return new RunDraft(this).approach(null).stage(Stage.WAITING).build();
    }

    RunState atRest(RunEvent event) {
        require(stage == Stage.APPROACH, RunRefusal.NO_STOP_ON_ITS_WAY);
        Approach own = approach.orElseThrow();
        RunState resting = new RunDraft(this)
                .approach(new Approach(own.atS(), own.startC(), OptionalDouble.of(event.atS())))
                .discs(List.of())
                .moving(null)
                // A call is for one run over the lane.
                .lane(null)
                .stage(Stage.AT_REST)
                .build();
        boolean snub = phase().kind() == Phase.Kind.SNUB;
        return snub ? resting.judged(event.id(), resting.driven(event), nothingRead(), Optional.empty()) : resting;
    }

    private static HandReadings nothingRead() {
        return new HandReadings(
                Optional.empty(),
                List.of(),
                Instrument.TAPE,
                Optional.empty(),
                Map.of(),
                0,
                Optional.empty(),
                false,
                false,
                Map.of(),
                "");
    }

    private Phase phase() {
        return current().flatMap(Step::phase).orElseThrow();
    }

    RunState entered(HandReadings readings, RunEvent event) {
        boolean beside = stage == Stage.JUDGED && last().logged().isPresent();
        require(stage == Stage.AT_REST || stage == Stage.APPROACH || beside, RunRefusal.NO_STOP_WAS_DRIVEN);
        List<FieldProblem> problems = readings.problems();
        if (!problems.isEmpty()) {
            throw new OutOfTurn(AsWritten.of(problems.get(0).message()));
        }
        if (beside) {
            // What people read and felt goes beside what the logger saw, and the stop is judged by both.
            return withoutLast()
                    .judged(last().id(), last().driven(), readings, last().logged())
                    .haltIfDue(event);
        }
        return judged(event.id(), driven(event), readings, Optional.empty()).haltIfDue(event);
    }

    /**
     * Whether the run asks for this stop: one near the speed of the step it is in, while it is under way or could be.
     * What is driven in between, to turn round or to park, is none.
     */
    public boolean asksFor(LoggedStop stop) {
        Optional<Phase> asked = current().filter(Step::isBraking).flatMap(Step::phase);
        if (asked.isEmpty() || isSeenAlready(stop)) {
            return false;
        }
        double entry = stop.measured().entrySpeed().value() / asked.get().from().inside();
        boolean kind = (stop.measured().kind() == StopKind.SNUB) == (asked.get().kind() == Phase.Kind.SNUB);
        return switch (stage) {
            case APPROACH, AT_REST -> kind && entry > SLOWEST_STARTED;
            case WAITING, JUDGED -> kind && Math.abs(entry - 1) < NEAR_UNSTARTED;
            default -> false;
        };
    }

    /**
     * A stop that was entered at the card before the logger told of it, or one from before the newest: a log that comes late
     * cannot put a stop in between.
     */
    private boolean isSeenAlready(LoggedStop stop) {
        return stops.stream().anyMatch(s -> stop.onsetAtS() <= s.restAtS() + CARD_IS_LATE_S);
    }

    RunState logged(LoggedStop stop, RunEvent event) {
        require(asksFor(stop), RunRefusal.NOT_ASKED_FOR);
        if (stage == Stage.JUDGED) {
            return decided(last().judged(), "", event).logged(stop, event);
        }
        Map<WheelPosition, Double> last = new EnumMap<>(WheelPosition.class);
        lastRead().forEach((wheel, read) -> last.put(wheel, read.celsius()));
        StopJudge.Driven driven = new StopJudge.Driven(
                approach.map(Approach::atS).orElse(stop.onsetAtS()),
                stop.restAtS(),
                approach.map(Approach::startC).orElse(last),
                approach.isPresent());
        List<DiscRead> since =
                discs.stream().filter(d -> d.atS() >= stop.restAtS()).toList();
        RunState atRest = new RunDraft(this)
                .approach(null)
                .lane(null)
                .discs(since)
                .stage(Stage.AT_REST)
                .build();
        return atRest.judged(event.id(), driven, nothingRead(), Optional.of(stop))
                .haltIfDue(event);
    }

    private JudgedStop last() {
        return stops.get(stops.size() - 1);
    }

    private RunState withoutLast() {
        return new RunDraft(this).stops(stops.subList(0, stops.size() - 1)).build();
    }

    private StopJudge.Driven driven(RunEvent event) {
        Approach own = approach.orElseThrow();
        return new StopJudge.Driven(own.atS(), own.restAtS().orElse(event.atS()), own.startC(), true);
    }

    private RunState judged(UUID id, StopJudge.Driven driven, HandReadings readings, Optional<LoggedStop> logged) {
        JudgedStop stop = new StopJudge(this).judged(id, driven, readings, logged);
        List<JudgedStop> all = new ArrayList<>(stops);
        all.add(stop);
        RunState judged = new RunDraft(this)
                .stops(all)
                .approach(null)
                .discs(coolingFrom(readings, driven.restAtS()))
                .lastStart(driven.atS())
                .stage(Stage.JUDGED)
                .build();
        boolean goesOn = phase().kind() == Phase.Kind.SNUB && stop.judged() != Validity.REPEAT;
        return goesOn ? judged.advanced() : judged;
    }

    /** Stops testing where the last stop asks for it, by the procedure's own rules. */
    private RunState haltIfDue(RunEvent event) {
        return haltIf(AbortWatch.after(script, stops), event);
    }

    private RunState haltIf(Optional<AbortWatch.Due> due, RunEvent event) {
        return due.map(d -> halted(Optional.of(d.rule()), d.why(), event)).orElse(this);
    }

    /** The readings after a stop are the first of the next cool-down. */
    private List<DiscRead> coolingFrom(HandReadings r, double restAtS) {
        List<DiscRead> all =
                new ArrayList<>(discs.stream().filter(d -> d.atS() >= restAtS).toList());
        r.peaks().forEach((wheel, q) -> all.add(new DiscRead(wheel, q.inside(), restAtS + r.lateS())));
        return all;
    }

    RunState decided(Validity validity, String reason, RunEvent event) {
        require(stage == Stage.JUDGED, RunRefusal.NOTHING_TO_DECIDE);
        JudgedStop last = stops.get(stops.size() - 1);
        boolean overruled = (validity == Validity.REPEAT) != (last.judged() == Validity.REPEAT);
        if (overruled && reason.isBlank()) {
            throw OutOfTurn.because(RunRefusal.GIVE_A_REASON);
        }
        if (validity != Validity.REPEAT && last.flags().stream().anyMatch(f -> f.code() == FlagCode.ENTRY_SPEED_OUT)) {
            throw OutOfTurn.because(RunRefusal.WRONG_SPEED_CANNOT_COUNT);
        }
        List<JudgedStop> all = new ArrayList<>(stops);
        all.set(all.size() - 1, last.decided(new JudgedStop.Ruling(validity, reason.strip(), event.by(), event.atS())));
        return new RunDraft(this).stops(all).build().advanced();
    }

    /** On to the next stop, or the next step when this one has its stops or no more extra runs. */
    private RunState advanced() {
        Step now = current().orElseThrow();
        boolean enough =
                counted() >= now.repeats() && (!now.provesBack() || proof(step).proved());
        boolean finished = enough || attempts() >= now.mostAttempts();
        return finished
                ? inStep(step + 1)
                : new RunDraft(this).stage(Stage.WAITING).build();
    }

    private RunState inStep(int other) {
        return new RunDraft(this)
                .step(other)
                .lastStart(null)
                .stage(stageOf(other))
                .build();
    }

    private Stage stageOf(int index) {
        if (index >= script.steps().size()) {
            return Stage.DONE;
        }
        return script.steps().get(index).isBraking() ? Stage.WAITING : Stage.TASK;
    }

    RunState taskDone(String note, RunEvent event) {
        require(stage == Stage.TASK, RunRefusal.NOTHING_BESIDE_DRIVING);
        List<Task> all = new ArrayList<>(tasks);
        all.add(new Task(step, note.strip(), event.by(), event.atS()));
        RunState done = new RunDraft(this).tasks(all).build();
        // Parts that were changed are cold, or of another temperature than the readings say.
        boolean cools = current().orElseThrow().phase().isPresent();
        return (cools ? done : new RunDraft(done).discs(List.of()).build()).inStep(step + 1);
    }

    RunState stopped(Optional<AbortRule> rule, String words, RunEvent event) {
        require(stage != Stage.DONE, RunRefusal.RUN_IS_OVER);
        Finding why = AsWritten.of(words.strip());
        return stage == Stage.STOPPED ? explained(rule, why) : halted(rule, why, event);
    }

    /** Whoever pressed the button may say afterwards which rule it was. */
    private RunState explained(Optional<AbortRule> rule, Finding why) {
        Halt open = halts.get(halts.size() - 1);
        if (rule.isEmpty() || open.rule().isPresent()) {
            return this;
        }
        List<Halt> all = new ArrayList<>(halts);
        all.set(all.size() - 1, new Halt(rule, why, open.by(), open.atS(), open.before(), "", Who.UNNAMED));
        return new RunDraft(this).halts(all).build();
    }

    private RunState halted(Optional<AbortRule> rule, Finding why, RunEvent event) {
        List<Halt> all = new ArrayList<>(halts);
        all.add(new Halt(rule, why, event.by(), event.atS(), stage, "", Who.UNNAMED));
        return new RunDraft(this).halts(all).lane(null).stage(Stage.STOPPED).build();
    }

    RunState released(String inspected, RunEvent event) {
        if (stage != Stage.STOPPED) {
            throw OutOfTurn.because(RunRefusal.NOT_STOPPED);
        }
        if (inspected.isBlank()) {
            throw OutOfTurn.because(RunRefusal.SAY_WHAT_WAS_INSPECTED);
        }
        CrackSeen.endTestingStill(cracks)
                .filter(c -> script.abortRules().contains(AbortRule.CRACK))
                .ifPresent(cracked -> {
                    throw OutOfTurn.because(RunRefusal.CRACKED_STILL, new Term.Said(cracked));
                });
        Halt open = halts.get(halts.size() - 1);
        List<Halt> all = new ArrayList<>(halts);
        all.set(
                all.size() - 1,
                new Halt(open.rule(), open.why(), open.by(), open.atS(), open.before(), inspected.strip(), event.by()));
        RunDraft draft = new RunDraft(this).halts(all);
        // What was on its way when testing stopped is not picked up again.
        return open.before() == Stage.APPROACH
                ? draft.approach(null).stage(Stage.WAITING).build()
                : draft.stage(open.before()).build();
    }

    /** The value that one step is the last seen of, by wheel. */
    public Map<WheelPosition, DiscRead> lastRead() {
        Map<WheelPosition, DiscRead> last = new EnumMap<>(WheelPosition.class);
        discs.forEach(d -> last.put(d.wheel(), d));
        return last;
    }

    /** Whether the stops of a step that must prove the vehicle back do so, against the baseline's measured ones. */
    BackToBaseline proof(int index) {
        return BackToBaseline.of(values(0), values(s -> s.step() == index), script.marginM());
    }

    /** Corrected distances that count of one configuration's measured stops, in order, m. */
    public double[] values(int configuration) {
        return values(s -> script.steps().get(s.step()).isMeasured()
                && script.steps().get(s.step()).configuration() == configuration);
    }

    private double[] values(Predicate<JudgedStop> which) {
        return stops.stream()
                .filter(s -> s.counts() && which.test(s))
                .map(JudgedStop::correctedM)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
    }
}
