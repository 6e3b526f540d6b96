package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Live logs while the database or a listener makes trouble: what was acknowledged is there, and nobody else notices. */
class LiveTroubleTest {
    private static final String TRIGGER = "make_trouble";

    private final RunningServer server = RunningServer.shared();

    @AfterEach
    void noMoreTrouble() throws SQLException {
        sql("drop trigger if exists %1$s on live_batch; drop function if exists %1$s()".formatted(TRIGGER));
    }

    private void sql(String text) throws SQLException {
        try (Connection c = DriverManager.getConnection(server.databaseUrl());
                Statement s = c.createStatement()) {
            s.execute(text);
        }
    }

    /** From now on one batch of one log cannot be stored, as when its row is locked or its connection lost. */
    private void refuseBatch(UUID log, long seq) throws SQLException {
        sql("""
            create function %1$s() returns trigger as $$ begin
              if new.recording_id = '%2$s' and new.seq = %3$d then raise exception 'made trouble'; end if;
              return new; end $$ language plpgsql;
            create trigger %1$s before insert on live_batch for each row execute function %1$s()""".formatted(TRIGGER, log, seq));
    }

    private String paired() {
        return server.post("/api/devices", Map.of("id", UUID.randomUUID(), "name", "Logger", "kind", "LOGGER"))
                .body()
                .get("code")
                .asString();
    }

    private DeviceLine line(String code, UUID log) throws InterruptedException {
        DeviceLine line = new DeviceLine(server.url());
        assertThat(line.hello(code, log, "speed [km/h]").get("type").asString()).isEqualTo("welcome");
        return line;
    }

    private static List<List<Double>> rows(int from, int n) {
        return IntStream.range(from, from + n)
                .mapToObj(i -> Arrays.asList(i / 100.0, 45 + i % 100 / 10.0))
                .toList();
    }

    private static Map<String, Object> batch(int seq) {
        return Map.of("type", "samples", "seq", seq, "rows", rows((seq - 1) * 10, 10));
    }

    @Test
    void nothingBehindAHoleIsKeptAndTheDeviceIsToldWhereToGoOn() throws Exception {
        String code = paired();
        UUID log = UUID.randomUUID();
        DeviceLine line = line(code, log);
        line.say(batch(1));
        line.say(batch(2));
        refuseBatch(log, 3);
        // Sent without waiting, so that those behind the third are queued before it fails.
        for (int seq = 3; seq <= 8; seq++) {
            line.send(batch(seq));
        }
        assertThat(line.untilClosed()).as("what was acknowledged").isEmpty();
        sql("drop trigger " + TRIGGER + " on live_batch");
        DeviceLine again = new DeviceLine(server.url());
        JsonNode welcome = again.hello(code, log, "speed [km/h]");
        assertThat(welcome.get("lastBatch").asInt()).isEqualTo(2);
        for (int seq = 3; seq <= 8; seq++) {
            assertThat(again.say(batch(seq)).get("seq").asInt()).isEqualTo(seq);
        }
        assertThat(again.say(Map.of("type", "end")).get("type").asString()).isEqualTo("ended");
        JsonNode recording = server.get("/api/recordings/" + log);
        assertThat(recording.get("rows").asInt()).isEqualTo(80);
        assertThat(recording.get("health").toString()).doesNotContain("GAP");
    }

    @Test
    void oneDevicesTroubleIsItsOwn() throws Exception {
        UUID troubled = UUID.randomUUID();
        DeviceLine unlucky = line(paired(), troubled);
        DeviceLine neighbour = line(paired(), UUID.randomUUID());
        refuseBatch(troubled, 1);
        for (int seq = 1; seq <= 40; seq++) {
            unlucky.send(batch(1));
            neighbour.send(batch(seq));
        }
        for (int seq = 1; seq <= 40; seq++) {
            assertThat(neighbour.answer().path("seq").asInt()).isEqualTo(seq);
        }
        // What it sent after its log was closed may still be refused in words; nothing of it is ever said to be kept.
        assertThat(unlucky.untilClosed())
                .allMatch(said -> said.path("type").asString().equals("refused"));
    }

    @Test
    void aDeviceThatComesBackWhileItsOldConnectionStillSendsLosesNothing() throws Exception {
        String code = paired();
        UUID log = UUID.randomUUID();
        DeviceLine neighbour = line(paired(), UUID.randomUUID());
        int kept = 0;
        for (int round = 0; round < 8; round++) {
            DeviceLine old = line(code, log);
            for (int i = 1; i <= 5; i++) {
                old.send(batch(kept + i));
            }
            DeviceLine back = new DeviceLine(server.url());
            kept = back.hello(code, log, "speed [km/h]").get("lastBatch").asInt();
            assertThat(back.say(batch(kept + 1)).get("seq").asInt()).isEqualTo(++kept);
            assertThat(neighbour.say(batch(round + 1)).get("type").asString()).isEqualTo("kept");
            back.breakOff();
        }
        DeviceLine last = line(code, log);
        assertThat(last.say(Map.of("type", "end")).get("type").asString()).isEqualTo("ended");
        assertThat(server.get("/api/recordings/" + log).get("rows").asInt()).isEqualTo(10 * kept);
    }

    @Test
    void anEndIsSaidAgainAndAnEndedLogTakesNothingMore() throws Exception {
        String code = paired();
        UUID log = UUID.randomUUID();
        DeviceLine line = line(code, log);
        line.say(batch(1));
        assertThat(line.say(Map.of("type", "end")).get("type").asString()).isEqualTo("ended");
        line.breakOff();
        DeviceLine again = new DeviceLine(server.url());
        assertThat(again.hello(code, log, "speed [km/h]").get("lastBatch").asInt())
                .isEqualTo(1);
        assertThat(again.say(Map.of("type", "end")).get("type").asString()).isEqualTo("ended");
        assertThat(again.say(batch(2)).get("reason").asString()).contains("not open");
    }

    @Test
    void aViewerThatDoesNotReadHoldsNobodyUp() throws Exception {
        UUID device = UUID.randomUUID();
        String code = server.post("/api/devices", Map.of("id", device, "name", "Logger", "kind", "LOGGER"))
                .body()
                .get("code")
                .asString();
        DeviceLine line = line(code, UUID.randomUUID());
        try (RawHttp viewer = stalled(device)) {
            for (int seq = 1; seq <= 600; seq++) {
                line.send(Map.of("type", "samples", "seq", seq, "rows", rows((seq - 1) * 100, 100)));
            }
            for (int seq = 1; seq <= 600; seq++) {
                assertThat(line.answer().get("seq").asInt()).isEqualTo(seq);
            }
            assertThat(line.say(Map.of("type", "end")).get("type").asString()).isEqualTo("ended");
            assertThat(viewer).isNotNull();
        }
    }

    private RawHttp stalled(UUID device) throws IOException {
        RawHttp viewer = new RawHttp(server.url());
        viewer.say("GET /api/devices/" + device + "/live HTTP/1.1\r\nHost: 127.0.0.1\r\n"
                + String.join("\r\n", RawHttp.of(server.door())) + "\r\n\r\n");
        assertThat(viewer.status()).isEqualTo(200);
        return viewer;
    }
}
