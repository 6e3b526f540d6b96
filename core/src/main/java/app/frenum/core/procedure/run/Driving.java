package app.frenum.core.procedure.run;

import app.frenum.core.finding.AsWritten;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/** What happens in a stop: the car comes to rest, people and loggers tell what they measured, and it is judged. */
final class Driving {
    private Driving() {}

    static RunState atRest(RunState now, RunEvent event) {
        now.require(now.stage() == Stage.APPROACH, RunRefusal.NO_STOP_ON_ITS_WAY);
        RunState.Approach own = now.approach().orElseThrow();
        RunState resting = new RunDraft(now)
                .approach(new RunState.Approach(own.atS(), own.startC(), OptionalDouble.of(event.atS())))
                .discs(List.of())
                .moving(null)
                // A call is for one run over the lane.
                .lane(null)
                .stage(Stage.AT_REST)
                .build();
        boolean snub = phase(now).kind() == Phase.Kind.SNUB;
        return snub
                ? assessed(resting, event.id(), driven(resting, event), HandReadings.NONE, Optional.empty(), event)
                : resting;
    }

    static RunState entered(RunState now, HandReadings readings, RunEvent event) {
        boolean beside = now.stage() == Stage.JUDGED && now.last().logged().isPresent();
        now.require(
                now.stage() == Stage.AT_REST || now.stage() == Stage.APPROACH || beside, RunRefusal.NO_STOP_WAS_DRIVEN);
        List<FieldProblem> problems = readings.problems();
        if (!problems.isEmpty()) {
            throw new OutOfTurn(AsWritten.of(problems.get(0).message()));
        }
        if (beside) {
            // What people read and felt goes beside what the logger saw, and the stop is judged by both.
            JudgedStop last = now.last();
            return Halting.haltIfDue(
                    assessed(withoutLast(now), last.id(), last.driven(), readings, last.logged(), event), event);
        }
        return Halting.haltIfDue(
                assessed(now, event.id(), driven(now, event), readings, Optional.empty(), event), event);
    }

    static RunState logged(RunState now, LoggedStop stop, RunEvent event) {
        now.require(now.asksFor(stop), RunRefusal.NOT_ASKED_FOR);
        if (now.stage() == Stage.JUDGED) {
            return logged(
                    Deciding.decided(now, new Happening.Decided(now.last().judged(), "", Optional.empty()), event),
                    stop,
                    event);
        }
        Map<WheelPosition, Double> last = new EnumMap<>(WheelPosition.class);
        now.lastRead().forEach((wheel, read) -> last.put(wheel, read.celsius()));
        StopJudge.Driven driven = new StopJudge.Driven(
                now.approach().map(RunState.Approach::atS).orElse(stop.onsetAtS()),
                stop.restAtS(),
                now.approach().map(RunState.Approach::startC).orElse(last),
                now.approach().isPresent());
        List<RunState.DiscRead> since =
                now.discs().stream().filter(d -> d.atS() >= stop.restAtS()).toList();
        RunState atRest = new RunDraft(now)
                .approach(null)
                .lane(null)
                .discs(since)
                .stage(Stage.AT_REST)
                .build();
        return Halting.haltIfDue(
                assessed(atRest, event.id(), driven, HandReadings.NONE, Optional.of(stop), event), event);
    }

    private static RunState withoutLast(RunState now) {
        return new RunDraft(now)
                .stops(now.stops().subList(0, now.stops().size() - 1))
                .build();
    }

    private static StopJudge.Driven driven(RunState now, RunEvent event) {
        RunState.Approach own = now.approach().orElseThrow();
        return new StopJudge.Driven(own.atS(), own.restAtS().orElse(event.atS()), own.startC(), true);
    }

    /** A snub that counts needs nobody's press: it is decided by the rules as soon as it is over, and the run goes on. */
    private static RunState assessed(
            RunState now,
            UUID id,
            StopJudge.Driven driven,
            HandReadings readings,
            Optional<LoggedStop> logged,
            RunEvent event) {
        RunState judged = judged(now, id, driven, readings, logged);
        JudgedStop stop = judged.last();
        boolean goesOn = phase(now).kind() == Phase.Kind.SNUB && stop.judged() != Validity.REPEAT;
        return goesOn
                ? Deciding.advanced(Deciding.with(
                        judged, stop.decided(new JudgedStop.Ruling(stop.judged(), "", event.by(), event.atS()))))
                : judged;
    }

    private static RunState judged(
            RunState now, UUID id, StopJudge.Driven driven, HandReadings readings, Optional<LoggedStop> logged) {
        JudgedStop stop = new StopJudge(now).judged(id, driven, readings, logged);
        List<JudgedStop> all = new ArrayList<>(now.stops());
        all.add(stop);
        return new RunDraft(now)
                .stops(all)
                .approach(null)
                .discs(coolingFrom(now, readings, driven.restAtS()))
                .lastStart(driven.atS())
                .stage(Stage.JUDGED)
                .build();
    }

    /** How hot the logger saw the discs get after a stop that is assessed already; no disc gets colder by it. */
    static RunState discsPeaked(RunState now, UUID id, Map<WheelPosition, Double> celsius) {
        JudgedStop stop = Deciding.stop(now, id);
        return Deciding.with(now, stop.withPeaks(celsius));
    }

    /** The readings after a stop are the first of the next cool-down. */
    private static List<RunState.DiscRead> coolingFrom(RunState now, HandReadings r, double restAtS) {
        List<RunState.DiscRead> all = new ArrayList<>(
                now.discs().stream().filter(d -> d.atS() >= restAtS).toList());
        r.peaks().forEach((wheel, q) -> all.add(new RunState.DiscRead(wheel, q.inside(), restAtS + r.lateS())));
        return all;
    }

    private static Phase phase(RunState now) {
        return now.current().flatMap(Step::phase).orElseThrow();
    }
}
