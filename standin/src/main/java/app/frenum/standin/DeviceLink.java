package app.frenum.standin;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A device's end of the protocol: says hello, sends readings in order, and holds each until it is acknowledged. After a
 * break the next {@link #connect} sends again what was not.
 */
final class DeviceLink {
    private static final int PROTOCOL = 1;

    private final JsonMapper json = new JsonMapper();
    private final URI server;
    private final String code;
    private final Deque<Numbered> unacknowledged = new ArrayDeque<>();
    private long lastSeq = -1;
    private Optional<WebSocket> socket = Optional.empty();

    DeviceLink(URI server, String code) {
        this.server = server;
        this.code = code;
    }

    private record Numbered(long seq, Reading reading) {}

    /**
     * Connects, and waits until Frenum has said welcome.
     *
     * @throws CompletionException when nobody answers, or Frenum refuses the code
     */
    void connect() {
        CompletableFuture<Void> welcome = new CompletableFuture<>();
        WebSocket opened = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(server, new Listener(welcome))
                .join();
        synchronized (this) {
            socket = Optional.of(opened);
        }
        write(Map.of("type", "hello", "protocol", PROTOCOL, "code", code, "clock", Instant.now()));
        welcome.join();
        synchronized (this) {
            unacknowledged.forEach(this::write);
        }
    }

    boolean isConnected() {
        return socket.isPresent();
    }

    /** How many readings wait for their acknowledgement. */
    synchronized int waiting() {
        return unacknowledged.size();
    }

    /** Sends a reading now, or once there is a connection again. */
    synchronized void send(Reading reading) {
        Numbered numbered = new Numbered(++lastSeq, reading);
        unacknowledged.add(numbered);
        write(numbered);
    }

    private void write(Numbered n) {
        Reading r = n.reading();
        write(Map.of(
                "type", "reading",
                "seq", n.seq(),
                "at", r.at(),
                "quantity", r.quantity(),
                "value", r.value(),
                "unit", r.unit()));
    }

    private synchronized void write(Map<String, Object> frame) {
        // The client takes one frame at a time; a device can wait for it.
        socket.ifPresent(s -> s.sendText(json.writeValueAsString(frame), true).join());
    }

    synchronized void close() {
        socket.ifPresent(WebSocket::abort);
        socket = Optional.empty();
    }

    private synchronized void welcomed(long serverHas) {
        if (lastSeq < 0) {
            lastSeq = serverHas;
        }
        unacknowledged.removeIf(n -> n.seq() <= serverHas);
    }

    private synchronized void settled(long seq) {
        unacknowledged.removeIf(n -> n.seq() == seq);
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
                    welcomed(said.get("lastSeq").asLong());
                    welcome.complete(null);
                }
                case "ack" -> settled(said.get("seq").asLong());
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
