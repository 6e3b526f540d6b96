package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A device's end of one connection, for tests that speak the protocol word by word: what was said to it waits. */
final class DeviceLine implements WebSocket.Listener {
    private static final String CLOSED = "closed";

    private final JsonMapper json = new JsonMapper();
    private final BlockingQueue<String> said = new LinkedBlockingQueue<>();
    private final StringBuilder frame = new StringBuilder();
    private final WebSocket socket;

    DeviceLine(String url) {
        socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(url.replace("http", "ws") + "/device"), this)
                .join();
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        frame.append(data);
        if (last) {
            said.add(frame.toString());
            frame.setLength(0);
        }
        from.request(1);
        return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket from, int status, String reason) {
        said.add(CLOSED);
        return null;
    }

    JsonNode say(Object what) throws InterruptedException {
        send(what);
        return answer();
    }

    /** Says something without waiting for an answer; into a connection that is being closed it may be lost. */
    void send(Object what) {
        socket.sendText(what instanceof String text ? text : json.writeValueAsString(what), true)
                .exceptionally(closing -> null)
                .join();
    }

    /** Everything that is said until the connection is closed. */
    List<JsonNode> untilClosed() throws InterruptedException {
        List<JsonNode> all = new ArrayList<>();
        for (JsonNode next = answer(); next.isObject(); next = answer()) {
            all.add(next);
        }
        return all;
    }

    /** The next thing that is said to it, or that it was shut out. */
    JsonNode answer() throws InterruptedException {
        String answer = said.poll(10, TimeUnit.SECONDS);
        assertThat(answer).as("an answer").isNotNull();
        return answer.equals(CLOSED) ? json.valueToTree(CLOSED) : json.readTree(answer);
    }

    JsonNode hello(String code) throws InterruptedException {
        return say(Map.of("type", "hello", "protocol", 1, "code", code, "clock", Instant.now()));
    }

    /** A hello with a log of these channels, each "name [unit]" as in a header. */
    JsonNode hello(String code, UUID log, String... channels) throws InterruptedException {
        List<Map<String, String>> declared = java.util.Arrays.stream(channels)
                .map(c -> Map.of("name", c.replaceAll(" \\[.*", ""), "unit", c.replaceAll("^[^\\[]*\\[?|\\]$", "")))
                .toList();
        return say(Map.of(
                "type",
                "hello",
                "protocol",
                1,
                "code",
                code,
                "clock",
                Instant.now(),
                "log",
                Map.of("id", log, "startedAt", Instant.now(), "rateHz", 100, "channels", declared)));
    }

    JsonNode rows(long seq, List<List<Double>> rows) throws InterruptedException {
        return say(Map.of("type", "samples", "seq", seq, "rows", rows));
    }

    void breakOff() {
        socket.abort();
    }
}
