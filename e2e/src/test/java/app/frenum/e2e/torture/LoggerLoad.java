package app.frenum.e2e.torture;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A logger that follows the protocol: it keeps what it has not been told is kept, and goes on after the last that is. */
final class LoggerLoad implements WebSocket.Listener {
    private static final int ROWS = 10;
    private static final int AHEAD = 20;
    private static final String GONE = "{\"type\":\"gone\"}";

    private final JsonMapper json = new JsonMapper();
    private final URI url;
    private final String code;
    private final UUID log = UUID.randomUUID();
    private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    private final StringBuilder frame = new StringBuilder();
    private long acknowledged;
    private long lostBehind;

    LoggerLoad(String url, String code) {
        this.url = URI.create(url.replace("http", "ws") + "/device");
        this.code = code;
    }

    UUID log() {
        return log;
    }

    long rowsAcknowledged() {
        return acknowledged * ROWS;
    }

    /** Batches that were acknowledged and that Frenum then did not have. */
    long lost() {
        return lostBehind;
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        frame.append(data);
        if (last) {
            heard.add(frame.toString());
            frame.setLength(0);
        }
        from.request(1);
        return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket from, int status, String reason) {
        heard.add(GONE);
        return null;
    }

    @Override
    public void onError(WebSocket from, Throwable error) {
        heard.add(GONE);
    }

    /** Sends until it is told to end, through every break. */
    void run(BooleanSupplier goesOn) throws InterruptedException {
        while (goesOn.getAsBoolean()) {
            connected(goesOn);
        }
    }

    private void connected(BooleanSupplier goesOn) throws InterruptedException {
        WebSocket socket = open();
        if (socket == null) {
            TimeUnit.MILLISECONDS.sleep(200);
            return;
        }
        JsonNode welcome = next();
        if (!welcome.path("type").asString("").equals("welcome")) {
            socket.abort();
            TimeUnit.MILLISECONDS.sleep(200);
            return;
        }
        long kept = welcome.get("lastBatch").asLong();
        lostBehind += Math.max(0, acknowledged - kept);
        acknowledged = kept;
        long sent = kept;
        while (goesOn.getAsBoolean()) {
            while (sent < acknowledged + AHEAD) {
                say(socket, batch(++sent));
            }
            JsonNode answer = next();
            if (!answer.path("type").asString("").equals("kept")) {
                socket.abort();
                return;
            }
            acknowledged = Math.max(acknowledged, answer.get("seq").asLong());
        }
        socket.abort();
    }

    /** Ends the log, however often it takes. */
    void end() throws InterruptedException {
        while (true) {
            WebSocket socket = open();
            if (socket != null && next().path("type").asString("").equals("welcome")) {
                say(socket, Map.of("type", "end"));
                if (next().path("type").asString("").equals("ended")) {
                    socket.abort();
                    return;
                }
            }
            TimeUnit.MILLISECONDS.sleep(200);
        }
    }

    private WebSocket open() {
        heard.clear();
        try {
            WebSocket socket = HttpClient.newHttpClient()
                    .newWebSocketBuilder()
                    .buildAsync(url, this)
                    .join();
            say(
                    socket,
                    Map.of(
                            "type",
                            "hello",
                            "protocol",
                            1,
                            "code",
                            code,
                            "clock",
                            Instant.now(),
                            "log",
                            Map.of(
                                    "id",
                                    log,
                                    "startedAt",
                                    Instant.now(),
                                    "rateHz",
                                    100,
                                    "channels",
                                    List.of(Map.of("name", "speed", "unit", "km/h")))));
            return socket;
        } catch (CompletionException e) {
            return null;
        }
    }

    private void say(WebSocket socket, Object what) {
        socket.sendText(json.writeValueAsString(what), true)
                .exceptionally(gone -> null)
                .join();
    }

    private static Map<String, Object> batch(long seq) {
        List<List<Double>> rows = new ArrayList<>();
        for (int i = 0; i < ROWS; i++) {
            double t = ((seq - 1) * ROWS + i) / 100.0;
            rows.add(List.of(t, 45 + 10 * Math.sin(t)));
        }
        return Map.of("type", "samples", "seq", seq, "rows", rows);
    }

    private JsonNode next() throws InterruptedException {
        String text = heard.poll(30, TimeUnit.SECONDS);
        return json.readTree(text == null ? GONE : text);
    }
}
