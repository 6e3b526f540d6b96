package app.frenum.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One browser's way in: its cookies, and who signed in with them. */
public final class Door {
    /** Whom tests are, unless they say otherwise: an owner of every server. */
    public static final String MARSHAL = "Marshal";

    public static final String PASSWORD = "four wet cones at dusk";
    private static final String SESSION = "frenum-";
    public static final String TOKEN = "XSRF-TOKEN";
    public static final String TOKEN_HEADER = "X-XSRF-TOKEN";

    private static final Map<String, Door> MARSHALS = new ConcurrentHashMap<>();
    private static final JsonMapper JSON = new JsonMapper();

    private final String url;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private Door(String url) {
        this.url = url;
    }

    /** Nobody is signed in yet. */
    public static Door shut(String url) {
        Door door = new Door(url);
        door.ask("GET", "/api/session", null);
        return door;
    }

    /** The marshal's of a server, made its owner where it has none. */
    public static Door marshal(String url) {
        return MARSHALS.computeIfAbsent(url, Door::marshalsOwn);
    }

    /** A server's address may be another's later. */
    public static void forget(String url) {
        MARSHALS.remove(url);
    }

    private static Door marshalsOwn(String url) {
        Door door = shut(url);
        JsonNode session = door.ask("GET", "/api/session", null).body();
        if (session.get("needsOwner").asBoolean()) {
            door.must("POST", "/api/session/owner", Map.of("name", MARSHAL, "password", PASSWORD));
            return door;
        }
        for (JsonNode ready : session.get("ready")) {
            if (ready.get("role").asString().equals("OWNER")) {
                Door owner = shut(url);
                owner.must(
                        "POST",
                        "/api/session/ready",
                        Map.of("account", ready.get("id").asString()));
                owner.add(MARSHAL, "OWNER");
            }
        }
        door.signIn(MARSHAL);
        return door;
    }

    /** Somebody new who may sign in, by the password of all tests. */
    public void add(String name, String role) {
        must("PUT", "/api/accounts/" + UUID.randomUUID(), Map.of("name", name, "role", role, "password", PASSWORD));
    }

    public void signIn(String name) {
        must("POST", "/api/session/people", Map.of("name", name, "password", PASSWORD));
    }

    private void must(String method, String path, Object body) {
        RunningServer.Answer answer = ask(method, path, body);
        // Whoever is there already may be there from a server before on the same database.
        if (answer.status() != 200 && !answer.body().toString().contains("has this name already")) {
            throw new IllegalStateException(path + " answered " + answer);
        }
    }

    /** What the session's cookie is called, which says the port that the server was given. */
    public String session() {
        return cookies.getCookieStore().getCookies().stream()
                .map(HttpCookie::getName)
                .filter(name -> name.startsWith(SESSION))
                .findFirst()
                .orElse(SESSION);
    }

    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    /** With the same cookies at another address. */
    Door at(String other) {
        Door door = new Door(other);
        cookies.getCookieStore()
                .getCookies()
                .forEach(c -> door.cookies.getCookieStore().add(URI.create(other), c));
        return door;
    }

    /** All that a request needs that does not go through here. */
    public HttpRequest.Builder opens(HttpRequest.Builder request) {
        return request.header("Cookie", cookieHeader()).header(TOKEN_HEADER, cookie(TOKEN));
    }

    public String cookieHeader() {
        return "%s=%s; %s=%s".formatted(session(), cookie(session()), TOKEN, cookie(TOKEN));
    }

    /** @param body null for none */
    public RunningServer.Answer ask(String method, String path, Object body) {
        return ask(method, path, "application/json", body);
    }

    /** @param type that the body is said to be of */
    public RunningServer.Answer ask(String method, String path, String type, Object body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", type)
                .header(TOKEN_HEADER, cookie(TOKEN))
                .method(
                        method,
                        body == null
                                ? BodyPublishers.noBody()
                                : BodyPublishers.ofString(
                                        body instanceof String s ? s : JSON.writeValueAsString(body)));
        try {
            HttpResponse<String> response = http.send(request.build(), BodyHandlers.ofString());
            return new RunningServer.Answer(
                    response.statusCode(),
                    response.body().startsWith("{") || response.body().startsWith("[")
                            ? JSON.readTree(response.body())
                            : JSON.nullNode());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
