package app.frenum.server.network;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.InterfaceAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.stereotype.Component;

/** Under which addresses Frenum is reached: those of its networks where it is open to them, else this machine's own. */
@Component
public class OwnAddresses {
    private static final String ANY = "0.0.0.0";

    private final ServletWebServerApplicationContext server;
    private final String address;
    private final Tls tls;

    OwnAddresses(
            ServletWebServerApplicationContext server, @Value("${server.address:127.0.0.1}") String address, Tls tls) {
        this.server = server;
        this.address = address;
        this.tls = tls;
    }

    /** Such as {@code https://192.168.7.2:8418}. */
    public List<String> all() {
        if (tls.isOpen()) {
            return of(tls.address()).stream()
                    .map(h -> "https://%s:%d".formatted(h, tls.port()))
                    .toList();
        }
        int port = server.getWebServer() == null ? 0 : server.getWebServer().getPort();
        return of(address).stream().map(h -> "http://%s:%d".formatted(h, port)).toList();
    }

    /** By name, which not every network tells; empty where there is none. Browsers keep passkeys for names only. */
    public Optional<String> named() {
        return tls.isOpen() && !tls.name().isEmpty()
                ? Optional.of("https://%s:%d".formatted(tls.name(), tls.port()))
                : Optional.empty();
    }

    private static List<String> of(String address) {
        return address.equals(ANY) ? ofNetworks() : List.of(address);
    }

    private static List<String> ofNetworks() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(n -> n.getInterfaceAddresses().stream())
                    .map(InterfaceAddress::getAddress)
                    .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
                    .map(InetAddress::getHostAddress)
                    .toList();
        } catch (SocketException e) {
            return List.of();
        }
    }
}
