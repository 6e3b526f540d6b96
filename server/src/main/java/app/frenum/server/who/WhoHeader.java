package app.frenum.server.who;

import app.frenum.core.people.Who;
import app.frenum.server.problem.Problem;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriUtils;

/** The name of whoever asks, as a header: percent-encoded, because a header may hold no other letters. */
public final class WhoHeader {
    public static final String NAME = "Frenum-Who";

    /** What decoding puts for bytes that are no letters. */
    private static final char NO_LETTER = '\uFFFD';

    private WhoHeader() {}

    public static Who read(@Nullable String header) {
        if (header == null || header.isBlank()) {
            return Who.UNNAMED;
        }
        String name = decoded(header).strip();
        if (name.length() > Who.LONGEST || name.chars().anyMatch(c -> Character.isISOControl(c) || c == NO_LETTER)) {
            throw Problem.invalid("who", "A name has at most %d characters, in one line.".formatted(Who.LONGEST));
        }
        return new Who(name);
    }

    private static String decoded(String header) {
        try {
            return UriUtils.decode(header, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            throw Problem.invalid("who", "The header %s is percent-encoded UTF-8.".formatted(NAME));
        }
    }
}
