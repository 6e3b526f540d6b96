package app.frenum.server.plan;

import app.frenum.core.compare.Guess;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.Regimes;
import app.frenum.core.people.Who;
import app.frenum.core.plan.Forecast;
import app.frenum.core.plan.PlanField;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.words.Wording;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.problem.Problem;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plans tests: forecasts what a plan takes and can show, keeps it, and seals what was expected. */
@Service
@Raced
@Transactional
public class PlanService {

    private static final double SAME_SPEED_MPS = 0.01;
    private static final double SAME_MARGIN_M = 0.005;

    private final TestService tests;
    private final GarageService garage;
    private final ProcedureService procedures;
    private final LaneService lanes;
    private final EarlierStops earlier;
    private final LearntCooling learnt;
    private final DrivenTests driven;
    private final TestPlanRepository plans;
    private final JsonMapper json;
    private final Documents documents;
    private final Clock clock;

    PlanService(
            TestService tests,
            GarageService garage,
            ProcedureService procedures,
            LaneService lanes,
            EarlierStops earlier,
            LearntCooling learnt,
            DrivenTests driven,
            TestPlanRepository plans,
            JsonMapper json,
            Documents documents,
            Clock clock) {
        this.tests = tests;
        this.garage = garage;
        this.procedures = procedures;
        this.lanes = lanes;
        this.earlier = earlier;
        this.learnt = learnt;
        this.driven = driven;
        this.plans = plans;
        this.json = json;
        this.documents = documents;
        this.clock = clock;
    }

    /** What a plan would take and show; nothing is stored. */
    @Transactional(readOnly = true)
    public ForecastView forecast(PlanRequest p) {
        refuse(p);
        Map<UUID, ConfigurationView> byId = garage.byId(p.configurationIds());
        List<FittingCheck> checks =
                FittingCheck.of(garage.vehicle(p.vehicleId()).spec().kind());
        List<Forecast.Fitted> fitted = p.configurationIds().stream()
                .map(id -> Optional.ofNullable(byId.get(id)).orElseThrow(() -> Problem.notFound("A configuration")))
                .map(c -> new Forecast.Fitted(c.label(), c.spec(), (int) checks.stream()
                        .filter(check -> !c.fitting().containsKey(check))
                        .count()))
                .toList();
        Forecast made = Forecast.of(new Forecast.Inputs(
                vehicleAsLearnt(p.vehicleId()),
                p.load(),
                fitted,
                procedures.procedure(p.procedureId()).procedure(),
                Optional.ofNullable(p.laneId()).map(id -> lanes.lane(id).lane()),
                p.speed().inside(),
                p.margin().inside(),
                p.stopsEach(),
                p.order(),
                p.seed(),
                earlier.of(p.vehicleId(), p.speed().inside()),
                p.expectedStop().map(Quantity::inside),
                p.slot().inside(),
                p.ambient().inside(),
                p.fitting().inside(),
                p.turnRound().inside(),
                p.limit().map(Quantity::inside),
                p.beddedBefore()));
        return ForecastView.of(
                made,
                p.order(),
                fitted.stream().map(Forecast.Fitted::name).toList(),
                learnt.of(p.vehicleId()).map(PlanService::words).orElse(null));
    }

    private static String words(LearntCooling.Learnt l) {
        return "%.0f s, learnt from %d cool-downs of the front discs".formatted(l.tauS(), l.coolDowns());
    }

    /** A vehicle as it was entered, cooling as it was measured where it was. */
    @Transactional(readOnly = true)
    public VehicleSpec vehicleAsLearnt(UUID vehicleId) {
        VehicleSpec entered = garage.vehicle(vehicleId).spec();
        return learnt.of(vehicleId)
                .map(l -> entered.with(VehicleField.COOLING_TIME, new Quantity(l.tauS(), Unit.SECONDS)))
                .orElse(entered);
    }

    /** How a vehicle's front discs cool: as it was measured, else as it was entered, else as most do. */
    @Transactional(readOnly = true)
    public Regimes cooling(UUID vehicleId) {
        return learnt.of(vehicleId)
                .map(l -> new Regimes(l.tauS(), l.standingTauS()))
                .orElseGet(() -> Regimes.of(garage.vehicle(vehicleId)
                        .spec()
                        .figure(VehicleField.COOLING_TIME)
                        .orElse(Cooling.USUAL_TAU_S)));
    }

    private static void refuse(PlanRequest p) {
        List<FieldProblem> found = new ArrayList<>();
        PlanField.SPEED.bounds().check(p.speed(), "speed", found);
        PlanField.MARGIN.bounds().check(p.margin(), "margin", found);
        PlanField.SLOT.bounds().check(p.slot(), "slot", found);
        PlanField.AMBIENT.bounds().check(p.ambient(), "ambient", found);
        PlanField.FITTING.bounds().check(p.fitting(), "fitting", found);
        PlanField.TURN_ROUND.bounds().check(p.turnRound(), "turnRound", found);
        p.expectedStop().ifPresent(q -> PlanField.EXPECTED_STOP.bounds().check(q, "expectedStop", found));
        p.limit().ifPresent(q -> PlanField.LIMIT.bounds().check(q, "limit", found));
        found.addAll(p.crew().problems());
        if (p.configurationIds().stream().distinct().count()
                < p.configurationIds().size()) {
            found.add(new FieldProblem("configurationIds", "The baseline cannot be its own candidate."));
        }
        if (!found.isEmpty()) {
            throw Problem.invalid(found);
        }
    }

    @Transactional(readOnly = true)
    public PlanView plan(UUID testId) {
        tests.test(testId);
        return plans.findById(testId).map(this::view).orElse(PlanView.NONE);
    }

    /**
     * Keeps a plan; the same sent again changes nothing.
     *
     * @param version of the one that was changed; 0 for a first one
     */
    public PlanView save(UUID testId, int version, PlanRequest plan) {
        refuse(plan);
        TestPlan row = plans.findById(testId).orElse(null);
        if (row != null && documents.read(row.spec(), PlanRequest.class).equals(plan)) {
            return view(row);
        }
        if (version != (row == null ? 0 : shown(row))) {
            throw Problem.conflict(
                    "Somebody else has changed this plan in the meantime. Load it again and repeat the change.");
        }
        aim(testId, plan);
        TestPlan kept = row == null ? new TestPlan(testId, driven.hasStops(testId)) : row;
        kept.set(documents.write(plan));
        return view(plans.saveAndFlush(kept));
    }

    /** Counted from 1, so that 0 is no plan at all. */
    private static int shown(TestPlan row) {
        return row.version() + 1;
    }

    /**
     * A test is driven at the speed and for the margin of its plan; once it has stops, both stay. A margin that was only a share
     * of the baseline becomes the plan's in metres, on every page.
     */
    private void aim(UUID testId, PlanRequest plan) {
        TestDefinition test = tests.test(testId);
        if (!driven.hasStops(testId)) {
            tests.setAim(testId, plan.speed(), plan.margin().inside());
            return;
        }
        List<FieldProblem> found = new ArrayList<>();
        if (Math.abs(test.nominalSpeed().inside() - plan.speed().inside()) > SAME_SPEED_MPS) {
            found.add(
                    new FieldProblem("speed", "The test has stops from another speed. For this one make a new test."));
        }
        double margin = plan.margin().inside();
        if (!test.marginOfBaseline() && Math.abs(test.marginSize() - margin) > SAME_MARGIN_M) {
            found.add(new FieldProblem(
                    "margin",
                    "The test has stops that are held against a smallest worthwhile difference of %s m. For another one make a new test."
                            .formatted(test.marginSize())));
        }
        if (!found.isEmpty()) {
            throw Problem.invalid(found);
        }
        if (test.marginOfBaseline()) {
            tests.setAim(testId, test.nominalSpeed(), margin);
        }
    }

    /** Signs the safety gate of the day; refused while anything is open, or while the lane is too short. */
    public PlanView sign(UUID testId, Who who, SafetyGate gate) {
        TestPlan row = plans.findById(testId)
                .orElseThrow(() -> Problem.invalid("who", "Save the plan first; the safety gate belongs to it."));
        if (!gate.problems().isEmpty()) {
            throw Problem.invalid(gate.problems());
        }
        PlanView now = view(row);
        if (now.safety() != null
                && now.safety().gate().equals(gate)
                && now.safety().signedBy().equals(who)) {
            return now;
        }
        Figure missing = Objects.requireNonNull(now.forecast()).forecast().missingM();
        if (!missing.isKnown()) {
            throw Problem.invalid("who", "The plan has no lane; choose the one that is driven on.");
        }
        if (missing.value() > 0) {
            throw Problem.invalid("who", noGo(now));
        }
        row.sign(
                documents.write(
                        new PlanView.SignedGate(gate, who, clock.instant().truncatedTo(ChronoUnit.MICROS))),
                digest(Objects.requireNonNull(now.plan())));
        return view(plans.saveAndFlush(row));
    }

    private static String noGo(PlanView plan) {
        String why = Objects.requireNonNull(plan.forecast())
                .forecast()
                .noGo()
                .map(Wording.in(UnitSystem.METRIC)::text)
                .orElse("the lane is too short");
        return "The plan is NO-GO: " + why;
    }

    /**
     * Refuses to go on with a plan whose lane is too short for it as it stands now.
     *
     * @throws Problem naming the metres that are missing
     */
    @Transactional(readOnly = true)
    public void refuseNoGo(UUID testId) {
        PlanView now = plan(testId);
        if (now.forecast() != null) {
            Figure missing = Objects.requireNonNull(now.forecast()).forecast().missingM();
            if (missing.isKnown() && missing.value() > 0) {
                throw Problem.outOfTurn(noGo(now));
            }
        }
    }

    /** Of everything that somebody who signs vouches for: the plan, its lane, its procedure, the car and its parts. */
    private String digest(PlanRequest plan) {
        ObjectNode planned = json.valueToTree(plan);
        planned.remove("crew");
        List<Object> all = new ArrayList<>();
        all.add(planned);
        Optional.ofNullable(plan.laneId())
                .ifPresent(id -> all.add(lanes.lane(id).lane()));
        all.add(procedures.procedure(plan.procedureId()).procedure());
        all.add(garage.vehicle(plan.vehicleId()).spec());
        Map<UUID, ConfigurationView> byId = garage.byId(plan.configurationIds());
        plan.configurationIds()
                .forEach(id -> all.add(Objects.requireNonNull(byId.get(id)).spec()));
        try {
            MessageDigest sha256 = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(sha256.digest(json.writeValueAsBytes(all)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** Seals what is expected; once sealed it stays, and once there are stops it is too late. */
    public PlanView seal(UUID testId, Who who, ExpectationRequest request) {
        TestPlan row = plans.findById(testId)
                .orElseThrow(
                        () -> Problem.invalid("expectation", "Save the plan first; the expectation belongs to it."));
        check(request, documents.read(row.spec(), PlanRequest.class).configurationIds());
        String words = request.expectation().strip();
        if (row.sealedAt() == null) {
            if (driven.hasStops(testId)) {
                throw Problem.conflict("The test has stops already; what is expected after them is no expectation.");
            }
            row.seal(
                    words,
                    request.guess() == null ? null : documents.write(request.guess()),
                    request.candidateId(),
                    who.name(),
                    clock.instant().truncatedTo(ChronoUnit.MICROS));
        } else if (!sealed(row).expectation().equals(words)
                || !Objects.equals(sealed(row).guess(), request.guess())
                || !Objects.equals(row.expectedOf(), request.candidateId())) {
            throw Problem.conflict("An expectation is sealed already, by %s. It stays as it was before the test."
                    .formatted(row.expectedBy()));
        }
        return view(plans.saveAndFlush(row));
    }

    private static void check(ExpectationRequest request, List<UUID> planned) {
        if (request.candidateId() != null && !planned.contains(request.candidateId())) {
            throw Problem.invalid("candidateId", "Choose a configuration of the plan.");
        }
        if (request.guess() == null && request.expectation().isBlank()) {
            throw Problem.invalid("expectation", "Say what you expect, as a figure or in words.");
        }
        if (request.guess() != null && !request.guess().problems().isEmpty()) {
            throw Problem.invalid(request.guess().problems());
        }
    }

    /** Tests of which somebody said what to expect. */
    @Transactional(readOnly = true)
    public List<UUID> expectedBy(Who who) {
        return plans.findByExpectedBy(who.name()).stream().map(TestPlan::id).toList();
    }

    /** What was expected of a test before its first stop, if anybody said so. */
    @Transactional(readOnly = true)
    public Optional<Expectation> expectation(UUID testId) {
        return plans.findById(testId).filter(row -> row.sealedAt() != null).map(this::sealed);
    }

    private Expectation sealed(TestPlan row) {
        return new Expectation(
                row.expectation(),
                row.expectedGuess() == null ? null : documents.read(row.expectedGuess(), Guess.class),
                row.expectedOf(),
                new Who(row.expectedBy()),
                row.sealedAt());
    }

    private PlanView view(TestPlan row) {
        PlanRequest plan = documents.read(row.spec(), PlanRequest.class);
        PlanView.SignedGate signed =
                row.safety() == null ? null : documents.read(row.safety(), PlanView.SignedGate.class);
        boolean holds = signed != null && row.isSignedFor(digest(plan));
        return new PlanView(
                plan,
                forecast(plan),
                row.sealedAt() == null ? null : sealed(row),
                holds ? signed : null,
                holds ? null : signed,
                shown(row));
    }
}
