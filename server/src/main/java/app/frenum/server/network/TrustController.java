package app.frenum.server.network;

import app.frenum.server.problem.Problem;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a phone needs to come to trust this Frenum. */
@RestController
class TrustController {
    private final OwnCertificate certificate;
    private final OwnAddresses addresses;

    TrustController(OwnCertificate certificate, OwnAddresses addresses) {
        this.certificate = certificate;
        this.addresses = addresses;
    }

    /**
     * How it is reached.
     *
     * @param fingerprint of the certificate, as phones show it; null where there is no encrypted way in
     * @param named by name, where the network tells it; null where it has none
     */
    record Trust(
            @Nullable String fingerprint,
            List<String> addresses,
            @Nullable String named) {}

    @Does(Deed.GREETS)
    @GetMapping("/api/session/trust")
    Trust trust() {
        return new Trust(
                certificate.fingerprint().orElse(null),
                addresses.all(),
                addresses.named().orElse(null));
    }

    @Does(Deed.GREETS)
    @GetMapping(value = "/frenum.crt", produces = "application/x-x509-ca-cert")
    ResponseEntity<byte[]> certificate() {
        return certificate
                .encoded()
                .map(ResponseEntity::ok)
                .orElseThrow(() -> Problem.notFound("A certificate of this Frenum"));
    }
}
