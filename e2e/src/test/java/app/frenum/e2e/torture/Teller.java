package app.frenum.e2e.torture;

import app.frenum.server.Door;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tells Frenum things as a page does: the same thing again and again until it is acknowledged, and now and then once more. */
final class Teller {
    private static final int TROUBLE = 500;
    private static final int OK = 200;
    private static final int TOO_SLOW = 408;
    private static final int ONCE_MORE_EVERY = 5;

    private final String url;
    private final HttpClient http = HttpClient.newHttpClient();
    private final JsonMapper json = new JsonMapper();
    private final AtomicInteger acknowledged = new AtomicInteger();
    private final AtomicInteger triedAgain = new AtomicInteger();
    private final List<String> refused = new CopyOnWriteArrayList<>();

    Teller(String url) {
        this.url = url;
    }

    private Door door() {
        return Door.marshal(url);
    }

    /** What was acknowledged, in numbers. */
    int acknowledged() {
        return acknowledged.get();
    }

    /** How often nobody answered, or only that it was busy. */
    int triedAgain() {
        return triedAgain.get();
    }

    /** What was refused, though nothing was wrong with it. */
    List<String> refused() {
        return refused;
    }

    JsonNode get(String path) throws InterruptedException {
        return until(door().opens(HttpRequest.newBuilder(URI.create(url + path))));
    }

    JsonNode tell(String method, String path, Object body) throws InterruptedException {
        return tell(method, path, "application/json", json.writeValueAsBytes(body));
    }

    JsonNode tell(String method, String path, String type, byte[] body) throws InterruptedException {
        HttpRequest.Builder request = door().opens(HttpRequest.newBuilder(URI.create(url + path)))
                .header("Content-Type", type)
                .method(method, BodyPublishers.ofByteArray(body));
        JsonNode answer = until(request);
        if (acknowledged.incrementAndGet() % ONCE_MORE_EVERY == 0) {
            until(request);
        }
        return answer;
    }

    private JsonNode until(HttpRequest.Builder builder) throws InterruptedException {
        HttpRequest request = builder.timeout(Duration.ofSeconds(30)).build();
        while (true) {
            try {
                HttpResponse<String> answer = http.send(request, BodyHandlers.ofString());
                if (answer.statusCode() == OK) {
                    return answer.body().isEmpty() ? json.nullNode() : json.readTree(answer.body());
                }
                if (answer.statusCode() < TROUBLE && answer.statusCode() != TOO_SLOW) {
                    refused.add(answer.statusCode() + " " + request + ": " + answer.body());
                    return json.nullNode();
                }
            } catch (IOException e) {
                // Nobody answers just now.
            }
            triedAgain.incrementAndGet();
            TimeUnit.MILLISECONDS.sleep(200);
        }
    }
}
