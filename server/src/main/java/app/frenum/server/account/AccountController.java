package app.frenum.server.account;

import app.frenum.server.problem.Problem;
import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import app.frenum.server.who.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says who may do what. */
@RestController
@RequestMapping("/api/accounts")
class AccountController {
    private final Accounts accounts;
    private final ApplicationEventPublisher publisher;

    AccountController(Accounts accounts, ApplicationEventPublisher publisher) {
        this.accounts = accounts;
        this.publisher = publisher;
    }

    /** @param password left out for somebody who comes in by codes alone */
    record NewAccount(
            @NotNull @Size(max = 100) String name,
            @NotNull Role role,
            @Size(max = 200) @Nullable String password) {}

    record Standing(@NotNull Role role, boolean closed) {}

    /** @param current needed for one's own */
    record NewPassword(
            @Size(max = 200) @Nullable String current,
            @NotNull @Size(max = 200) String password) {}

    @Does(Deed.READS)
    @GetMapping
    List<AccountView> accounts() {
        return accounts.all();
    }

    @Does(Deed.GOVERNS)
    @PutMapping("/{id}")
    AccountView add(@PathVariable UUID id, @Valid @RequestBody NewAccount account) {
        return accounts.add(id, account.name(), account.role(), account.password());
    }

    @Does(Deed.GOVERNS)
    @PutMapping("/{id}/standing")
    AccountView change(@PathVariable UUID id, @Valid @RequestBody Standing standing) {
        return accounts.change(id, standing.role(), standing.closed());
    }

    /** Everybody their own, knowing the one before; an owner anybody's. */
    @Does(Deed.READS)
    @PutMapping("/{id}/password")
    void setPassword(
            Asker asker, @PathVariable UUID id, @Valid @RequestBody NewPassword password, HttpServletRequest request) {
        AccountView account = accounts.open(id).orElseThrow(() -> Problem.notFound("This account"));
        boolean own = account.name().equals(asker.who().name());
        if (own && account.withPassword()) {
            accounts.signIn(
                    account.name(), Objects.requireNonNullElse(password.current(), ""), request.getRemoteAddr());
        } else {
            // Who holds a screen is said with one press: of somebody without a password it shows nothing.
            asker.mustBeAllowedTo(Deed.GOVERNS);
        }
        accounts.setPassword(id, password.password());
        publisher.publishEvent(new PasswordChanged(id, own ? asker.screen() : null));
    }
}
