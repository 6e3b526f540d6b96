package app.frenum.server.run;

import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
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
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.problem.Problem;
import app.frenum.server.run.Watchers.RunChanged;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps runs as their events. The state is rebuilt from them when it is not at hand, so a killed server goes on where it
 * was; an event that is sent twice is there once.
 */
@Service
@Transactional
public class RunService {
    private static final double USUAL_TAU_S = 200;
    /** A device's clock may be ahead by this much before it is told to set it, s. */
    private static final double FURTHEST_AHEAD_S = 60;

    private final RunRepository runs;
    private final RunEventRepository events;
    private final OperatorRepository operators;
    private final PlanService plans;
    private final ProcedureService procedures;
    private final GarageService garage;
    private final RunStops stops;
    private final JsonMapper json;
    private final ApplicationEventPublisher publisher;
    private final Map<UUID, Replayed> replayed = new ConcurrentHashMap<>();

    RunService(
            RunRepository runs,
            RunEventRepository events,
            OperatorRepository operators,
            PlanService plans,
            ProcedureService procedures,
            GarageService garage,
            RunStops stops,
            JsonMapper json,
            ApplicationEventPublisher publisher) {
        this.runs = runs;
        this.events = events;
        this.operators = operators;
        this.plans = plans;
        this.procedures = procedures;
        this.garage = garage;
        this.stops = stops;
        this.json = json;
        this.publisher = publisher;
    }

    /** A run's state after so many events. */
    private record Replayed(RunState state, int events) {}

    private static double nowS() {
        return Instant.now().toEpochMilli() / 1000.0;
    }

    @Transactional(readOnly = true)
    public List<OperatorView> operators() {
        return operators.findAllByOrderByName().stream()
                .map(o -> new OperatorView(o.id(), o.name()))
                .toList();
    }

    /** Adds an operator; one of that name who is there already is taken. */
    public OperatorView add(OperatorView operator) {
        String name = operator.name().strip();
        Operator row = operators
                .findById(operator.id())
                .or(() -> operators.findByName(name))
                .orElseGet(() -> operators.save(new Operator(operator.id(), name)));
        return new OperatorView(row.id(), row.name());
    }

    /** Begins the run of a test, from its plan; begun already, it goes on. */
    public RunView begin(UUID testId) {
        if (!runs.existsById(testId)) {
            PlanRequest plan = plans.plan(testId).plan();
            if (plan == null) {
                throw Problem.invalid("plan", "A run needs a saved plan. Plan the test first.");
            }
            runs.save(new Run(testId, json.writeValueAsString(script(plan)), json.writeValueAsString(plan)));
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
        VehicleSpec vehicle = garage.vehicle(plan.vehicleId()).spec();
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
                vehicle.figure(VehicleField.COOLING_TIME).orElse(USUAL_TAU_S),
                plan.limit().map(Quantity::inside));
    }

    @Transactional(readOnly = true)
    public RunView run(UUID testId) {
        Run run = runs.findById(testId).orElseThrow(() -> Problem.notFound("The run"));
        Replayed now = replay(run);
        return RunView.of(testId, now.state(), now.events(), nowS());
    }

    /** Everything that happened, in order. */
    @Transactional(readOnly = true)
    List<Happened> history(UUID testId) {
        Map<UUID, String> names = operators.findAll().stream().collect(Collectors.toMap(Operator::id, Operator::name));
        return events.findByRunIdOrderBySeq(testId).stream()
                .map(e -> new Happened(
                        e.seq(), e.atS(), names.get(e.operatorId()), json.readValue(e.happening(), Happening.class)))
                .toList();
    }

    /** Takes an event: stored, or refused with what can happen instead. */
    public RunView happened(UUID testId, EventRequest request) {
        Run run = runs.locked(testId).orElseThrow(() -> Problem.notFound("The run"));
        Replayed before = replay(run);
        if (!events.existsById(request.id())) {
            Operator operator =
                    operators.findById(request.operatorId()).orElseThrow(() -> Problem.notFound("The operator"));
            if (!(Math.abs(request.atS()) < 1e12 && request.atS() <= nowS() + FURTHEST_AHEAD_S)) {
                throw Problem.invalid("atS", "The event is from the future: set the clock of the device.");
            }
            RunEvent event = new RunEvent(request.id(), request.atS(), operator.name(), request.what());
            Replayed after = new Replayed(next(before.state(), event), before.events() + 1);
            events.saveAndFlush(new RunEventRow(
                    request.id(),
                    testId,
                    after.events(),
                    request.atS(),
                    operator.id(),
                    json.writeValueAsString(request.what())));
            keepStops(run, before.state(), after.state());
            publisher.publishEvent(new RunChanged(testId, after.events()));
            return RunView.of(testId, after.state(), after.events(), nowS());
        }
        return RunView.of(testId, before.state(), before.events(), nowS());
    }

    /** Stops that were decided on by the event become stops of the test. */
    private void keepStops(Run run, RunState before, RunState after) {
        List<JudgedStop> decided = after.decidedStops();
        if (decided.size() > before.decidedStops().size()) {
            PlanRequest plan = json.readValue(run.plan(), PlanRequest.class);
            decided.stream()
                    .skip(before.decidedStops().size())
                    .forEach(s -> stops.keep(run.id(), plan, after.script(), s));
        }
    }

    private static RunState next(RunState state, RunEvent event) {
        try {
            return state.next(event);
        } catch (OutOfTurn e) {
            throw Problem.outOfTurn(e.getMessage());
        }
    }

    /** The state after every stored event; what is at hand is only gone on from. */
    private Replayed replay(Run run) {
        List<RunEventRow> all = events.findByRunIdOrderBySeq(run.id());
        Replayed known = Optional.ofNullable(replayed.get(run.id()))
                .filter(r -> r.events() <= all.size())
                .orElseGet(() -> new Replayed(RunState.of(json.readValue(run.script(), RunScript.class)), 0));
        RunState state = known.state();
        for (RunEventRow e : all.subList(known.events(), all.size())) {
            String by = operators.findById(e.operatorId()).orElseThrow().name();
            state = state.next(new RunEvent(e.id(), e.atS(), by, json.readValue(e.happening(), Happening.class)));
        }
        Replayed now = new Replayed(state, all.size());
        replayed.put(run.id(), now);
        return now;
    }
}
