package app.frenum.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Where the stand-in is told what to do wrong: {@code POST /overspeed}, on loopback only. */
final class Control {
    private Control() {}

    static void listen(int port, RehearsedCar car) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 4);
        server.createContext("/", exchange -> answer(exchange, car));
        server.start();
    }

    private static void answer(HttpExchange exchange, RehearsedCar car) throws IOException {
        Optional<Fault> fault = Fault.named(exchange.getRequestURI().getPath().substring(1));
        boolean post = exchange.getRequestMethod().equals("POST");
        String said;
        if (post && fault.isPresent()) {
            car.does(fault.get());
            said = "The car does it: " + typed(fault.get()) + "\n";
        } else {
            said = "POST one of: "
                    + Arrays.stream(Fault.values()).map(Control::typed).collect(Collectors.joining(", ")) + "\n";
        }
        byte[] body = said.getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(post && fault.isEmpty() ? 404 : 200, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    private static String typed(Fault fault) {
        return fault.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
