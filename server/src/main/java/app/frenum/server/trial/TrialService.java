package app.frenum.server.trial;

import app.frenum.core.balance.RollerReading;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.trial.TrialField;
import app.frenum.core.trial.TrialResult;
import app.frenum.server.Raced;
import app.frenum.server.SteadyClock;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps trials: what was guessed stands before anybody tells what came. */
@Service
@Raced
@Transactional
public class TrialService {
    private static final int MOST_OF_A_TEST = 500;

    private final TrialRepository trials;
    private final TestService tests;
    private final GarageService garage;
    private final Documents documents;
    private final SteadyClock clock;

    TrialService(
            TrialRepository trials, TestService tests, GarageService garage, Documents documents, SteadyClock clock) {
        this.trials = trials;
        this.tests = tests;
        this.garage = garage;
        this.documents = documents;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<TrialView> ofTest(UUID testId) {
        VehicleSpec vehicle = garage.vehicle(tests.test(testId).vehicleId()).spec();
        return trials.findByTestIdOrderByCreatedAt(testId).stream()
                .map(t -> view(t, vehicle))
                .toList();
    }

    /** Begins a trial with its guess; sent again it changes nothing, and the guess is never changed. */
    public TrialView begin(UUID id, UUID testId, TrialRequest request, Who who) {
        TestDefinition test = tests.test(testId);
        VehicleSpec vehicle = garage.vehicle(test.vehicleId()).spec();
        Optional<TrialRow> known = trials.findById(id);
        if (known.isPresent()) {
            if (!known.get().isBegunBy(testId, request)) {
                throw Problem.conflict("A guess that was written down is not changed. Begin another trial.");
            }
            return view(known.get(), vehicle);
        }
        ConfigurationView configuration =
                garage.byId(List.of(request.configurationId())).get(request.configurationId());
        if (configuration == null || !configuration.vehicleId().equals(test.vehicleId())) {
            throw Problem.invalid("configurationId", "Choose a configuration of this test's vehicle.");
        }
        if (trials.countByTestId(testId) >= MOST_OF_A_TEST) {
            throw Problem.invalid("id", "A test keeps %d trials. This one has them.".formatted(MOST_OF_A_TEST));
        }
        return view(trials.save(new TrialRow(id, testId, request, who)), vehicle);
    }

    /** Tells what came of it; told again it is told anew, with whoever told it last. */
    public TrialView tell(UUID id, TrialResult result, Who who) {
        TrialRow row = row(id);
        List<FieldProblem> problems = result.problems(row.kind());
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
        if (!result.equals(result(row))) {
            row.tell(documents.write(result), who, clock.instant());
        }
        return view(row, garage.vehicle(tests.test(row.testId()).vehicleId()).spec());
    }

    /** Gone already, it stays so. */
    void forget(UUID id) {
        trials.deleteById(id);
    }

    /** Whether it is one of this test. */
    @Transactional(readOnly = true)
    public boolean isOf(UUID id, UUID testId) {
        return trials.findById(id).filter(t -> t.testId().equals(testId)).isPresent();
    }

    private TrialRow row(UUID id) {
        return trials.findById(id).orElseThrow(() -> Problem.notFound("The trial"));
    }

    private @Nullable TrialResult result(TrialRow row) {
        return row.result() == null ? null : documents.read(row.result(), TrialResult.class);
    }

    private TrialView view(TrialRow row, VehicleSpec vehicle) {
        TrialResult result = result(row);
        return new TrialView(
                row.id(),
                row.configurationId(),
                row.kind(),
                row.guess(),
                row.guessedBy(),
                row.createdAt(),
                result,
                row.toldBy(),
                row.toldAt(),
                Optional.ofNullable(result)
                        .flatMap(r -> r.rollers(row.kind()).map(read -> rollers(read, mass(r, vehicle))))
                        .orElse(null));
    }

    private static Figure mass(TrialResult result, VehicleSpec vehicle) {
        return Optional.ofNullable(result.figures().get(TrialField.MASS))
                .map(q -> Figure.of(q.inside()))
                .orElseGet(() -> vehicle.figure(VehicleField.MASS_LIGHT));
    }

    private static TrialView.Rollers rollers(RollerReading read, Figure mass) {
        return new TrialView.Rollers(
                read.imbalance(true), read.imbalance(false), read.frontShare(), read.efficiency(mass));
    }
}
