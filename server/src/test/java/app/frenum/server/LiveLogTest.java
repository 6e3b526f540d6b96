package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Logs that devices write while Frenum listens. */
class LiveLogTest {
    private static final int BLOCK = 4096;

    private final RunningServer server = RunningServer.shared();
    private final UUID log = UUID.randomUUID();
    private String code;

    @BeforeEach
    void aLoggerIsAdded() {
        code = paired();
    }

    private String paired() {
        return server.post("/api/devices", Map.of("id", UUID.randomUUID(), "name", "Logger", "kind", "LOGGER"))
                .body()
                .get("code")
                .asString();
    }

    /** Rows from one on, a hundred a second: speed falls with the row, pressure is missing in every second one. */
    private static List<List<Double>> rows(int from, int n) {
        return IntStream.range(from, from + n)
                .mapToObj(i -> java.util.Arrays.asList(i / 100.0, 90 - i / 100.0, i % 2 == 0 ? i / 10.0 : null))
                .toList();
    }

    private DeviceLine line() throws InterruptedException {
        DeviceLine line = new DeviceLine(server.url());
        assertThat(line.hello(code, log, "speed [km/h]", "pressure front [bar]")
                        .get("type")
                        .asString())
                .isEqualTo("welcome");
        return line;
    }

    private JsonNode recording() {
        return server.get("/api/recordings/" + log);
    }

    @Test
    void nothingIsLostOverABreakAndNothingIsThereTwice() throws InterruptedException {
        DeviceLine line = line();
        assertThat(line.rows(1, rows(0, 50)).get("type").asString()).isEqualTo("kept");
        assertThat(line.rows(2, rows(50, 50)).get("seq").asInt()).isEqualTo(2);
        line.breakOff();
        DeviceLine again = new DeviceLine(server.url());
        JsonNode welcome = again.hello(code, log, "speed [km/h]", "pressure front [bar]");
        assertThat(welcome.get("lastBatch").asInt()).isEqualTo(2);
        assertThat(again.rows(2, rows(50, 50)).get("type").asString()).isEqualTo("kept");
        // The device has no buffer: two and a half seconds are gone for good.
        assertThat(again.rows(3, rows(350, 100)).get("seq").asInt()).isEqualTo(3);
        again.say(Map.of(
                "type", "samples", "seq", 4, "rows", rows(450, 5000 - 450).subList(0, 1500)));
        assertThat(again.say(Map.of("type", "end")).get("type").asString()).isEqualTo("ended");
        JsonNode ended = recording();
        assertThat(ended.get("rows").asInt()).isEqualTo(1700);
        assertThat(ended.get("durationS").asDouble()).isCloseTo(19.49, within(1e-9));
        assertThat(ended.get("health").toString()).contains("GAP");
    }

    @Test
    void rowsBecomeBlocksAndReadAsTheyCame() throws InterruptedException {
        DeviceLine line = line();
        int sent = 0;
        for (int batch = 1; sent < BLOCK + 900; batch++) {
            assertThat(line.rows(batch, rows(sent, 999)).get("type").asString()).isEqualTo("kept");
            sent += 999;
        }
        JsonNode window = server.get("/api/recordings/" + log + "/window?from=40.9&to=40.95&px=1000&channels=0,1");
        double[] t = doubles(window.get("t"));
        double[] speed = doubles(window.get("lines").get(0).get("low"));
        assertThat(speed[0] * 3.6).isCloseTo(90 - t[0], within(0.001));
        JsonNode newest = server.get("/api/recordings/" + log + "/window?from=40.5&to=60&px=5000&channels=0");
        double[] last = doubles(newest.get("t"));
        assertThat(last[0]).as("across the last block's end").isCloseTo(40.5, within(0.011));
        assertThat(last[last.length - 1]).isCloseTo((sent - 1) / 100.0, within(1e-9));
        JsonNode whole = server.get("/api/recordings/" + log + "/window?from=0&to=60&px=20&channels=0")
                .get("lines")
                .get(0);
        assertThat(doubles(whole.get("high"))[0] * 3.6).isCloseTo(90, within(0.001));
        double[] low = doubles(whole.get("low"));
        assertThat(low[low.length - 1] * 3.6).isCloseTo(90 - (sent - 1) / 100.0, within(0.001));
        line.breakOff();
        DeviceLine again = line();
        again.rows(6, rows(sent, 10));
        assertThat(recording().get("rows").asInt())
                .as("rows in blocks and rows that wait")
                .isGreaterThanOrEqualTo(BLOCK);
    }

    private static double[] doubles(JsonNode array) {
        return array.valueStream().mapToDouble(JsonNode::asDouble).toArray();
    }

    static Stream<Arguments> hostile() {
        return Stream.of(
                Arguments.of("from the future", "{\"type\":\"samples\",\"seq\":7,\"rows\":[[0.1,90,1]]}"),
                Arguments.of("is none", "{\"type\":\"samples\",\"seq\":1,\"rows\":[[0.1,\"NaN\",1]]}"),
                Arguments.of("not a frame", "{\"type\":\"samples\",\"seq\":1,\"rows\":[[0.1,NaN,1]]}"),
                Arguments.of("is none", "{\"type\":\"samples\",\"seq\":1,\"rows\":[[null,90,1]]}"),
                Arguments.of(
                        "does not come after", "{\"type\":\"samples\",\"seq\":1,\"rows\":[[0.2,90,1],[0.1,90,1]]}"),
                Arguments.of("the time and 2 channels", "{\"type\":\"samples\",\"seq\":1,\"rows\":[[0.1,90]]}"),
                Arguments.of("1 to 2000 rows", "{\"type\":\"samples\",\"seq\":1,\"rows\":[]}"),
                Arguments.of("1 to 2000 rows", "{\"type\":\"samples\",\"seq\":1}"));
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void rowsThatCannotBeRightCloseTheirConnectionAndHarmNobodyElse(String why, String frame)
            throws InterruptedException {
        DeviceLine line = line();
        String other = paired();
        DeviceLine neighbour = new DeviceLine(server.url());
        neighbour.hello(other, UUID.randomUUID(), "speed [km/h]");
        assertThat(line.say(frame).get("reason").asString()).contains(why);
        assertThat(line.answer().asString()).isEqualTo("closed");
        assertThat(neighbour.rows(1, List.of(List.of(0.0, 50.0))).get("type").asString())
                .isEqualTo("kept");
        assertThat(line().rows(1, rows(0, 5)).get("type").asString()).isEqualTo("kept");
    }

    @Test
    void aLogThatIsDeclaredWronglyIsRefusedAndAnothersStaysAnothers() throws InterruptedException {
        String[] many = IntStream.range(0, 65).mapToObj(i -> "c" + i).toArray(String[]::new);
        assertThat(new DeviceLine(server.url())
                        .hello(code, log, many)
                        .get("reason")
                        .asString())
                .contains("65 channels declared");
        assertThat(new DeviceLine(server.url())
                        .hello(code, log, "speed [furlongs]")
                        .get("reason")
                        .asString())
                .contains("\"furlongs\" of channel \"speed\" is not a unit");
        String million =
                "{\"type\":\"hello\",\"protocol\":1,\"log\":{\"channels\":[" + "{},".repeat(1_000_000) + "{}]}}";
        assertThat(new DeviceLine(server.url()).say(million).asString()).isEqualTo("closed");
        line().rows(1, rows(0, 5));
        DeviceLine thief = new DeviceLine(server.url());
        assertThat(thief.hello(paired(), log, "speed [km/h]", "pressure front [bar]")
                        .get("reason")
                        .asString())
                .contains("another device");
        DeviceLine early = new DeviceLine(server.url());
        early.hello(code);
        assertThat(early.rows(1, rows(0, 5)).get("reason").asString()).contains("declared in the hello");
    }
}
