package app.frenum.e2e.torture;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;

/** Two minutes of it; {@code ./frenum torture MINUTES} is longer. */
class TortureTest {
    @Test
    void whatWasAcknowledgedIsThereOnce() throws Exception {
        Torture.Outcome outcome = Torture.of(20260620, Duration.ofMinutes(2));
        System.out.println(outcome);
        assertThat(outcome.faults()).isEmpty();
        assertThat(outcome.kills()).hasSize(3);
        assertThat(outcome.acknowledged()).isPositive();
        assertThat(outcome.rows()).isPositive();
    }
}
