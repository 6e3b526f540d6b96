package app.frenum.server.network;

import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * A second, encrypted way in, beside the one on loopback.
 *
 * @param store PKCS 12 with Frenum's own key and certificate; none where there is no such way
 * @param passwordFile where the password of the store stands
 * @param address of the network that it opens to
 * @param port on which
 * @param name what other machines call this one, as its certificate says; empty where it has none
 */
@ConfigurationProperties("frenum.tls")
public record Tls(@Nullable Path store, @Nullable Path passwordFile, String address, int port, String name) {
    boolean isOpen() {
        return store != null && !store.toString().isEmpty();
    }
}
