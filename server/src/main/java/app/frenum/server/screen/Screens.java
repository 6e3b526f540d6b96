package app.frenum.server.screen;

import app.frenum.server.Raced;
import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import app.frenum.server.account.PasswordChanged;
import app.frenum.server.guard.Codes;
import app.frenum.server.guard.Guesses;
import app.frenum.server.problem.Problem;
import app.frenum.server.who.ScreenCut;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Phones and laptops that people are signed in at: how they join, and how they are cut off. */
@Service
@Raced
@Transactional
class Screens {
    /** Long enough to walk to the phone. */
    static final Duration GOOD_FOR = Duration.ofMinutes(10);

    private final ScreenRepository screens;
    private final JoiningCodeRepository codes;
    private final Accounts accounts;
    private final Guesses guesses;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final JdbcClient jdbc;
    private final ApplicationEventPublisher publisher;
    private final Clock clock;

    Screens(
            ScreenRepository screens,
            JoiningCodeRepository codes,
            Accounts accounts,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            JdbcClient jdbc,
            ApplicationEventPublisher publisher,
            Clock clock) {
        this.screens = screens;
        this.codes = codes;
        this.accounts = accounts;
        this.guesses = new Guesses(clock);
        this.sessions = sessions;
        this.jdbc = jdbc;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** A code to be shown once. */
    record Joining(String code, Instant expiresAt) {}

    UUID appeared(String name) {
        return screens.save(new Screen(UUID.randomUUID(), name.strip())).id();
    }

    /** Those at which somebody is signed in. */
    @Transactional(readOnly = true)
    List<ScreenView> open(UUID own) {
        return inUse().stream()
                .flatMap(s -> sessionsOf(s.id()).stream()
                        .max(Comparator.comparing(Session::getLastAccessedTime))
                        .map(last -> new ScreenView(
                                s.id(), s.name(), names(last), last.getLastAccessedTime(), s.id().equals(own)))
                        .stream())
                .toList();
    }

    /** Those with a session, however many there were over the years; the newest first. */
    private List<Screen> inUse() {
        List<UUID> ids = jdbc
                .sql("select distinct principal_name from spring_session where principal_name is not null")
                .query(String.class)
                .list()
                .stream()
                .map(UUID::fromString)
                .toList();
        return screens.findAllById(ids).stream()
                .sorted(Comparator.comparing(Screen::createdAt).reversed())
                .toList();
    }

    private List<String> names(Session session) {
        return ScreenSession.people(session).stream()
                .flatMap(id -> accounts.open(id).stream())
                .map(AccountView::name)
                .toList();
    }

    private Collection<? extends Session> sessionsOf(UUID screen) {
        return sessions.findByPrincipalName(screen.toString()).values();
    }

    /** Its sessions end, and what it has open is closed. */
    void cut(UUID id) {
        Screen screen = screens.findById(id).orElseThrow(() -> Problem.notFound("This screen"));
        screen.cut(clock.instant().truncatedTo(ChronoUnit.MICROS));
        screens.save(screen);
        end(id);
    }

    private void end(UUID screen) {
        sessionsOf(screen).forEach(s -> sessions.deleteById(s.getId()));
        publisher.publishEvent(new ScreenCut(screen));
    }

    /** What was open at a screen on behalf of somebody who may no longer sign in. */
    @EventListener
    void closed(Accounts.Closed closed) {
        inUse().stream()
                .filter(s -> sessionsOf(s.id()).stream()
                        .anyMatch(at -> ScreenSession.people(at).equals(List.of(closed.account()))))
                .forEach(s -> end(s.id()));
    }

    /** Whoever had the password before may be anywhere: they are out wherever it was not just changed. */
    @EventListener
    void changed(PasswordChanged changed) {
        inUse().stream()
                .map(Screen::id)
                .filter(id -> !id.equals(changed.at()))
                .forEach(id -> out(id, changed.account()));
    }

    private void out(UUID screen, UUID account) {
        List<List<UUID>> people =
                sessionsOf(screen).stream().map(ScreenSession::people).toList();
        if (people.stream().anyMatch(p -> p.equals(List.of(account)))) {
            end(screen);
        } else if (people.stream().anyMatch(p -> p.contains(account))) {
            sessionsOf(screen).forEach(s -> without(sessions, s.getId(), account));
        }
    }

    private static <S extends Session> void without(SessionRepository<S> sessions, String id, UUID account) {
        S session = sessions.findById(id);
        if (session != null) {
            ScreenSession.remove(session, account);
            sessions.save(session);
        }
    }

    Joining joining(UUID account) {
        if (accounts.open(account).isEmpty()) {
            throw Problem.notFound("This account");
        }
        String code = Codes.made();
        Instant until = clock.instant().plus(GOOD_FOR).truncatedTo(ChronoUnit.MICROS);
        codes.save(new JoiningCode(UUID.randomUUID(), account, Codes.digest(code), until));
        return new Joining(code, until);
    }

    /**
     * @param address where it comes from
     * @throws Problem where it is none, was used, or is too old; or after too many that were none
     */
    AccountView joined(String code, String address) {
        if (guesses.areTooMany(address)) {
            throw Problem.tooOften(
                    "Too many wrong codes came from this address. Wait a minute, then type the right one.");
        }
        JoiningCode known = codes.findByCodeSha256(Codes.digest(code))
                .filter(c -> c.isGoodAt(clock.instant()))
                .orElse(null);
        if (known == null) {
            guesses.wrong(address, code);
            throw Problem.invalid(
                    "code", "This code is none, was used already, or is older than ten minutes. Have a new one shown.");
        }
        known.use(clock.instant().truncatedTo(ChronoUnit.MICROS));
        codes.saveAndFlush(known);
        return accounts.open(known.accountId()).orElseThrow(() -> Problem.notFound("This account"));
    }
}
