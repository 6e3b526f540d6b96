package app.frenum.core.accuracy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
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

    private static void holds(LogAccuracy found) {
        assertThat(found.missed() + found.invented() + found.wrongKind())
                .as(found.row())
                .isZero();
        assertThat(found.outside()).as(found.row()).isLessThanOrEqualTo(ONE_LOG);
    }
}
