package app.frenum.server.screen;

import app.frenum.core.people.Who;
import app.frenum.server.account.AccountView;
import app.frenum.server.who.CurrentWho;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Lets somebody in at a screen, whichever way they showed who they are. */
@Component
class Entrance {
    private final Screens screens;
    private final ScreenSession session;
    private final CsrfTokenRepository tokens;
    private final CurrentWho who;

    Entrance(Screens screens, ScreenSession session, CsrfTokenRepository tokens, CurrentWho who) {
        this.screens = screens;
        this.session = session;
        this.tokens = tokens;
        this.who = who;
    }

    /** @param screenName what the screen is called where it has no name yet; blank for what its browser tells */
    void in(AccountView account, String screenName, HttpServletRequest request, HttpServletResponse response) {
        Optional<SignedIn> at = session.read(request);
        String name = screenName.isBlank() ? told(request) : screenName;
        UUID screen =
                at.map(SignedIn::screen).orElseGet(() -> who.as(new Who(account.name()), () -> screens.appeared(name)));
        session.add(request, screen, at.map(SignedIn::screenName).orElse(name), account.id());
        newToken(request, response);
    }

    /** What was known before somebody came or went is good for nothing any more. */
    void newToken(HttpServletRequest request, HttpServletResponse response) {
        tokens.saveToken(tokens.generateToken(request), request, response);
    }

    private static String told(HttpServletRequest request) {
        String agent = String.valueOf(request.getHeader("User-Agent"));
        return agent.contains("Mobi") || agent.contains("Android") ? "A phone" : "A computer";
    }
}
