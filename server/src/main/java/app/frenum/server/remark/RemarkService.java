package app.frenum.server.remark;

import app.frenum.core.compare.ReferenceMark;
import app.frenum.core.compare.TradeOff;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps reference marks and trade-offs; neither ever changes a figure. */
@Service
@Raced
@Transactional
public class RemarkService {
    private static final int MOST_OF_A_TEST = 50;

    private final ReferenceMarkRepository marks;
    private final TradeOffRepository tradeOffs;
    private final TestService tests;
    private final GarageService garage;
    private final Documents documents;

    RemarkService(
            ReferenceMarkRepository marks,
            TradeOffRepository tradeOffs,
            TestService tests,
            GarageService garage,
            Documents documents) {
        this.marks = marks;
        this.tradeOffs = tradeOffs;
        this.tests = tests;
        this.garage = garage;
        this.documents = documents;
    }

    @Transactional(readOnly = true)
    public List<ReferenceMarkView> marks(UUID testId, double speedMps) {
        if (!(speedMps > 0)) {
            throw Problem.invalid("speed", "Say from which speed, in m/s above 0.");
        }
        tests.test(testId);
        return marks.findByTestIdOrderByCreatedAt(testId).stream()
                .map(row -> {
                    ReferenceMark mark = documents.read(row.mark(), ReferenceMark.class);
                    return new ReferenceMarkView(row.id(), mark, mark.from(speedMps), mark.told(speedMps));
                })
                .toList();
    }

    /** Enters one, or changes it. */
    public ReferenceMark mark(UUID id, UUID testId, ReferenceMark mark) {
        check(mark.problems());
        tests.test(testId);
        Optional<ReferenceMarkRow> known = marks.findById(id);
        checkPlace(known.map(ReferenceMarkRow::testId), testId, marks.countByTestId(testId));
        ReferenceMarkRow row = known.orElseGet(() -> new ReferenceMarkRow(id, testId));
        row.set(documents.write(mark));
        marks.save(row);
        return mark;
    }

    /** Gone already, it stays so. */
    void forgetMark(UUID id) {
        marks.deleteById(id);
    }

    @Transactional(readOnly = true)
    public List<TradeOffView> tradeOffs(UUID testId) {
        tests.test(testId);
        return tradeOffs.findByTestIdOrderByCreatedAt(testId).stream()
                .map(row ->
                        new TradeOffView(row.id(), row.configurationId(), documents.read(row.note(), TradeOff.class)))
                .toList();
    }

    /** Notes one, or changes it. */
    public TradeOffView tradeOff(UUID id, UUID testId, TradeOffRequest request) {
        check(request.tradeOff().problems());
        UUID of = request.configurationId();
        ConfigurationView configuration = garage.byId(List.of(of)).get(of);
        if (configuration == null
                || !configuration.vehicleId().equals(tests.test(testId).vehicleId())) {
            throw Problem.invalid("configurationId", "Choose a configuration of this test's vehicle.");
        }
        Optional<TradeOffRow> known = tradeOffs.findById(id);
        checkPlace(known.map(TradeOffRow::testId), testId, tradeOffs.countByTestId(testId));
        TradeOffRow row = known.orElseGet(() -> new TradeOffRow(id, testId));
        row.set(of, documents.write(request.tradeOff()));
        tradeOffs.save(row);
        return new TradeOffView(id, of, request.tradeOff());
    }

    /** Gone already, it stays so. */
    void forgetTradeOff(UUID id) {
        tradeOffs.deleteById(id);
    }

    private static void check(List<FieldProblem> problems) {
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
    }

    private static void checkPlace(Optional<UUID> of, UUID testId, int already) {
        if (of.filter(t -> !t.equals(testId)).isPresent()) {
            throw Problem.conflict("It belongs to another test. Give this one an id of its own.");
        }
        if (of.isEmpty() && already >= MOST_OF_A_TEST) {
            throw Problem.invalid("id", "A test keeps %d of them. Take one out.".formatted(MOST_OF_A_TEST));
        }
    }
}
