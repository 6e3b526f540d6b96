package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class SteadyClockTest {
    private static final Instant NOON = Instant.parse("2026-06-20T12:00:00Z");

    private Instant wall = NOON;
    private long nanos;
    private final SteadyClock clock = new SteadyClock(
            new Clock() {
                @Override
                public Instant instant() {
                    return wall;
                }

                @Override
                public ZoneId getZone() {
                    return ZoneOffset.UTC;
                }

                @Override
                public Clock withZone(ZoneId zone) {
                    return this;
                }
            },
            () -> nanos);

    private void pass(Duration time) {
        nanos += time.toNanos();
        wall = wall.plus(time);
    }

    @Test
    void setBackAnHourItGoesSteadilyOn() {
        pass(Duration.ofSeconds(10));
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(10));
        wall = wall.minusSeconds(3600);
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(10));
        pass(Duration.ofSeconds(5));
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(15));
    }

    @Test
    void setForwardItFollows() {
        wall = wall.plusSeconds(3600);
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(3600));
    }

    @Test
    void afterARestartItComesAfterWhatIsStoredUnlessThatWasPlainlyWrong() {
        clock.notBefore(NOON.plusSeconds(1800));
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(1800));
        pass(Duration.ofSeconds(1));
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(1801));
        clock.notBefore(NOON.plus(Duration.ofDays(365)));
        assertThat(clock.instant()).isEqualTo(NOON.plusSeconds(1801));
    }
}
