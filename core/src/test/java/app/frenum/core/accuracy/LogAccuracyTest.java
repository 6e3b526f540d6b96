package app.frenum.core.accuracy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.log.MemoryLog;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** A sample of {@link LogAccuracy}: every kind of log, three times. {@code ./frenum accuracy} runs ten. */
class LogAccuracyTest {
    private static final int LOGS = 3;
    /** One log in three may lie outside: its stops share one scale and one clock. */
    private static final double ONE_LOG = 0.34;

    @TestFactory
    Stream<DynamicTest> everyStopIsFoundAndTrueWithinItsLimitsOrFlagged() {
        return LogKinds.all().entrySet().stream()
                .map(kind -> DynamicTest.dynamicTest(
                        kind.getKey(), () -> holds(LogAccuracy.of(kind.getKey(), kind.getValue(), LOGS))));
    }

    /** What is left of a brake system may be hardly more than an engine: it counts where a switch shows it and a run asks for it. */
    @Test
    void aWeakStopWithPartOfTheBrakesIsFoundWhereItIsAskedFor() {
        TestCar car = new TestCar(3);
        car.brakingMps2 = 1.0;
        car.engineDragMps2 = 0.2;
        LoggerModel logger = new LoggerModel();
        logger.speed("GPS speed");
        logger.brakeSwitch();
        logger.accelerometer();
        MemoryLog log = logger.record(car.driven());
        AnalysisOptions whole = AnalysisOptions.onset(AnalysisOptions.noNominal());
        assertThat(LogAnalysis.of(log, List.of(), whole).stops()).isEmpty();
        List<MeasuredStop> stops =
                LogAnalysis.of(log, List.of(), whole.partial()).stops();
        assertThat(stops).hasSize(car.applications);
        for (int i = 0; i < stops.size(); i++) {
            TestCar.Event event = car.events.get(i);
            double truth = car.place(event.endS()) - car.place(event.switchS());
            assertThat(stops.get(i).distance().value())
                    .isCloseTo(
                            truth,
                            within(2 * stops.get(i).uncertainty().distance().value()));
        }
    }

    private static void holds(LogAccuracy found) {
        assertThat(found.missed() + found.invented() + found.wrongKind())
                .as(found.row())
                .isZero();
        assertThat(found.outside()).as(found.row()).isLessThanOrEqualTo(ONE_LOG);
    }
}
