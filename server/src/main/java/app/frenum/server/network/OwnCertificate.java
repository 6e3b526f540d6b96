package app.frenum.server.network;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.Certificate;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The certificate that a phone comes to trust: everybody may have it, and its key never leaves this machine. */
@Component
class OwnCertificate {
    private final Optional<byte[]> encoded;

    OwnCertificate(Tls tls) {
        encoded = tls.isOpen() ? Optional.of(read(tls)) : Optional.empty();
    }

    private static byte[] read(Tls tls) {
        try (InputStream in = Files.newInputStream(Objects.requireNonNull(tls.store()))) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(
                    in,
                    Files.readString(Objects.requireNonNull(tls.passwordFile()))
                            .strip()
                            .toCharArray());
            // The last of its chain is the authority, which stays when the addresses change.
            Certificate[] chain = store.getCertificateChain(TlsConnector.ALIAS);
            return chain[chain.length - 1].getEncoded();
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException(
                    "Frenum's own certificate cannot be read; delete the folder tls in its home to have it made anew",
                    e);
        }
    }

    /** DER. */
    Optional<byte[]> encoded() {
        return encoded;
    }

    /** As phones show it: SHA-256 in pairs. */
    Optional<String> fingerprint() {
        return encoded.map(bytes -> {
            try {
                return HexFormat.ofDelimiter(":")
                        .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes))
                        .toUpperCase(Locale.ROOT);
            } catch (GeneralSecurityException e) {
                throw new IllegalStateException(e);
            }
        });
    }
}
