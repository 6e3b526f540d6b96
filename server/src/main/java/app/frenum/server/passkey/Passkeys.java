package app.frenum.server.passkey;

import app.frenum.server.Raced;
import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import app.frenum.server.account.PasswordChanged;
import app.frenum.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Makes passkeys and lets people in by them. Whoever uses one has shown a face, a finger or a number to their device. */
@Service
@Raced
@Transactional
public class Passkeys {
    private static final Logger LOG = LoggerFactory.getLogger(Passkeys.class);
    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final int MOST_ASKED = 1000;
    private static final int MOST_OF_ONE = 20;

    private final PasskeyRepository passkeys;
    private final Accounts accounts;
    private final JsonMapper json =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();
    /** What was asked of somebody at the door, and of somebody who is in: strangers crowd out no one but strangers. */
    private final Cache<UUID, PublicKeyCredentialRequestOptions> atTheDoor = asked();

    private final Cache<UUID, Making> making = asked();

    Passkeys(PasskeyRepository passkeys, Accounts accounts) {
        this.passkeys = passkeys;
        this.accounts = accounts;
    }

    private static <T> Cache<UUID, T> asked() {
        return Caffeine.newBuilder()
                .maximumSize(MOST_ASKED)
                .expireAfterWrite(PATIENCE)
                .build();
    }

    /**
     * What a browser is asked for, answered once.
     *
     * @param options as JSON, as browsers take it
     */
    public record Asked(UUID id, String options) {}

    private record Making(UUID account, PublicKeyCredentialCreationOptions options) {}

    @Transactional(readOnly = true)
    public List<PasskeyView> of(UUID account) {
        return passkeys.findByAccountIdOrderByCreatedAt(account).stream()
                .map(p -> new PasskeyView(p.id(), p.accountId(), p.label(), p.site(), p.createdAt(), p.lastUsedAt()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<PasskeyView> all() {
        return accounts.all().stream().flatMap(a -> of(a.id()).stream()).toList();
    }

    Asked toMake(AccountView account, Site site) {
        if (of(account.id()).size() >= MOST_OF_ONE) {
            throw Problem.outOfTurn("There are %d passkeys already. Take out one first.".formatted(MOST_OF_ONE));
        }
        Authentication who = UsernamePasswordAuthenticationToken.authenticated(account.name(), null, List.of());
        PublicKeyCredentialCreationOptions options = operations(site)
                .createPublicKeyCredentialCreationOptions(new ImmutablePublicKeyCredentialCreationOptionsRequest(who));
        UUID id = UUID.randomUUID();
        making.put(id, new Making(account.id(), options));
        return new Asked(id, json.writeValueAsString(options));
    }

    /** @param credential as the browser answered, as JSON */
    void made(UUID asked, UUID account, String label, String credential, Site site) {
        Making made = making.asMap().remove(asked);
        if (made == null || !made.account().equals(account)) {
            throw tooLate();
        }
        PublicKeyCredential<AuthenticatorAttestationResponse> key =
                believed(() -> json.readValue(credential, new TypeReference<>() {}));
        believed(() -> operations(site)
                .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                        made.options(), new RelyingPartyPublicKey(key, label))));
    }

    void remove(Passkey passkey) {
        passkeys.delete(passkey);
    }

    /** Whoever knew the password before may have made one of them. */
    @EventListener
    void changed(PasswordChanged changed) {
        passkeys.deleteAll(passkeys.findByAccountIdOrderByCreatedAt(changed.account()));
    }

    Passkey passkey(UUID id) {
        return passkeys.findById(id).orElseThrow(() -> Problem.notFound("This passkey"));
    }

    public Asked toSignIn(Site site) {
        PublicKeyCredentialRequestOptions options = operations(site)
                .createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(null));
        UUID id = UUID.randomUUID();
        atTheDoor.put(id, options);
        return new Asked(id, json.writeValueAsString(options));
    }

    /** @param credential as the browser answered, as JSON */
    public AccountView signIn(UUID asked, String credential, Site site) {
        PublicKeyCredentialRequestOptions options = atTheDoor.asMap().remove(asked);
        if (options == null) {
            throw tooLate();
        }
        PublicKeyCredential<AuthenticatorAssertionResponse> key =
                believed(() -> json.readValue(credential, new TypeReference<>() {}));
        UUID account = PasskeyRecords.uuid(
                believed(() -> operations(site).authenticate(new RelyingPartyAuthenticationRequest(options, key)))
                        .getId());
        return accounts.open(account).orElseThrow(Passkeys::unknown);
    }

    /** Whatever a stranger sends, and however the libraries trip over it, is no way in and no fault of Frenum's. */
    @SuppressWarnings("PMD.AvoidCatchingGenericException")
    private static <T> T believed(Supplier<@Nullable T> what) {
        try {
            T found = what.get();
            if (found != null) {
                return found;
            }
        } catch (DataAccessException e) {
            throw e;
        } catch (RuntimeException e) {
            // Its message quotes what the stranger sent, who would write the log.
            LOG.info("A passkey was refused: {}", e.getClass().getSimpleName());
        }
        throw unknown();
    }

    private static Problem unknown() {
        return Problem.signIn("This passkey lets nobody in here. Sign in with name and password, or by a code.");
    }

    private static Problem tooLate() {
        return Problem.outOfTurn("This was asked too long ago, or was answered already. Begin again.");
    }

    private Webauthn4JRelyingPartyOperations operations(Site site) {
        PasskeyRecords records = new PasskeyRecords(passkeys, accounts, site);
        Webauthn4JRelyingPartyOperations operations = new Webauthn4JRelyingPartyOperations(
                records,
                records,
                PublicKeyCredentialRpEntity.builder()
                        .id(site.name())
                        .name("Frenum")
                        .build(),
                Set.of(site.origin()));
        operations.setCustomizeCreationOptions(o -> o.timeout(PATIENCE)
                .authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        operations.setCustomizeRequestOptions(
                o -> o.timeout(PATIENCE).userVerification(UserVerificationRequirement.REQUIRED));
        return operations;
    }
}
