package app.frenum.core.procedure.run;

import app.frenum.core.compare.BackToBaseline;
import app.frenum.core.finding.Finding;
import app.frenum.core.heat.Motion;
import app.frenum.core.log.DiscFace;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.StopKind;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/**
 * A run as it stands: planned → safety gate signed → waiting for the gate → approach → at rest, readings due → judged →
 * next, through phases, changes of parts and inspections, to done or stopped. A value: {@link #next} makes the next one.
 *
 * @param script what is to be done
 * @param stage where it stands
 * @param step index of the step it is in; the count of steps when it is done
 * @param signedBy whoever signed the safety gate last
 * @param signedAtS when
 * @param discs readings since the last stop, in order
 * @param moving whether the car rolls or stands since its last stop, where anybody said or a logger saw it
 * @param lane the last call
 * @param approach the run-up in progress, or the stop whose readings are due
 * @param lastStartS when the run-up before began, in the same step
 * @param stops all of them, in order
 * @param tasks what was done beside driving
 * @param cracks what was seen of the discs, in order
 * @param inspectedBeforeStep how many of those were made before the step it is in began
 * @param halts every time testing was stopped, the last one open while the stage is {@link Stage#STOPPED}
 */
public record RunState(
        RunScript script,
        Stage stage,
        int step,
        Optional<Who> signedBy,
        OptionalDouble signedAtS,
        List<DiscRead> discs,
        Optional<Moving> moving,
        Optional<LaneCall> lane,
        Optional<Approach> approach,
        OptionalDouble lastStartS,
        List<JudgedStop> stops,
        List<Task> tasks,
        List<CrackSeen> cracks,
        int inspectedBeforeStep,
        List<Halt> halts) {
    /** A call of the lane holds this long, s. */
    public static final double LANE_HOLDS_S = 120;
    /** The safety gate is signed for a day of testing, s; on another it is looked at anew. */
    public static final double SIGNATURE_HOLDS_S = 14 * 3600;
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
                OptionalDouble.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                List.of(),
                List.of(),
                List.of(),
                0,
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
        return counted(step);
    }

    /**
     * Stops and snubs that are on record, in order: those decided on, and one that nobody had decided on yet when testing was
     * stopped, which may never be.
     */
    public List<JudgedStop> recorded() {
        return stops.stream()
                .filter(s -> s.decision().isPresent() || stage == Stage.STOPPED)
                .toList();
    }

    /** Faces looked at since the step it is in began. */
    public List<CrackSeen> inspectedFaces() {
        return cracks.subList(inspectedBeforeStep, cracks.size());
    }

    /** Whether this inspection saw both faces of every disc it asks for; any face where it asks for none by name. */
    public boolean isInspected() {
        return !inspectedFaces().isEmpty() && toInspect().isEmpty();
    }

    /** Faces that an inspection in this step still asks for; none where it is no inspection. */
    public List<Face> toInspect() {
        boolean inspection = current()
                .flatMap(Step::phase)
                .filter(p -> p.kind() == Phase.Kind.INSPECTION)
                .isPresent();
        return !inspection
                ? List.of()
                : script.inspected().stream()
                        .sorted()
                        .flatMap(wheel -> Arrays.stream(DiscFace.values()).map(face -> new Face(wheel, face)))
                        .filter(f -> inspectedFaces().stream()
                                .noneMatch(look -> look.wheel() == f.wheel() && look.face() == f.face()))
                        .toList();
    }

    /** One face of one disc. */
    public record Face(WheelPosition wheel, DiscFace face) {}

    /** Whether it was a snub that was asked for. */
    boolean isSnub(JudgedStop stop) {
        return script.steps()
                .get(stop.step())
                .phase()
                .filter(p -> p.kind() == Phase.Kind.SNUB)
                .isPresent();
    }

    /** Counted stops of a step. */
    int counted(int index) {
        return (int) stops.stream().filter(s -> s.step() == index && s.counts()).count();
    }

    int attempts() {
        return (int) stops.stream().filter(s -> s.step() == step).count();
    }

    void require(boolean fits, RunRefusal why) {
        if (!fits) {
            throw OutOfTurn.because(stage == Stage.STOPPED ? RunRefusal.RELEASE_IT_FIRST : why);
        }
    }

    boolean isSignedFor(double nowS) {
        return signedAtS.isPresent()
                && (!script.isSignedDaily() || nowS - signedAtS.getAsDouble() <= SIGNATURE_HOLDS_S);
    }

    boolean isLaneClear(double nowS) {
        return lane.filter(l -> l.clear() && nowS - l.atS() <= LANE_HOLDS_S).isPresent();
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

    JudgedStop last() {
        return stops.get(stops.size() - 1);
    }

    /** The value that one step is the last seen of, by wheel. */
    public Map<WheelPosition, DiscRead> lastRead() {
        Map<WheelPosition, DiscRead> last = new EnumMap<>(WheelPosition.class);
        discs.forEach(d -> last.put(d.wheel(), d));
        return last;
    }

    /** Whether the stops of a step that must prove the vehicle back do so, against the baseline's measured ones. */
    BackToBaseline proof(int index) {
        return BackToBaseline.of(
                values(s -> script.isLikeProof(s.step(), index)), values(s -> s.step() == index), script.marginM());
    }

    /**
     * Corrected distances that count of one configuration's measured stops, in order, m: of the phase that is driven now, or
     * was driven last. Those of other phases, with other brakes or loads, are no average with them.
     */
    public double[] values(int configuration) {
        Optional<String> phase = measuredPhase();
        return values(s -> script.steps().get(s.step()).isMeasured()
                && script.steps().get(s.step()).configuration() == configuration
                && phase.filter(script.steps().get(s.step()).name()::equals).isPresent());
    }

    /** The measured phase that the run is in, or was in last; its first before that. */
    public Optional<String> measuredPhase() {
        List<Step> steps = script.steps();
        for (int i = Math.min(step, steps.size() - 1); i >= 0; i--) {
            if (steps.get(i).isMeasured()) {
                return Optional.of(steps.get(i).name());
            }
        }
        return steps.stream().filter(Step::isMeasured).map(Step::name).findFirst();
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
