package app.frenum.server.account;

import app.frenum.server.problem.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Slows down whoever tries passwords: the first few cost nothing, each further one twice the wait before. Counted by name and
 * address together, so that nobody elsewhere is kept out by it, and by address over all names.
 */
@Component
class SignInTries {
    private static final int FREE = 5;
    private static final int FREE_OF_ADDRESS = 20;
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final int REMEMBERED = 5000;

    private final Clock clock;
    private final Map<String, Tries> tries = new LinkedHashMap<>();

    SignInTries(Clock clock) {
        this.clock = clock;
    }

    private record Tries(int wrong, Instant until) {}

    /** @throws Problem while they have to wait */
    synchronized void mayTry(String nameKey, String address) {
        Instant until = latest(of(nameKey, address), of("", address));
        Instant now = clock.instant();
        if (until.isAfter(now)) {
            throw Problem.tooOften("Too many wrong passwords came from here. Try again in %d s."
                    .formatted(1 + Duration.between(now, until).toSeconds()));
        }
    }

    synchronized void wrong(String nameKey, String address) {
        count(nameKey, address, FREE);
        count("", address, FREE_OF_ADDRESS);
    }

    synchronized void right(String nameKey, String address) {
        tries.remove(key(nameKey, address));
    }

    private void count(String nameKey, String address, int free) {
        Tries before = of(nameKey, address);
        int wrong = before.until().plus(LONGEST).isBefore(clock.instant()) ? 1 : before.wrong() + 1;
        long waitS = wrong < free ? 0 : Math.min(LONGEST.toSeconds(), 1L << Math.min(20, wrong - free));
        tries.remove(key(nameKey, address));
        tries.put(key(nameKey, address), new Tries(wrong, clock.instant().plusSeconds(waitS)));
        if (tries.size() > REMEMBERED) {
            tries.remove(tries.keySet().iterator().next());
        }
    }

    private Tries of(String nameKey, String address) {
        return tries.getOrDefault(key(nameKey, address), new Tries(0, Instant.EPOCH));
    }

    private static Instant latest(Tries a, Tries b) {
        return a.until().isAfter(b.until()) ? a.until() : b.until();
    }

    private static String key(String nameKey, String address) {
        return address + "\n" + nameKey;
    }
}
