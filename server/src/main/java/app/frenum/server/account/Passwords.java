package app.frenum.server.account;

import app.frenum.server.problem.Problem;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** How passwords are kept, and which are none. */
@Component
public class Passwords {
    /** Shorter ones are guessed. */
    public static final int SHORTEST = 10;

    private static final int LONGEST = 200;
    private static final int MEASURED = 64;
    /** Of 0 to 4: more than ten thousand million guesses, by lists of what people take, by keyboards, dates and names. */
    private static final int HARD_TO_GUESS = 4;

    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int MEMORY_KB = 19 * 1024;
    private static final int PASSES = 2;

    /** Each takes 19 MB and a core: a crowd of strangers waits outside, and fills neither. */
    private static final int AT_ONCE = 2;

    private static final int MOST_WAITING = 16;
    private static final long PATIENCE_MS = 2000;

    private final PasswordEncoder argon2 = new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, MEMORY_KB, PASSES);
    private final Zxcvbn guesses = new Zxcvbn();
    private final Semaphore turns = new Semaphore(AT_ONCE, true);
    /** Of no password at all, so that an unknown name takes as long to refuse as a known one. */
    private final String nobodys = hash("nobody has this one");

    /**
     * Does something that passwords are worked out in, so many at once and no more.
     *
     * @throws Problem where too many wait already
     */
    <T> T inTurn(Supplier<T> work) {
        try {
            if (turns.getQueueLength() >= MOST_WAITING || !turns.tryAcquire(PATIENCE_MS, TimeUnit.MILLISECONDS)) {
                throw Problem.busy("Too many are signing in at once. Try again in a moment.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.busy("Frenum is being stopped.");
        }
        try {
            return work.get();
        } finally {
            turns.release();
        }
    }

    private String hash(String password) {
        return Objects.requireNonNull(argon2.encode(password));
    }

    /** Of a long one its head is hard enough, and what is measured takes longer the longer it is. */
    private static String head(String password) {
        return password.substring(0, Math.min(MEASURED, password.length()));
    }

    /** What whoever knows them would try. */
    private static List<String> toldBy(String name) {
        return Stream.concat(Stream.of(name, "frenum", "brakes"), Stream.of(name.split("\\s+")))
                .toList();
    }

    /** @throws Problem where it would be guessed */
    String kept(String name, String password) {
        if (password.length() < SHORTEST || password.length() > LONGEST) {
            throw Problem.invalid("password", "A password has %d to %d characters.".formatted(SHORTEST, LONGEST));
        }
        if (guesses.measure(head(password), toldBy(name)).getScore() < HARD_TO_GUESS) {
            throw Problem.invalid(
                    "password",
                    "That is among the first that anybody would try. Take several words that do not belong together.");
        }
        return inTurn(() -> hash(password));
    }

    /** Takes as long whether there is one to compare with or not. */
    boolean isRight(String password, @Nullable String hash) {
        boolean same = argon2.matches(password, hash == null ? nobodys : hash);
        return same && hash != null;
    }
}
