package app.frenum.server.guard;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Counts wrong pairing codes by where they come from. Somebody who tries different ones is not answered for a while; a
 * device that goes on saying the one code it was once given is no guesser.
 */
@Component
public class Guesses {
    private static final int MOST = 10;
    private static final Duration WITHIN = Duration.ofMinutes(1);
    /** Addresses remembered; the oldest are forgotten. */
    private static final int MOST_ADDRESSES = 1000;

    private final Clock clock;
    private final Map<String, Tries> byAddress = new LinkedHashMap<>();

    public Guesses(Clock clock) {
        this.clock = clock;
    }

    /** Wrong codes since a moment; of each only its hash. */
    private record Tries(Instant since, Set<Integer> codes) {}

    /** Whether whoever speaks from there has tried too many. */
    public synchronized boolean areTooMany(String address) {
        Tries tries = byAddress.get(address);
        return tries != null && isRecent(tries) && tries.codes().size() >= MOST;
    }

    public synchronized void wrong(String address, String code) {
        Tries tries = byAddress.get(address);
        if (tries == null || !isRecent(tries)) {
            byAddress.remove(address);
            tries = new Tries(clock.instant(), new HashSet<>());
            byAddress.put(address, tries);
        }
        tries.codes().add(code.hashCode());
        if (byAddress.size() > MOST_ADDRESSES) {
            byAddress.remove(byAddress.keySet().iterator().next());
        }
    }

    private boolean isRecent(Tries tries) {
        return tries.since().plus(WITHIN).isAfter(clock.instant());
    }
}
