package app.frenum.server.account;

import app.frenum.core.people.Who;
import app.frenum.server.Raced;
import app.frenum.server.problem.Problem;
import app.frenum.server.who.Role;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Who there is. Nobody is ever taken out: what they kept carries their name. */
@Service
@Raced
@Transactional
public class Accounts {
    private final AccountRepository accounts;
    private final Passwords passwords;
    private final SignInTries tries;
    private final ApplicationEventPublisher publisher;
    /** Asked for with every request; read again after a change. */
    private volatile @Nullable Map<UUID, AccountView> known;

    Accounts(AccountRepository accounts, Passwords passwords, SignInTries tries, ApplicationEventPublisher publisher) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.tries = tries;
        this.publisher = publisher;
    }

    /** Somebody may no longer sign in, and whatever they have open is to be closed. */
    public record Closed(UUID account) {}

    @Transactional(readOnly = true)
    public List<AccountView> all() {
        return known().values().stream()
                .sorted(Comparator.comparing(AccountView::name))
                .toList();
    }

    /** Who may be signed in; empty where they are closed or never were. */
    @Transactional(readOnly = true)
    public Optional<AccountView> open(UUID id) {
        return Optional.ofNullable(known().get(id)).filter(a -> !a.closed());
    }

    /** Whether somebody can come in who governs; before that nobody can, and the first who is at this machine may say who. */
    @Transactional(readOnly = true)
    public boolean hasOwner() {
        return known().values().stream().anyMatch(a -> isOwner(a) && a.withPassword());
    }

    private static boolean isOwner(AccountView a) {
        return a.role() == Role.OWNER && !a.closed();
    }

    private Map<UUID, AccountView> known() {
        Map<UUID, AccountView> all = known;
        if (all == null) {
            all = accounts.findAll().stream()
                    .map(Account::view)
                    .collect(Collectors.toMap(AccountView::id, Function.identity()));
            known = all;
        }
        return all;
    }

    private void changed() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                known = null;
            }
        });
    }

    /**
     * @throws Problem where the name is taken, or the password would be guessed
     */
    public AccountView add(UUID id, String name, Role role, @Nullable String password) {
        String plain = name.strip().replaceAll("\\s+", " ");
        if (plain.isEmpty() || plain.length() > Who.LONGEST) {
            throw Problem.invalid("name", "A name has 1 to %d characters.".formatted(Who.LONGEST));
        }
        Optional<Account> there = accounts.findByNameKey(Account.key(plain));
        if (there.isPresent()) {
            if (there.get().id().equals(id)) {
                return there.get().view();
            }
            throw Problem.invalid(
                    "name", "Somebody has this name already, and it stands beside what they kept. Take another.");
        }
        changed();
        return accounts.save(new Account(id, plain, role, password == null ? null : passwords.kept(plain, password)))
                .view();
    }

    /** The first of all: nobody governs yet. */
    public AccountView first(String name, String password) {
        if (hasOwner()) {
            throw Problem.outOfTurn("There is an owner already. Sign in, or ask them to add you.");
        }
        return add(UUID.randomUUID(), name, Role.OWNER, password);
    }

    /** @throws Problem where the last owner would be gone */
    public AccountView change(UUID id, Role role, boolean closed) {
        Account account = account(id);
        boolean leaves = role != Role.OWNER || closed;
        if (leaves && known().values().stream().filter(Accounts::isOwner).allMatch(a -> a.id().equals(id))) {
            throw Problem.outOfTurn("Nobody else is an owner. Make somebody one first.");
        }
        account.setRole(role);
        account.setClosed(closed);
        changed();
        if (closed) {
            publisher.publishEvent(new Closed(id));
        }
        return accounts.save(account).view();
    }

    public void setPassword(UUID id, String password) {
        Account account = account(id);
        account.setPasswordHash(passwords.kept(account.view().name(), password));
        changed();
        accounts.save(account);
    }

    private Account account(UUID id) {
        return accounts.findById(id).orElseThrow(() -> Problem.notFound("This account"));
    }

    /**
     * @param address where it comes from
     * @throws Problem where name and password do not belong together, whichever of them is wrong, or after too many tries
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED) // nobody holds a connection while a password is worked out
    public AccountView signIn(String name, String password, String address) {
        return passwords.inTurn(() -> signedIn(name, password, address));
    }

    /** Counted in turn: many at once are no way round the wait. */
    private AccountView signedIn(String name, String password, String address) {
        String key = Account.key(name);
        tries.mayTry(key, address);
        Optional<Account> account =
                accounts.findByNameKey(key).filter(a -> !a.view().closed());
        if (!passwords.isRight(password, account.map(Account::passwordHash).orElse(null))) {
            tries.wrong(key, address);
            throw Problem.signIn("Name and password do not belong together.");
        }
        tries.right(key, address);
        return account.orElseThrow().view();
    }
}
