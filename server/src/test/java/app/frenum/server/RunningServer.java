package app.frenum.server;

import app.frenum.server.device.Heard;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ApplicationEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.PayloadApplicationEvent;
import org.springframework.context.support.GenericApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application on a real PostgreSQL, started once per run and spoken to as its users do. Needs
 * FRENUM_DB_URL; {@code ./frenum test} provides it. Each start takes a new, empty database.
 */
public final class RunningServer implements AutoCloseable {
    private final ConfigurableApplicationContext context;
    private final String databaseUrl;
    private final HttpClient http = HttpClient.newHttpClient();
    private final JsonMapper json = new JsonMapper();
    private volatile double heardUntilS = Double.NEGATIVE_INFINITY;

    private RunningServer(boolean demo, String databaseUrl, String... more) {
        this(demo, databaseUrl, Optional.empty(), more);
    }

    private RunningServer(boolean demo, String databaseUrl, Optional<DrivenClock> clock, String... more) {
        this.databaseUrl = databaseUrl;
        List<String> arguments = new ArrayList<>(List.of(
                // Streams that tests leave open need not be waited for at the end of all tests.
                "--spring.lifecycle.timeout-per-shutdown-phase=2s",
                "--spring.datasource.url=" + databaseUrl,
                "--frenum.demo=" + demo));
        arguments.addAll(List.of(more));
        unlessGiven(arguments, "--server.port=", "0");
        unlessGiven(arguments, "--frenum.home=", temporaryHome().toString());
        SpringApplication application = new SpringApplication(FrenumServer.class);
        clock.ifPresent(c -> application.addInitializers(
                made -> ((GenericApplicationContext) made).registerBean("clock", SteadyClock.class, c::steady)));
        context = application.run(arguments.toArray(String[]::new));
        // Another server, perhaps a killed one, may have stood at this address before.
        Door.forget(url());
        context.addApplicationListener(this::heard);
    }

    private static void unlessGiven(List<String> arguments, String option, String value) {
        if (arguments.stream().noneMatch(a -> a.startsWith(option))) {
            arguments.add(option + value);
        }
    }

    private void heard(ApplicationEvent event) {
        if (event instanceof PayloadApplicationEvent<?> payload && payload.getPayload() instanceof Heard.Logged rows) {
            double[] times = rows.columns()[0];
            heardUntilS = times[times.length - 1];
        }
    }

    /** The last moment of any log that was told on to whoever listens, s from that log's beginning. */
    public double heardUntilS() {
        return heardUntilS;
    }

    /** The answer to one request. */
    public record Answer(int status, JsonNode body) {}

    private static final class Shared {
        private static final RunningServer EMPTY = new RunningServer(false, newDatabase());
    }

    /** The one that all tests of a run share; they make their own tests and vehicles in it. */
    public static RunningServer shared() {
        return Shared.EMPTY;
    }

    /** Loaded once per run; every server with the demo begins with a copy. */
    private static final class LoadedDemo {
        private static final String DATABASE = load();

        private static String load() {
            String url = newDatabase();
            new RunningServer(true, url).close();
            return nameOf(url);
        }
    }

    public static RunningServer withDemo() {
        return demoOn(newDatabase(" template " + LoadedDemo.DATABASE));
    }

    /** The demo's people are there, on a database that has been used. */
    public static RunningServer demoOn(String databaseUrl, String... arguments) {
        return new RunningServer(true, databaseUrl, arguments);
    }

    /** One that nobody else uses, with nothing in it. */
    public static RunningServer onAnEmptyDatabase() {
        return new RunningServer(false, newDatabase());
    }

    /** On a database that is reached in some way of its own. */
    public static RunningServer on(String databaseUrl, String... arguments) {
        return new RunningServer(false, databaseUrl, arguments);
    }

    /** On a database, by a clock that the test drives. */
    public static RunningServer by(DrivenClock clock, String databaseUrl, String... arguments) {
        return new RunningServer(false, databaseUrl, Optional.of(clock), arguments);
    }

    /** The address of a new, empty database, for a server that is started some other way. */
    public static String emptyDatabase() {
        return newDatabase();
    }

    private static String newDatabase() {
        return newDatabase("");
    }

    private static String nameOf(String databaseUrl) {
        return databaseUrl.replaceFirst(".*/([^/?]+)(\\?.*)?$", "$1");
    }

    private static String newDatabase(String like) {
        String base = System.getenv("FRENUM_DB_URL");
        if (base == null) {
            throw new IllegalStateException("FRENUM_DB_URL is not set; run ./frenum test, which starts a PostgreSQL");
        }
        String name = "test_" + UUID.randomUUID().toString().replace("-", "");
        try (Connection c = DriverManager.getConnection(base);
                Statement s = c.createStatement()) {
            s.execute("create database " + name + like);
        } catch (SQLException e) {
            throw new IllegalStateException("no test database could be made", e);
        }
        return base.replaceFirst("/frenum(\\?|$)", "/" + name + "$1");
    }

    private static Path temporaryHome() {
        try {
            return Files.createTempDirectory("frenum-test-");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public String url() {
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    public String databaseUrl() {
        return databaseUrl;
    }

    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public JsonNode get(String path) {
        Answer answer = send(asking(uri(path)).build());
        if (answer.status() != 200) {
            throw new AssertionError(path + " answered " + answer);
        }
        return answer.body();
    }

    public Answer tryGet(String path) {
        return send(asking(uri(path)).build());
    }

    /** What stands at an address, byte by byte. */
    public byte[] bytes(String path) {
        try {
            return http.send(asking(uri(path)).build(), BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public Answer post(String path, Object body) {
        return send(asking(uri(path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(body instanceof String text ? text : json.writeValueAsString(body)))
                .build());
    }

    public Answer put(String path, String body) {
        return send(asking(uri(path))
                .header("Content-Type", "application/json")
                .PUT(BodyPublishers.ofString(body))
                .build());
    }

    public Answer put(String path, byte[] body) {
        return send(asking(uri(path))
                .header("Content-Type", "application/octet-stream")
                .PUT(BodyPublishers.ofByteArray(body))
                .build());
    }

    public Answer delete(String path) {
        return send(asking(uri(path)).DELETE().build());
    }

    private static String fileName(Path file) {
        return URLEncoder.encode(file.getFileName().toString(), StandardCharsets.UTF_8);
    }

    public Answer upload(UUID id, Path file, String query) {
        try {
            return send(asking(uri("/api/imports/%s?fileName=%s%s".formatted(id, fileName(file), query)))
                    .header("Content-Type", "application/octet-stream")
                    .PUT(BodyPublishers.ofFile(file))
                    .build());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sends a file in without asking for its preview. */
    public Answer uploadOnly(UUID id, Path file) {
        return upload(id, file, "&preview=false");
    }

    /** As the marshal. */
    private HttpRequest.Builder asking(URI where) {
        return door().opens(HttpRequest.newBuilder(where));
    }

    /** The marshal's. */
    public Door door() {
        return Door.marshal(url());
    }

    private URI uri(String path) {
        return URI.create(url() + path);
    }

    /** Any request; a body is sent as JSON. */
    public Answer send(String method, String path, String body) {
        HttpRequest.Builder request = asking(uri(path))
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        return send(
                body == null
                        ? request.build()
                        : request.header("Content-Type", "application/json").build());
    }

    private Answer send(HttpRequest request) {
        try {
            HttpResponse<String> response = http.send(request, BodyHandlers.ofString());
            return new Answer(response.statusCode(), body(response));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private JsonNode body(HttpResponse<String> response) {
        String type = response.headers().firstValue("Content-Type").orElse("");
        return type.contains("json") && !response.body().isEmpty() ? json.readTree(response.body()) : json.nullNode();
    }

    /** How many rows every table has, by name. */
    public String rowCounts() {
        try (Connection c = DriverManager.getConnection(databaseUrl);
                Statement s = c.createStatement()) {
            StringBuilder out = new StringBuilder();
            List<String> tables = new ArrayList<>();
            var names = s.executeQuery(
                    "select table_name from information_schema.tables where table_schema = 'public'"
                            + " and table_name not in ('flyway_schema_history', 'staged_import', 'change', 'screen') and table_name not like 'spring_session%' order by 1");
            while (names.next()) {
                tables.add(names.getString(1));
            }
            for (String table : tables) {
                var rows = s.executeQuery("select count(*) from " + table);
                rows.next();
                out.append(table).append(' ').append(rows.getLong(1)).append("; ");
            }
            return out.toString();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        Door.forget(url());
        context.close();
    }
}
