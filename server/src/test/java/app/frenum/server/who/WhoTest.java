package app.frenum.server.who;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.people.Who;
import app.frenum.server.Door;
import app.frenum.server.RunningServer;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** One identity, told from the request in one place and kept with whatever it changed. */
class WhoTest {
    private static final Set<Class<?>> NAMED = Set.of(Who.class, Asker.class);

    private final RunningServer server = RunningServer.shared();
    private final HttpClient http = HttpClient.newHttpClient();

    private HttpResponse<String> asked(Door door, String method, String path, String body, String... header)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = door.opens(HttpRequest.newBuilder(URI.create(server.url() + path)))
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(body));
        for (String name : header) {
            request.header(WhoHeader.NAME, name);
        }
        return http.send(request.build(), BodyHandlers.ofString());
    }

    private String changedBy(UUID vehicle) throws SQLException {
        try (var c = DriverManager.getConnection(server.databaseUrl());
                var s = c.prepareStatement("select changed_by from vehicle where id = ?")) {
            s.setObject(1, vehicle);
            var rows = s.executeQuery();
            rows.next();
            return rows.getString(1);
        }
    }

    private static String vehicle(UUID id, String name) {
        return "{\"id\":\"%s\",\"name\":\"%s\",\"description\":\"\"}".formatted(id, name);
    }

    @Test
    void whateverIsChangedCarriesTheNameOfWhoeverHoldsTheScreen() throws Exception {
        String other = "Jürgen " + UUID.randomUUID();
        server.door().add(other, "ENGINEER");
        Door screen = Door.shut(server.url());
        screen.signIn(Door.MARSHAL);
        screen.signIn(other);
        UUID id = UUID.randomUUID();
        assertThat(asked(screen, "POST", "/api/vehicles", vehicle(id, "Estate")).statusCode())
                .isEqualTo(200);
        assertThat(changedBy(id)).as("whoever signed in last").isEqualTo(other);
        String changed = asked(screen, "PUT", "/api/vehicles", vehicle(id, "Estate 2.0"), Door.MARSHAL)
                .body();
        assertThat(changed).contains("Estate 2.0");
        assertThat(changedBy(id)).isEqualTo(Door.MARSHAL);
        HttpResponse<String> stranger =
                asked(screen, "PUT", "/api/vehicles", vehicle(id, "Estate 3.0"), "Somebody%20else");
        assertThat(stranger.statusCode()).isEqualTo(403);
        assertThat(stranger.body()).contains("Somebody else is not signed in on this screen");
    }

    @ParameterizedTest
    @ValueSource(strings = {"%ZZ", "a%0Ab", "a%00b", "a%09b", "%C3"})
    void aNameThatIsNoneIsRefusedInWords(String header) throws Exception {
        HttpResponse<String> refused =
                asked(server.door(), "POST", "/api/vehicles", vehicle(UUID.randomUUID(), "Estate"), header);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("\"who\"");
    }

    private List<HandlerMethod> routes() {
        return server
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .values()
                .stream()
                .filter(m -> m.getBeanType().getPackageName().startsWith("app.frenum.server"))
                // What the container refuses is told there; nobody asks for it.
                .filter(m -> !ErrorController.class.isAssignableFrom(m.getBeanType()))
                .toList();
    }

    /** So that it can be said who may: a new route that says nothing fails here. */
    @Test
    void everyRouteSaysWhatItDoes() {
        assertThat(routes()).hasSizeGreaterThan(50);
        assertThat(routes())
                .allSatisfy(m -> assertThat(m.getMethodAnnotation(Does.class))
                        .as(m.toString())
                        .isNotNull());
        assertThat(routes().stream().filter(m -> deed(m) == Deed.DECIDES))
                .isNotEmpty()
                .allSatisfy(m -> assertThat(Arrays.stream(m.getMethodParameters())
                                .anyMatch(p -> NAMED.contains(p.getParameterType())))
                        .as(m + " takes a name")
                        .isTrue());
        assertThat(routes().stream().filter(m -> m.hasMethodAnnotation(GetMapping.class)))
                .allSatisfy(m -> assertThat(deed(m)).as(m.toString()).isIn(Deed.READS, Deed.GREETS));
    }

    private static Deed deed(HandlerMethod m) {
        Does does = m.getMethodAnnotation(Does.class);
        return does == null ? null : does.value();
    }
}
