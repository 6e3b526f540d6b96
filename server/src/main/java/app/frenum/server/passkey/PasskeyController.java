package app.frenum.server.passkey;

import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import app.frenum.server.problem.Problem;
import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everybody's own ways in. */
@RestController
@RequestMapping("/api/passkeys")
class PasskeyController {
    private static final int LONGEST_CREDENTIAL = 20_000;

    private final Passkeys passkeys;
    private final Accounts accounts;

    PasskeyController(Passkeys passkeys, Accounts accounts) {
        this.passkeys = passkeys;
        this.accounts = accounts;
    }

    /** @param password their own: who is handed a screen makes no key in another's name */
    record ToMake(@NotNull @Size(max = 200) String password) {}

    /**
     * A key that a browser made.
     *
     * @param asked what it was asked for
     * @param label what it is called
     * @param credential as the browser gives it, as JSON
     */
    record MadePasskey(
            @NotNull UUID asked,
            @NotBlank @Size(max = 60) String label,
            @NotNull @Size(max = LONGEST_CREDENTIAL) String credential) {}

    /** One's own; an owner sees everybody's. */
    @Does(Deed.READS)
    @GetMapping
    List<PasskeyView> passkeys(Asker asker) {
        return asker.role().may(Deed.GOVERNS)
                ? passkeys.all()
                : passkeys.of(own(asker).id());
    }

    @Does(Deed.READS)
    @PostMapping("/asked")
    Passkeys.Asked toMake(Asker asker, @Valid @RequestBody ToMake own, HttpServletRequest request) {
        Site site = Site.of(request);
        AccountView account = own(asker);
        if (!account.withPassword()) {
            throw Problem.outOfTurn("%s has no password to show that it is them. Have an owner set one first."
                    .formatted(account.name()));
        }
        return passkeys.toMake(accounts.signIn(account.name(), own.password(), request.getRemoteAddr()), site);
    }

    @Does(Deed.READS)
    @PostMapping
    List<PasskeyView> made(Asker asker, @Valid @RequestBody MadePasskey made, HttpServletRequest request) {
        passkeys.made(made.asked(), own(asker).id(), made.label().strip(), made.credential(), Site.of(request));
        return passkeys(asker);
    }

    /** Everybody their own; an owner any. */
    @Does(Deed.READS)
    @DeleteMapping("/{id}")
    void remove(Asker asker, @PathVariable UUID id) {
        Passkey passkey = passkeys.passkey(id);
        if (!passkey.accountId().equals(own(asker).id())) {
            asker.mustBeAllowedTo(Deed.GOVERNS);
        }
        passkeys.remove(passkey);
    }

    private AccountView own(Asker asker) {
        return accounts.all().stream()
                .filter(a -> a.name().equals(asker.who().name()))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("This account"));
    }
}
