package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class DeviceTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private String code;

    @BeforeEach
    void aMastIsAdded() {
        JsonNode paired = server.post(
                        "/api/devices", Map.of("id", UUID.randomUUID(), "name", "Mast", "kind", "WEATHER_MAST"))
                .body();
        code = paired.get("code").asString();
    }

    /** A device's end of one connection: what was said to it waits in a queue. */
    private final class Line implements WebSocket.Listener {
        private static final String CLOSED = "closed";

        private final BlockingQueue<String> said = new LinkedBlockingQueue<>();
        private final WebSocket socket;

        Line() {
            socket = HttpClient.newHttpClient()
                    .newWebSocketBuilder()
                    .buildAsync(URI.create(server.url().replace("http", "ws") + "/device"), this)
                    .join();
        }

        @Override
        public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
            said.add(data.toString());
            from.request(1);
            return null;
        }

        @Override
        public CompletionStage<?> onClose(WebSocket from, int status, String reason) {
            said.add(CLOSED);
            return null;
        }

        JsonNode say(Object frame) throws InterruptedException {
            socket.sendText(frame instanceof String text ? text : json.writeValueAsString(frame), true)
                    .join();
            return answer();
        }

        JsonNode answer() throws InterruptedException {
            String answer = said.poll(10, TimeUnit.SECONDS);
            assertThat(answer).as("an answer").isNotNull();
            return answer.equals(CLOSED) ? json.valueToTree(CLOSED) : json.readTree(answer);
        }

        JsonNode hello(String with) throws InterruptedException {
            return say(Map.of("type", "hello", "protocol", 1, "code", with, "clock", Instant.now()));
        }
    }

    private static Map<String, Object> reading(long seq, Instant at, String quantity, Object value, String unit) {
        return Map.of("type", "reading", "seq", seq, "at", at, "quantity", quantity, "value", value, "unit", unit);
    }

    @Test
    void readingsAreKeptOnceAndGiveTheWeatherOfTheirTime() throws InterruptedException {
        Instant then = Instant.parse("2026-06-20T10:00:00Z");
        Line line = new Line();
        assertThat(line.hello(code).get("lastSeq").asLong()).isZero();
        assertThat(line.say(reading(1, then, "AIR_TEMPERATURE", 14, "CELSIUS"))
                        .get("type")
                        .asString())
                .isEqualTo("ack");
        assertThat(line.say(reading(2, then.plusSeconds(60), "AIR_TEMPERATURE", 60.8, "FAHRENHEIT"))
                        .get("seq")
                        .asLong())
                .isEqualTo(2);
        assertThat(line.say(reading(2, then.plusSeconds(60), "AIR_TEMPERATURE", 60.8, "FAHRENHEIT"))
                        .get("type")
                        .asString())
                .isEqualTo("ack");
        line.say(reading(3, then.plusSeconds(70), "HUMIDITY", 58, "PERCENT"));
        JsonNode weather = server.get("/api/weather?from=2026-06-20T09:59:00Z&until=2026-06-20T10:05:00Z");
        assertThat(weather.get("airC").get("value").asDouble()).isCloseTo(15, within(1e-9));
        assertThat(weather.get("humidity").get("value").asDouble()).isCloseTo(0.58, within(1e-9));
        assertThat(weather.get("windMps").get("reason").asString()).contains("no mast");
        assertThat(weather.get("readings").asInt()).isEqualTo(3);
        line.socket.abort();
        assertThat(new Line().hello(code).get("lastSeq").asLong()).isEqualTo(3);
    }

    @Test
    void whatCannotBeRightIsRefusedAndTheConnectionGoesOn() throws InterruptedException {
        Line line = new Line();
        line.hello(code);
        assertThat(line.say(reading(1, Instant.now(), "AIR_TEMPERATURE", 400, "CELSIUS"))
                        .get("reason")
                        .asString())
                .contains("400 °C read");
        assertThat(line.say(reading(1, Instant.now(), "HUMIDITY", 40, "BAR"))
                        .get("reason")
                        .asString())
                .contains("not a unit");
        assertThat(line.say(reading(1, Instant.now().plusSeconds(9000), "HUMIDITY", 40, "PERCENT"))
                        .get("reason")
                        .asString())
                .contains("future");
        assertThat(line.say("{\"type\":\"reading\",\"seq\":1}").get("reason").asString())
                .contains("no \"at\"");
        assertThat(line.say(reading(1, Instant.now(), "HUMIDITY", 40, "PERCENT"))
                        .get("type")
                        .asString())
                .isEqualTo("ack");
    }

    @Test
    void strangersAndNoiseAreShutOut() throws InterruptedException {
        Line stranger = new Line();
        assertThat(stranger.hello("AAAA-AAAA-AAAA").get("reason").asString()).contains("No device has this code");
        assertThat(stranger.answer().asString()).isEqualTo("closed");
        Line rude = new Line();
        assertThat(rude.say(reading(1, Instant.now(), "HUMIDITY", 40, "PERCENT"))
                        .get("reason")
                        .asString())
                .contains("hello first");
        Line noise = new Line();
        assertThat(noise.say("<html>").get("reason").asString()).contains("not a frame");
        Line giant = new Line();
        assertThat(giant.say("x".repeat(200_000)).asString()).isEqualTo("closed");
        Line old = new Line();
        assertThat(old.say(Map.of("type", "hello", "protocol", 9, "code", code, "clock", Instant.now()))
                        .get("reason")
                        .asString())
                .contains("Protocol 1");
    }
}
