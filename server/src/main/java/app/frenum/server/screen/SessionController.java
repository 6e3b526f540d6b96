package app.frenum.server.screen;

import app.frenum.server.FrenumProperties;
import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import app.frenum.server.account.Passwords;
import app.frenum.server.passkey.Passkeys;
import app.frenum.server.passkey.Site;
import app.frenum.server.problem.Problem;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import app.frenum.server.who.ScreenCut;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Comes in and goes out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_CREDENTIAL = 20_000;

    private final Accounts accounts;
    private final Screens screens;
    private final ScreenSession session;
    private final Entrance entrance;
    private final Passkeys passkeys;
    private final ApplicationEventPublisher publisher;
    private final boolean demo;

    SessionController(
            Accounts accounts,
            Screens screens,
            ScreenSession session,
            Entrance entrance,
            Passkeys passkeys,
            ApplicationEventPublisher publisher,
            FrenumProperties properties) {
        this.accounts = accounts;
        this.screens = screens;
        this.session = session;
        this.entrance = entrance;
        this.passkeys = passkeys;
        this.publisher = publisher;
        this.demo = properties.demo();
    }

    record NameAndPassword(
            @NotNull @Size(max = 100) String name,
            @NotNull @Size(max = 200) String password) {}

    record ReadyMade(@NotNull UUID account) {}

    /** @param screenName what the phone is called from now on */
    record CodeSeen(
            @NotNull @Size(max = 40) String code,
            @NotNull @Size(max = LONGEST_NAME) String screenName) {}

    /**
     * @param asked what the browser was asked for
     * @param credential what it answered, as JSON
     */
    record UsedPasskey(
            @NotNull UUID asked,
            @NotNull @Size(max = LONGEST_CREDENTIAL) String credential) {}

    @Does(Deed.GREETS)
    @GetMapping
    SessionView session(HttpServletRequest request) {
        Optional<SignedIn> at = session.read(request);
        boolean here = isThisMachine(request);
        return new SessionView(
                here && needsOwner(),
                at.map(SignedIn::screen).orElse(null),
                at.map(SignedIn::screenName).orElse(null),
                at.map(SignedIn::people).orElse(List.of()),
                here ? ready() : List.of(),
                Passwords.SHORTEST);
    }

    private boolean needsOwner() {
        return ready().isEmpty() && !accounts.hasOwner();
    }

    private List<AccountView> ready() {
        return demo
                ? accounts.all().stream()
                        .filter(a -> !a.withPassword() && !a.closed())
                        .toList()
                : List.of();
    }

    /** Only at the machine itself: whoever reaches it over a network first is not its owner for that. */
    @Does(Deed.GREETS)
    @PostMapping("/owner")
    SessionView owner(
            @Valid @RequestBody NameAndPassword owner, HttpServletRequest request, HttpServletResponse response) {
        if (!isThisMachine(request)) {
            throw Problem.outOfTurn("The first owner is made at the machine that Frenum runs on.");
        }
        return in(accounts.first(owner.name(), owner.password()), "", request, response);
    }

    @Does(Deed.GREETS)
    @PostMapping("/people")
    SessionView signIn(
            @Valid @RequestBody NameAndPassword person, HttpServletRequest request, HttpServletResponse response) {
        AccountView account = accounts.signIn(person.name(), person.password(), request.getRemoteAddr());
        return in(account, "", request, response);
    }

    /** One of the demo's made-up people, at the machine itself. */
    @Does(Deed.GREETS)
    @PostMapping("/ready")
    SessionView readyMade(
            @Valid @RequestBody ReadyMade ready, HttpServletRequest request, HttpServletResponse response) {
        AccountView account = ready().stream()
                .filter(a -> a.id().equals(ready.account()) && isThisMachine(request))
                .findFirst()
                .orElseThrow(() -> Problem.signIn("Nobody comes in like that here."));
        return in(account, "", request, response);
    }

    /** What a browser is asked for that has a passkey. */
    @Does(Deed.GREETS)
    @PostMapping("/passkeys/asked")
    Passkeys.Asked passkey(HttpServletRequest request) {
        return passkeys.toSignIn(Site.of(request));
    }

    @Does(Deed.GREETS)
    @PostMapping("/passkeys")
    SessionView passkey(
            @Valid @RequestBody UsedPasskey used, HttpServletRequest request, HttpServletResponse response) {
        return in(passkeys.signIn(used.asked(), used.credential(), Site.of(request)), "", request, response);
    }

    /** By a code that somebody who is signed in had shown. */
    @Does(Deed.GREETS)
    @PostMapping("/joined")
    SessionView joined(@Valid @RequestBody CodeSeen seen, HttpServletRequest request, HttpServletResponse response) {
        AccountView account = screens.joined(seen.code(), request.getRemoteAddr());
        return in(account, seen.screenName(), request, response);
    }

    /** Somebody goes; with the last of them the session ends. */
    @Does(Deed.GREETS)
    @DeleteMapping("/people/{account}")
    SessionView out(@PathVariable UUID account, HttpServletRequest request, HttpServletResponse response) {
        Optional<SignedIn> at = session.read(request);
        if (session.remove(request, account).isEmpty()) {
            Optional.ofNullable(request.getSession(false)).ifPresent(s -> s.invalidate());
            at.ifPresent(s -> publisher.publishEvent(new ScreenCut(s.screen())));
        }
        entrance.newToken(request, response);
        return session(request);
    }

    private SessionView in(
            AccountView account, String screenName, HttpServletRequest request, HttpServletResponse response) {
        entrance.in(account, screenName, request, response);
        return session(request);
    }

    private static boolean isThisMachine(HttpServletRequest request) {
        try {
            return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
