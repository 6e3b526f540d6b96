package app.frenum.server.screen;

import java.net.Inet4Address;
import java.net.InterfaceAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.stereotype.Component;

/** Under which addresses Frenum is reached: those of its networks where it is open to them, else this machine's own. */
@Component
class OwnAddresses {
    private final ServletWebServerApplicationContext server;
    private final String address;
    private final boolean encrypted;

    OwnAddresses(
            ServletWebServerApplicationContext server,
            @Value("${server.address:127.0.0.1}") String address,
            @Value("${server.ssl.enabled:false}") boolean encrypted) {
        this.server = server;
        this.address = address;
        this.encrypted = encrypted;
    }

    List<String> all() {
        String scheme = encrypted ? "https" : "http";
        int port = server.getWebServer() == null ? 0 : server.getWebServer().getPort();
        List<String> hosts = address.equals("0.0.0.0") ? ofNetworks() : List.of(address);
        return hosts.stream().map(h -> "%s://%s:%d".formatted(scheme, h, port)).toList();
    }

    private static List<String> ofNetworks() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(n -> n.getInterfaceAddresses().stream())
                    .map(InterfaceAddress::getAddress)
                    .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
                    .map(a -> a.getHostAddress())
                    .toList();
        } catch (SocketException e) {
            return List.of();
        }
    }
}
