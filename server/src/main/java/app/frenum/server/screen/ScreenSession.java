package app.frenum.server.screen;

import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/**
 * What a session remembers: its screen and who is signed in there, as plain ids. What these may do is looked up anew with
 * every request, so that whoever is closed or given another role is so at once.
 */
@Component
class ScreenSession {
    private static final String SCREEN = "screen";
    private static final String SCREEN_NAME = "screenName";
    private static final String PEOPLE = "people";

    private final Accounts accounts;

    ScreenSession(Accounts accounts) {
        this.accounts = accounts;
    }

    /** Empty where nobody is signed in. */
    Optional<SignedIn> read(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session == null || !(session.getAttribute(SCREEN) instanceof String screen)) {
            return Optional.empty();
        }
        List<AccountView> people =
                ids(session).stream().flatMap(id -> accounts.open(id).stream()).toList();
        return people.isEmpty()
                ? Optional.empty()
                : Optional.of(new SignedIn(
                        UUID.fromString(screen), String.valueOf(session.getAttribute(SCREEN_NAME)), people));
    }

    /** Somebody is signed in from now on, beside whoever is already. A new session id keeps out whoever knew the old one. */
    void add(HttpServletRequest request, UUID screen, String screenName, UUID account) {
        HttpSession session = request.getSession(true);
        request.changeSessionId();
        session.setAttribute(SCREEN, screen.toString());
        session.setAttribute(SCREEN_NAME, screenName);
        // By this a screen's sessions are found when it is cut off.
        session.setAttribute(FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, screen.toString());
        List<UUID> all = new ArrayList<>(ids(session));
        all.remove(account);
        all.add(account);
        write(session, all);
    }

    /** @return who is left */
    List<UUID> remove(HttpServletRequest request, UUID account) {
        HttpSession session = request.getSession(false);
        if (session == null) {
            return List.of();
        }
        List<UUID> all = new ArrayList<>(ids(session));
        all.remove(account);
        write(session, all);
        return all;
    }

    /** The same, of a session that is not this request's. */
    static void remove(Session session, UUID account) {
        List<UUID> all = new ArrayList<>(people(session));
        all.remove(account);
        session.setAttribute(PEOPLE, written(all));
    }

    private static void write(HttpSession session, List<UUID> people) {
        session.setAttribute(PEOPLE, written(people));
    }

    private static String written(List<UUID> people) {
        return people.stream().map(UUID::toString).collect(Collectors.joining(","));
    }

    private static List<UUID> ids(HttpSession session) {
        return parsed((String) session.getAttribute(PEOPLE));
    }

    /** Of a session that is not this request's. */
    static List<UUID> people(Session session) {
        return parsed(session.getAttribute(PEOPLE));
    }

    private static List<UUID> parsed(@Nullable String text) {
        return text == null || text.isEmpty()
                ? List.of()
                : Arrays.stream(text.split(",")).map(UUID::fromString).toList();
    }
}
