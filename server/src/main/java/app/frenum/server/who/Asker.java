package app.frenum.server.who;

import app.frenum.core.people.Who;
import app.frenum.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Whoever makes a request, as signed in.
 *
 * @param screen at which they are
 * @param screenName what it is called
 */
public record Asker(Who who, Role role, UUID screen, String screenName) {
    private static final String ATTRIBUTE = Asker.class.getName();

    /** Refuses what is not theirs to do, for what a route finds only when it reads the request. */
    public void mustBeAllowedTo(Deed deed) {
        if (!role.may(deed)) {
            throw Problem.notYours(who.name(), role.name());
        }
    }

    /** This request is theirs. */
    public void makes(HttpServletRequest request) {
        request.setAttribute(ATTRIBUTE, this);
    }

    static Optional<Asker> of(@Nullable HttpServletRequest request) {
        return request == null ? Optional.empty() : Optional.ofNullable((Asker) request.getAttribute(ATTRIBUTE));
    }
}
