package app.frenum.server.account;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.server.problem.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class SignInTriesTest {
    private static final String HERE = "192.168.7.4";
    private Instant now = Instant.parse("2026-06-20T09:00:00Z");
    private final SignInTries tries = new SignInTries(new Clock() {
        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    });

    private void wrong(int times, String name, String address) {
        for (int i = 0; i < times; i++) {
            tries.wrong(name, address);
        }
    }

    @Test
    void theFirstFewCostNothingAndEachFurtherOneTwiceTheWait() {
        wrong(4, "marshal", HERE);
        assertThatCode(() -> tries.mayTry("marshal", HERE)).doesNotThrowAnyException();
        wrong(4, "marshal", HERE);
        assertThatThrownBy(() -> tries.mayTry("marshal", HERE))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("in 9 s");
        now = now.plusSeconds(9);
        assertThatCode(() -> tries.mayTry("marshal", HERE)).doesNotThrowAnyException();
    }

    @Test
    void nobodyElsewhereIsKeptOutByIt() {
        wrong(12, "marshal", HERE);
        assertThatThrownBy(() -> tries.mayTry("marshal", HERE)).isInstanceOf(Problem.class);
        assertThatCode(() -> tries.mayTry("marshal", "192.168.7.5")).doesNotThrowAnyException();
        assertThatCode(() -> tries.mayTry("secretary", HERE)).doesNotThrowAnyException();
    }

    @Test
    void manyNamesFromOneAddressAreOneGuesser() {
        for (int i = 0; i < 30; i++) {
            tries.wrong("name " + i, HERE);
        }
        assertThatThrownBy(() -> tries.mayTry("another", HERE)).isInstanceOf(Problem.class);
    }

    @Test
    void whoeverKnowsItBeginsAnewAndWhatIsLongAgoIsForgotten() {
        wrong(7, "marshal", HERE);
        tries.right("marshal", HERE);
        assertThatCode(() -> tries.mayTry("marshal", HERE)).doesNotThrowAnyException();
        wrong(12, "secretary", HERE);
        now = now.plus(Duration.ofHours(1));
        tries.wrong("secretary", HERE);
        assertThatCode(() -> tries.mayTry("secretary", HERE)).doesNotThrowAnyException();
    }
}
