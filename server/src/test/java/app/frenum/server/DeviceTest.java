package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class DeviceTest {
    private final RunningServer server = RunningServer.shared();
    private String code;

    @BeforeEach
    void aMastIsAdded() {
        JsonNode paired = server.post(
                        "/api/devices", Map.of("id", UUID.randomUUID(), "name", "Mast", "kind", "WEATHER_MAST"))
                .body();
        code = paired.get("code").asString();
    }

    private static Map<String, Object> reading(long seq, Instant at, String quantity, Object value, String unit) {
        return Map.of("type", "reading", "seq", seq, "at", at, "quantity", quantity, "value", value, "unit", unit);
    }

    @Test
    void readingsAreKeptOnceAndGiveTheWeatherOfTheirTime() throws InterruptedException {
        Instant then = Instant.parse("2026-06-20T10:00:00Z");
        DeviceLine line = new DeviceLine(server.url());
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
        line.breakOff();
        assertThat(new DeviceLine(server.url()).hello(code).get("lastSeq").asLong())
                .isEqualTo(3);
    }

    @Test
    void aClockThatIsWrongIsTold() throws InterruptedException {
        DeviceLine line = new DeviceLine(server.url());
        line.say(Map.of(
                "type",
                "hello",
                "protocol",
                1,
                "code",
                code,
                "clock",
                Instant.now().plusSeconds(3600)));
        JsonNode own = server.get("/api/devices")
                .valueStream()
                .filter(d ->
                        d.get("connected").asBoolean() && !d.get("clockAheadS").isNull())
                .filter(d -> d.get("clockAheadS").asDouble() > 60)
                .findFirst()
                .orElseThrow();
        assertThat(own.get("clockAheadS").asDouble()).isCloseTo(3600, within(5.0));
        line.breakOff();
    }

    @Test
    void aReadingFromTheFutureWasTakenWhenItCameAndItsClockIsToldToBeAhead() throws InterruptedException {
        DeviceLine line = new DeviceLine(server.url());
        line.hello(code);
        Instant ahead = Instant.now().plusSeconds(7200);
        assertThat(line.say(reading(1, ahead, "HUMIDITY", 41, "PERCENT"))
                        .get("type")
                        .asString())
                .isEqualTo("ack");
        JsonNode own = server.get("/api/devices")
                .valueStream()
                .filter(d ->
                        d.get("connected").asBoolean() && d.path("clockAheadS").asDouble(0) > 7000)
                .findFirst()
                .orElseThrow();
        JsonNode kept = server.get("/api/devices/" + own.get("id").asString() + "/readings")
                .get(0);
        assertThat(Instant.parse(kept.get("at").asString())).isBefore(ahead.minusSeconds(7000));
    }

    @Test
    void whatCannotBeRightIsRefusedAndTheConnectionGoesOn() throws InterruptedException {
        DeviceLine line = new DeviceLine(server.url());
        line.hello(code);
        assertThat(line.say(reading(1, Instant.now(), "AIR_TEMPERATURE", 400, "CELSIUS"))
                        .get("reason")
                        .asString())
                .contains("400 °C read");
        assertThat(line.say(reading(1, Instant.now(), "HUMIDITY", 40, "BAR"))
                        .get("reason")
                        .asString())
                .contains("not a unit");
        assertThat(line.say("{\"type\":\"reading\",\"seq\":1}").get("reason").asString())
                .contains("no \"at\"");
        assertThat(line.say(reading(1, Instant.now(), "HUMIDITY", 40, "PERCENT"))
                        .get("type")
                        .asString())
                .isEqualTo("ack");
    }

    @Test
    void strangersAndNoiseAreShutOut() throws InterruptedException {
        DeviceLine stranger = new DeviceLine(server.url());
        assertThat(stranger.hello("AAAA-AAAA-AAAA").get("reason").asString()).contains("No device has this code");
        assertThat(stranger.answer().asString()).isEqualTo("closed");
        DeviceLine rude = new DeviceLine(server.url());
        assertThat(rude.say(reading(1, Instant.now(), "HUMIDITY", 40, "PERCENT"))
                        .get("reason")
                        .asString())
                .contains("hello first");
        DeviceLine noise = new DeviceLine(server.url());
        assertThat(noise.say("<html>").get("reason").asString()).contains("not a frame");
        DeviceLine giant = new DeviceLine(server.url());
        assertThat(giant.say("x".repeat(200_000)).asString()).isEqualTo("closed");
        DeviceLine old = new DeviceLine(server.url());
        assertThat(old.say(Map.of("type", "hello", "protocol", 9, "code", code, "clock", Instant.now()))
                        .get("reason")
                        .asString())
                .contains("Protocol 1");
    }
}
