package app.frenum.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Where the stand-in is told what to do wrong: {@code POST /overspeed}, on loopback only, and only by who knows the key
 * that stands in Frenum's home: any page in a browser could send a POST without.
 */
final class Control {
    private static final String KEY_HEADER = "Frenum-Key";

    private Control() {}

    static HttpServer listen(int port, String key, RehearsedCar car) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 4);
        server.createContext("/", exchange -> answer(exchange, key, car));
        server.start();
        return server;
    }

    private static void answer(HttpExchange exchange, String key, RehearsedCar car) throws IOException {
        Optional<Fault> fault = Fault.named(exchange.getRequestURI().getPath().substring(1));
        boolean post = exchange.getRequestMethod().equals("POST");
        String said;
        if (!isKey(key, exchange.getRequestHeaders().getFirst(KEY_HEADER))) {
            send(exchange, 403, "Only ./frenum fault may say what goes wrong.\n");
            return;
        }
        if (post && fault.isPresent()) {
            car.does(fault.get());
            said = "The car does it: " + typed(fault.get()) + "\n";
        } else {
            said = "POST one of: "
                    + Arrays.stream(Fault.values()).map(Control::typed).collect(Collectors.joining(", ")) + "\n";
        }
        send(exchange, post && fault.isEmpty() ? 404 : 200, said);
    }

    private static boolean isKey(String key, String said) {
        return said != null
                && MessageDigest.isEqual(key.getBytes(StandardCharsets.UTF_8), said.getBytes(StandardCharsets.UTF_8));
    }

    private static void send(HttpExchange exchange, int status, String said) throws IOException {
        byte[] body = said.getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(status, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    private static String typed(Fault fault) {
        return fault.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
