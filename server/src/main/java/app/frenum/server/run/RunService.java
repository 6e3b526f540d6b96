package app.frenum.server.run;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.garage.Difference;
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
import app.frenum.server.plan.PlanView;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
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

/** Keeps runs as their events; an event that is sent twice is there once. */
@Service
@Raced
public class RunService {
    /** From further ahead than this, s, an event is taken for one of now; the sender's clock is wrong. */
    private static final double FURTHEST_AHEAD_S = 60;

    private static final double LATEST_S = 1e12;
    private static final Duration SIGNED_TODAY = Duration.ofHours(14);
    /** How much faster than the wall's clock a rehearsal may run. */
    private static final double FASTEST = 20;

    private final RunRepository runs;
    private final RunEventRepository events;
    private final PlanService plans;
    private final TestService tests;
    private final ProcedureService procedures;
    private final GarageService garage;
    private final RunStops stops;
    private final RunDevices devices;
    private final Documents documents;
    private final ApplicationEventPublisher publisher;
    private final SteadyClock clock;
    private final Standings standings;

    RunService(
            RunRepository runs,
            RunEventRepository events,
            PlanService plans,
            TestService tests,
            ProcedureService procedures,
            GarageService garage,
            RunStops stops,
            RunDevices devices,
            Documents documents,
            ApplicationEventPublisher publisher,
            SteadyClock clock,
            Standings standings) {
        this.runs = runs;
        this.events = events;
        this.plans = plans;
        this.tests = tests;
        this.procedures = procedures;
        this.garage = garage;
        this.stops = stops;
        this.devices = devices;
        this.documents = documents;
        this.publisher = publisher;
        this.clock = clock;
        this.standings = standings;
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
            if (rate > 1) {
                tests.rehearse(testId);
            }
            runs.save(new Run(testId, documents.write(script(plan)), documents.write(plan), rate, clock.instant()));
            signAsPlanned(testId);
        }
        return run(testId);
    }

    /** The safety gate is signed once a day: a signature that was given to the plan today is the run's. */
    private void signAsPlanned(UUID testId) {
        PlanView.SignedGate signed = plans.plan(testId).safety();
        if (signed != null && !signed.signedAt().isBefore(clock.instant().minus(SIGNED_TODAY))) {
            UUID id = UUID.nameUUIDFromBytes((testId + "signed").getBytes(StandardCharsets.UTF_8));
            happened(
                    testId,
                    signed.signedBy(),
                    new EventRequest(id, clockS(testId), new Happening.Signed(signed.gate())),
                    0);
        }
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
                                .toList(),
                        (from, to) -> !Difference.between(
                                        sides.get(from).spec(), sides.get(to).spec())
                                .isTreatmentOnly()),
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
                plan.limit().map(Quantity::inside),
                garage.vehicle(plan.vehicleId()).spec().frontDiscs(),
                RunScript.RULES);
    }

    public RunView run(UUID testId) {
        return run(testId, 0);
    }

    /** @param since as many events as whoever asks has seen; only stops that changed later are told */
    public RunView run(UUID testId, int since) {
        return view(standings.of(testId), since);
    }

    private RunView view(Standing now, int since) {
        return RunView.of(
                now, since, now.clockS(clock.instant()), devices.of(now.run().id()));
    }

    /** Where the run of a test stands, if one was begun. */
    public Optional<RunState> began(UUID testId) {
        return runs.existsById(testId) ? Optional.of(standings.of(testId).state()) : Optional.empty();
    }

    /** Where a run stands. */
    RunState state(UUID testId) {
        return standings.of(testId).state();
    }

    /** Its clock, seconds since 1970. */
    double clockS(UUID testId) {
        return standings.of(testId).clockS(clock.instant());
    }

    double rate(UUID testId) {
        return standings.of(testId).run().rate();
    }

    /** The plan that it was made from. */
    PlanRequest plan(UUID testId) {
        return standings.of(testId).plan();
    }

    /** These devices serve the run from now on. */
    public RunView setDevices(UUID testId, Set<UUID> deviceIds) {
        Standing now = standings.of(testId);
        devices.set(testId, deviceIds);
        publisher.publishEvent(new RunChanged(testId, now.events()));
        return view(now, 0);
    }

    /** Everything that happened, in order. */
    @Transactional(readOnly = true)
    List<Happened> history(UUID testId) {
        return events.findByRunIdOrderBySeq(testId).stream()
                .map(e -> new Happened(
                        e.seq(), e.atS(), e.clockAheadS(), e.by(), documents.read(e.happening(), Happening.class)))
                .toList();
    }

    /**
     * Takes an event: stored, or refused with what can happen instead.
     *
     * @param since as many events as whoever sends it has seen
     */
    public RunView happened(UUID testId, Who who, EventRequest request, int since) {
        int before = standings.of(testId).events();
        Standing after =
                standings.change(testId, now -> events.existsById(request.id()) ? now : taken(now, who, request));
        if (after.events() > before) {
            publisher.publishEvent(new RunChanged(testId, after.events()));
        }
        return view(after, since);
    }

    private Standing taken(Standing now, Who who, EventRequest request) {
        double atS = takenFor(now, request.atS());
        Standing after = next(now, new RunEvent(request.id(), atS, who, request.what()));
        events.saveAndFlush(new RunEventRow(
                request.id(),
                now.run().id(),
                after.events(),
                atS,
                request.atS(),
                who,
                documents.write(request.what())));
        record(now, after);
        return after;
    }

    /** What an event put on record, or changed there, is stored with it, or the event is not. */
    private void record(Standing now, Standing after) {
        List<JudgedStop> before = now.state().recorded();
        List<JudgedStop> all = after.state().recorded();
        for (int i = 0; i < all.size(); i++) {
            if (i >= before.size() || !before.get(i).equals(all.get(i))) {
                stops.keep(now.run().id(), now.plan(), after.state().script(), all.get(i));
            }
        }
    }

    private double takenFor(Standing run, double saidAtS) {
        if (!(Math.abs(saidAtS) < LATEST_S)) {
            throw Problem.invalid("atS", "The time of an event is in seconds since 1970.");
        }
        double now = run.clockS(clock.instant());
        return saidAtS > now + FURTHEST_AHEAD_S * run.run().rate() ? now : saidAtS;
    }

    private static Standing next(Standing now, RunEvent event) {
        try {
            return now.next(event);
        } catch (OutOfTurn e) {
            throw Problem.outOfTurn(Wording.in(UnitSystem.METRIC).text(e.finding()));
        }
    }
}
