package app.frenum.standin;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A device's end of the protocol: says hello, sends readings and rows in order, and holds each until it is acknowledged.
 * After a break the next {@link #connect} sends again what was not.
 */
public final class DeviceLink {
    private static final int PROTOCOL = 1;
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final JsonMapper json = new JsonMapper();
    private final URI server;
    private final String code;
    private final Optional<DeclaredLog> log;
    private final Supplier<Instant> clock;
    private final Consumer<JsonNode> cards;
    private final Deque<Numbered> unacknowledged = new ArrayDeque<>();
    private final Deque<Numbered> unkept = new ArrayDeque<>();
    private long lastSeq = -1;
    private long lastBatch;
    private Optional<WebSocket> socket = Optional.empty();

    /** A device that sends readings only. */
    public DeviceLink(URI server, String code, Consumer<JsonNode> cards) {
        this(server, code, Optional.empty(), Instant::now, cards);
    }

    /**
     * @param log what a logger is going to send
     * @param clock the device's own, right or wrong
     * @param cards is told what the run asks for
     */
    public DeviceLink(
            URI server, String code, Optional<DeclaredLog> log, Supplier<Instant> clock, Consumer<JsonNode> cards) {
        this.server = server;
        this.code = code;
        this.log = log;
        this.clock = clock;
        this.cards = cards;
    }

    private record Numbered(long seq, Map<String, Object> frame) {}

    /**
     * Connects, and waits until Frenum has said welcome.
     *
     * @throws CompletionException when nobody answers, or Frenum refuses the code
     */
    public void connect() {
        CompletableFuture<Void> welcome = new CompletableFuture<>();
        WebSocket opened = HTTP.newWebSocketBuilder()
                .buildAsync(server, new Listener(welcome))
                .join();
        synchronized (this) {
            socket = Optional.of(opened);
        }
        Map<String, Object> hello =
                new HashMap<>(Map.of("type", "hello", "protocol", PROTOCOL, "code", code, "clock", clock.get()));
        log.ifPresent(l -> hello.put("log", l.frame()));
        write(hello);
        welcome.join();
        synchronized (this) {
            unacknowledged.forEach(n -> write(n.frame()));
            unkept.forEach(n -> write(n.frame()));
        }
    }

    public boolean isConnected() {
        return socket.isPresent();
    }

    /** How many readings and batches wait for their acknowledgement. */
    public synchronized int waiting() {
        return unacknowledged.size() + unkept.size();
    }

    /** The last batch that was numbered. */
    public synchronized long lastBatch() {
        return lastBatch;
    }

    /** Sends a reading now, or once there is a connection again. */
    synchronized void send(Reading r) {
        Numbered numbered = new Numbered(
                ++lastSeq,
                Map.of(
                        "type", "reading",
                        "seq", lastSeq,
                        "at", r.at(),
                        "quantity", r.quantity(),
                        "value", r.value(),
                        "unit", r.unit()));
        unacknowledged.add(numbered);
        write(numbered.frame());
    }

    /** Sends rows of the log now, or once there is a connection again: each the time, then one number per channel. */
    public synchronized void send(List<double[]> rows) {
        List<Double[]> written = rows.stream().map(DeviceLink::withNulls).toList();
        Numbered numbered = new Numbered(++lastBatch, Map.of("type", "samples", "seq", lastBatch, "rows", written));
        unkept.add(numbered);
        write(numbered.frame());
    }

    private static Double[] withNulls(double[] row) {
        Double[] out = new Double[row.length];
        for (int i = 0; i < row.length; i++) {
            out[i] = Double.isNaN(row[i]) ? null : row[i];
        }
        return out;
    }

    /** Says that the log is over. */
    public void end() {
        write(Map.of("type", "end"));
    }

    private synchronized void write(Map<String, Object> frame) {
        try {
            // The client takes one frame at a time; a device can wait for it.
            socket.ifPresent(
                    s -> s.sendText(json.writeValueAsString(frame), true).join());
        } catch (CompletionException e) {
            lost();
        }
    }

    public synchronized void close() {
        socket.ifPresent(WebSocket::abort);
        socket = Optional.empty();
    }

    private synchronized void welcomed(long serverHas, long serverHasBatch) {
        if (lastSeq < 0) {
            lastSeq = serverHas;
        }
        lastBatch = Math.max(lastBatch, serverHasBatch);
        unacknowledged.removeIf(n -> n.seq() <= serverHas);
        kept(serverHasBatch);
    }

    private synchronized void settled(long seq) {
        unacknowledged.removeIf(n -> n.seq() == seq);
    }

    private synchronized void kept(long seq) {
        unkept.removeIf(n -> n.seq() <= seq);
    }

    private synchronized void lost() {
        socket = Optional.empty();
    }

    /** Takes what Frenum says. */
    private final class Listener implements WebSocket.Listener {
        private final CompletableFuture<Void> welcome;
        private final StringBuilder frame = new StringBuilder();

        Listener(CompletableFuture<Void> welcome) {
            this.welcome = welcome;
        }

        @Override
        public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
            frame.append(data);
            if (last) {
                JsonNode said = json.readTree(frame.toString());
                frame.setLength(0);
                take(said);
            }
            from.request(1);
            return CompletableFuture.completedFuture(null);
        }

        private void take(JsonNode said) {
            switch (said.path("type").asString()) {
                case "welcome" -> {
                    welcomed(
                            said.get("lastSeq").asLong(), said.path("lastBatch").asLong());
                    welcome.complete(null);
                }
                case "ack" -> settled(said.get("seq").asLong());
                case "kept" -> kept(said.get("seq").asLong());
                case "card" -> cards.accept(said);
                case "ended" -> close();
                default -> refused(said);
            }
        }

        private void refused(JsonNode said) {
            String reason = said.path("reason").asString();
            System.err.println("stand-in: refused: " + reason);
            if (said.hasNonNull("seq")) {
                settled(said.get("seq").asLong());
            } else {
                welcome.completeExceptionally(new IllegalStateException(reason));
            }
        }

        @Override
        public CompletionStage<?> onClose(WebSocket from, int status, String reason) {
            lost();
            welcome.completeExceptionally(new IllegalStateException("the connection was closed"));
            return CompletableFuture.completedFuture(null);
        }

        @Override
        public void onError(WebSocket from, Throwable problem) {
            lost();
            welcome.completeExceptionally(problem);
        }
    }
}
