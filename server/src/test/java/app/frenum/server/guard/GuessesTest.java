package app.frenum.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

class GuessesTest {
    private final AtomicReference<Instant> now = new AtomicReference<>(Instant.parse("2026-06-20T10:00:00Z"));
    private final Guesses guesses = new Guesses(new Clock() {
        @Override
        public Instant instant() {
            return now.get();
        }

        @Override
        public ZoneOffset getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(java.time.ZoneId zone) {
            return this;
        }
    });

    private void wrong(int from, int n) {
        for (int i = from; i < from + n; i++) {
            guesses.wrong("10.0.0.9", "CODE-" + i);
        }
    }

    @Test
    void whoTriesManyCodesIsNotAnsweredForAMinute() {
        wrong(0, 9);
        assertThat(guesses.areTooMany("10.0.0.9")).isFalse();
        wrong(9, 1);
        assertThat(guesses.areTooMany("10.0.0.9")).isTrue();
        assertThat(guesses.areTooMany("10.0.0.8")).isFalse();
        now.set(now.get().plusSeconds(61));
        assertThat(guesses.areTooMany("10.0.0.9")).isFalse();
    }

    @Test
    void aDeviceThatSaysItsOldCodeForEverIsNoGuesser() {
        for (int i = 0; i < 1000; i++) {
            wrong(0, 1);
        }
        assertThat(guesses.areTooMany("10.0.0.9")).isFalse();
    }

    @Test
    void addressesAreForgottenInTheOrderInWhichTheyCame() {
        wrong(0, 10);
        for (int i = 0; i < 1000; i++) {
            guesses.wrong("10.1." + i / 250 + "." + i % 250, "X");
        }
        assertThat(guesses.areTooMany("10.0.0.9")).isFalse();
    }
}
