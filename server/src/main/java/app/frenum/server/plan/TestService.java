package app.frenum.server.plan;

import app.frenum.core.quantity.Quantity;
import app.frenum.server.Raced;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps tests and their series. */
@Service
@Raced
@Transactional
public class TestService {
    private final TestRepository tests;
    private final SeriesRepository series;

    TestService(TestRepository tests, SeriesRepository series) {
        this.tests = tests;
        this.series = series;
    }

    @Transactional(readOnly = true)
    public List<TestDefinition> tests() {
        return tests.findByThrownAwayAtIsNullOrderByDrivenOnDescCreatedAtDesc().stream()
                .map(BrakeTest::definition)
                .toList();
    }

    @Transactional(readOnly = true)
    public TestDefinition test(UUID id) {
        return entity(id).definition();
    }

    private BrakeTest entity(UUID id) {
        return tests.findById(id).orElseThrow(() -> Problem.notFound("The test"));
    }

    public TestDefinition add(TestRequest request) {
        return tests.findById(request.id())
                .orElseGet(() -> tests.save(new BrakeTest(request)))
                .definition();
    }

    /** Nothing of it is to be taken for a measurement. */
    public void rehearse(UUID testId) {
        entity(testId).rehearse();
    }

    /** Another speed and margin (m), while nothing was driven. */
    void setAim(UUID testId, Quantity speed, double marginM) {
        entity(testId).setAim(speed, marginM);
    }

    public void setBaseline(UUID testId, UUID configurationId) {
        entity(testId).setBaseline(configurationId);
    }

    @Transactional(readOnly = true)
    public List<SeriesView> seriesOf(UUID testId) {
        return series.findByTestIdOrderByCreatedAt(testId).stream()
                .map(Series::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<SeriesView> allSeries() {
        return series.findAllByOrderByCreatedAt().stream().map(Series::view).toList();
    }

    @Transactional(readOnly = true)
    public SeriesView series(UUID id) {
        return series.findById(id).map(Series::view).orElseThrow(() -> Problem.notFound("The series"));
    }

    /** The series of a configuration and block in a test, made when it is not there; the first one is the baseline. */
    public SeriesView seriesFor(UUID testId, UUID configurationId, int block, Conditions conditions) {
        if (conditions.begunAt() != null
                && conditions.endedAt() != null
                && !conditions.endedAt().isAfter(conditions.begunAt())) {
            throw Problem.invalid("endedAt", "The series must end after it began.");
        }
        BrakeTest test = entity(testId);
        if (test.definition().baselineConfigurationId() == null) {
            test.setBaseline(configurationId);
        }
        return series.findByTestIdAndConfigurationIdAndBlock(testId, configurationId, block)
                .orElseGet(() -> series.save(
                        new Series(new SeriesView(UUID.randomUUID(), testId, configurationId, block, conditions))))
                .view();
    }
}
