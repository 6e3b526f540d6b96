package app.frenum.server.run;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.heat.Regimes;
import app.frenum.core.people.Who;
import app.frenum.core.plan.RunOrder;
import app.frenum.core.plan.RunScripts;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.run.Happening;
import app.frenum.core.procedure.run.JudgedStop;
import app.frenum.core.procedure.run.OutOfTurn;
import app.frenum.core.procedure.run.RunEvent;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.procedure.run.RunState;
import app.frenum.core.quantity.Quantity;
import app.frenum.formats.words.Wording;
import app.frenum.server.Raced;
import app.frenum.server.SteadyClock;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps runs as their events. The state is rebuilt from them when it is not at hand, so a killed server goes on where it
 * was; an event that is sent twice is there once.
 */
@Service
@Raced
@Transactional
public class RunService {
    /** Runs whose state is kept at hand; others are read from their events again. */
    private static final int MOST_REPLAYED = 100;

    /** From further ahead than this, s, an event is taken for one of now; the sender's clock is wrong. */
    private static final double FURTHEST_AHEAD_S = 60;

    private static final double LATEST_S = 1e12;
    /** How much faster than the wall's clock a rehearsal may run. */
    private static final double FASTEST = 20;

    private final RunRepository runs;
    private final RunEventRepository events;
    private final PlanService plans;
    private final ProcedureService procedures;
    private final GarageService garage;
    private final RunStops stops;
    private final RunDevices devices;
    private final Documents documents;
    private final ApplicationEventPublisher publisher;
    private final SteadyClock clock;
    private final Cache<UUID, Replayed> replayed =
            Caffeine.newBuilder().maximumSize(MOST_REPLAYED).build();

    RunService(
            RunRepository runs,
            RunEventRepository events,
            PlanService plans,
            ProcedureService procedures,
            GarageService garage,
            RunStops stops,
            RunDevices devices,
            Documents documents,
            ApplicationEventPublisher publisher,
            SteadyClock clock) {
        this.runs = runs;
        this.events = events;
        this.plans = plans;
        this.procedures = procedures;
        this.garage = garage;
        this.stops = stops;
        this.devices = devices;
        this.documents = documents;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** A run's state after so many events. */
    private record Replayed(RunState state, int events) {}

    private double nowS(Run run) {
        return run.clockS(clock.instant());
    }

    /** The machine's clock may have been set back while the server was down; a run's does not go back. */
    @EventListener
    void goOnAfterTheLastEvent(ApplicationReadyEvent event) {
        Optional.ofNullable(events.lastCreated()).ifPresent(clock::notBefore);
    }

    /**
     * Begins the run of a test, from its plan; begun already, it goes on.
     *
     * @param rate how much faster than the wall's its clock is to run: 1, or up to 20 for a rehearsal
     */
    public RunView begin(UUID testId, double rate) {
        if (!(rate >= 1 && rate <= FASTEST)) {
            throw Problem.invalid("rate", "A rehearsal runs at 1 to %.0f times the wall's clock.".formatted(FASTEST));
        }
        if (!runs.existsById(testId)) {
            PlanRequest plan = plans.plan(testId).plan();
            if (plan == null) {
                throw Problem.invalid("plan", "A run needs a saved plan. Plan the test first.");
            }
            plans.refuseNoGo(testId);
            runs.save(new Run(testId, documents.write(script(plan)), documents.write(plan), rate, clock.instant()));
        }
        return run(testId);
    }

    private RunScript script(PlanRequest plan) {
        Map<UUID, ConfigurationView> byId = garage.byId(plan.configurationIds());
        List<ConfigurationView> sides =
                plan.configurationIds().stream().map(byId::get).toList();
        Procedure procedure =
                procedures.procedure(plan.procedureId()).procedure().atSpeed(plan.speed());
        List<RunOrder.Block> blocks = plan.order().blocks(sides.size(), plan.stopsEach(), plan.seed());
        Regimes cooling = plans.cooling(plan.vehicleId());
        return new RunScript(
                RunScripts.steps(
                        procedure,
                        blocks,
                        sides.stream()
                                .map(c -> !plan.beddedBefore()
                                        && !c.spec().unbedded().isEmpty())
                                .toList()),
                sides.stream()
                        .map(c -> new RunScript.Side(c.label(), c.spec().switches()))
                        .toList(),
                procedure.abortRules(),
                plan.speed().inside(),
                plan.margin().inside(),
                plan.stopsEach(),
                plan.ambient().inside(),
                cooling.rollingS(),
                cooling.standingS(),
                plan.limit().map(Quantity::inside));
    }

    @Transactional(readOnly = true)
    public RunView run(UUID testId) {
        Run run = entity(testId);
        return view(run, replay(run));
    }

    private RunView view(Run run, Replayed now) {
        return RunView.of(run.id(), now.state(), now.events(), nowS(run), run.rate(), devices.of(run.id()));
    }

    private Run entity(UUID testId) {
        return runs.findById(testId).orElseThrow(() -> Problem.notFound("The run"));
    }

    /** Where a run stands. */
    @Transactional(readOnly = true)
    RunState state(UUID testId) {
        return replay(entity(testId)).state();
    }

    /** Its clock, seconds since 1970. */
    @Transactional(readOnly = true)
    double clockS(UUID testId) {
        return nowS(entity(testId));
    }

    @Transactional(readOnly = true)
    double rate(UUID testId) {
        return entity(testId).rate();
    }

    /** The plan that it was made from. */
    @Transactional(readOnly = true)
    PlanRequest plan(UUID testId) {
        return documents.read(entity(testId).plan(), PlanRequest.class);
    }

    /** These devices serve the run from now on. */
    public RunView setDevices(UUID testId, Set<UUID> deviceIds) {
        Run run = entity(testId);
        devices.set(testId, deviceIds);
        Replayed now = replay(run);
        publisher.publishEvent(new RunChanged(testId, now.events()));
        return view(run, now);
    }

    /** Everything that happened, in order. */
    @Transactional(readOnly = true)
    List<Happened> history(UUID testId) {
        return events.findByRunIdOrderBySeq(testId).stream()
                .map(e -> new Happened(
                        e.seq(), e.atS(), e.clockAheadS(), e.by(), documents.read(e.happening(), Happening.class)))
                .toList();
    }

    /** Takes an event: stored, or refused with what can happen instead. */
    public RunView happened(UUID testId, Who who, EventRequest request) {
        Run run = runs.locked(testId).orElseThrow(() -> Problem.notFound("The run"));
        Replayed before = replay(run);
        if (!events.existsById(request.id())) {
            double atS = takenFor(run, request.atS());
            RunEvent event = new RunEvent(request.id(), atS, who, request.what());
            Replayed after = new Replayed(next(before.state(), event), before.events() + 1);
            events.saveAndFlush(new RunEventRow(
                    request.id(), testId, after.events(), atS, request.atS(), who, documents.write(request.what())));
            keepStops(run, before.state(), after.state());
            publisher.publishEvent(new RunChanged(testId, after.events()));
            return view(run, after);
        }
        return view(run, before);
    }

    private double takenFor(Run run, double saidAtS) {
        if (!(Math.abs(saidAtS) < LATEST_S)) {
            throw Problem.invalid("atS", "The time of an event is in seconds since 1970.");
        }
        double now = nowS(run);
        return saidAtS > now + FURTHEST_AHEAD_S * run.rate() ? now : saidAtS;
    }

    /** Stops that were decided on by the event become stops of the test. */
    private void keepStops(Run run, RunState before, RunState after) {
        List<JudgedStop> decided = after.decidedStops();
        if (decided.size() > before.decidedStops().size()) {
            PlanRequest plan = documents.read(run.plan(), PlanRequest.class);
            decided.stream()
                    .skip(before.decidedStops().size())
                    .forEach(s -> stops.keep(run.id(), plan, after.script(), s));
        }
    }

    private static RunState next(RunState state, RunEvent event) {
        try {
            return state.next(event);
        } catch (OutOfTurn e) {
            throw Problem.outOfTurn(Wording.in(UnitSystem.METRIC).text(e.finding()));
        }
    }

    /** The state after every stored event; what is at hand is only gone on from. */
    private Replayed replay(Run run) {
        int stored = events.countByRunId(run.id());
        Replayed known = Optional.ofNullable(replayed.getIfPresent(run.id()))
                .filter(r -> r.events() <= stored)
                .orElseGet(() -> new Replayed(RunState.of(documents.read(run.script(), RunScript.class)), 0));
        if (known.events() == stored) {
            return known;
        }
        RunState state = known.state();
        int last = known.events();
        for (RunEventRow e : events.findByRunIdAndSeqGreaterThanOrderBySeq(run.id(), known.events())) {
            state = state.next(new RunEvent(e.id(), e.atS(), e.by(), documents.read(e.happening(), Happening.class)));
            last = e.seq();
        }
        Replayed now = new Replayed(state, last);
        replayed.put(run.id(), now);
        return now;
    }
}
