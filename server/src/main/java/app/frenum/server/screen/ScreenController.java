package app.frenum.server.screen;

import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import app.frenum.server.network.OwnAddresses;
import app.frenum.server.problem.Problem;
import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Phones and laptops at which people are signed in. */
@RestController
@RequestMapping("/api/screens")
class ScreenController {
    private final Screens screens;
    private final Accounts accounts;
    private final OwnAddresses addresses;

    ScreenController(Screens screens, Accounts accounts, OwnAddresses addresses) {
        this.screens = screens;
        this.accounts = accounts;
        this.addresses = addresses;
    }

    record For(@NotNull UUID account) {}

    /**
     * What a phone needs to join, shown this once.
     *
     * @param links by which it gets here, each with the code in it and as a picture for its camera
     */
    record Invitation(String code, Instant expiresAt, List<Link> links) {}

    record Link(String address, QrPicture picture) {}

    @Does(Deed.READS)
    @GetMapping
    List<ScreenView> screens(Asker asker) {
        return screens.open(asker.screen());
    }

    /** Everybody lets in a phone of their own; an owner anybody's. */
    @Does(Deed.READS)
    @PostMapping("/invitations")
    Invitation invite(Asker asker, @Valid @RequestBody For whom) {
        AccountView account = accounts.open(whom.account()).orElseThrow(() -> Problem.notFound("This account"));
        if (!account.name().equals(asker.who().name())) {
            asker.mustBeAllowedTo(Deed.GOVERNS);
        }
        Screens.Joining joining = screens.joining(account.id());
        return new Invitation(
                joining.code(),
                joining.expiresAt(),
                addresses.all().stream()
                        // Behind the mark, so that no server on the way is told of it.
                        .map(a -> a + "/join#" + joining.code())
                        .map(a -> new Link(a, QrPicture.of(a)))
                        .toList());
    }

    /** Everybody the screens that they alone are signed in at; an owner any. */
    @Does(Deed.READS)
    @DeleteMapping("/{id}")
    void cut(Asker asker, @PathVariable UUID id) {
        boolean own = screens.open(asker.screen()).stream()
                .anyMatch(s -> s.id().equals(id)
                        && s.people().equals(List.of(asker.who().name())));
        if (!own) {
            asker.mustBeAllowedTo(Deed.GOVERNS);
        }
        screens.cut(id);
    }
}
