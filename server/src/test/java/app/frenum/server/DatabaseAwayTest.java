package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import java.net.URI;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The database goes away under a running server, and comes back. */
class DatabaseAwayTest {
    private static final double SOON_S = 10;

    @Test
    void itSaysSoInSecondsAndGoesOnByItselfWithNothingLost() throws Exception {
        String direct = RunningServer.emptyDatabase();
        URI at = URI.create(direct.substring("jdbc:".length()));
        try (Wire wire = new Wire(at.getHost(), at.getPort());
                RunningServer server =
                        RunningServer.on(direct.replace(":" + at.getPort() + "/", ":" + wire.port() + "/"))) {
            UUID kept = UUID.randomUUID();
            assertThat(add(server, kept).status()).isEqualTo(200);
            wire.cut();
            UUID lost = UUID.randomUUID();
            for (int i = 0; i < 3; i++) {
                long began = System.nanoTime();
                Answer away = add(server, lost);
                assertThat(away.status()).isEqualTo(503);
                assertThat(away.body().get("detail").asString()).contains("database does not answer");
                assertThat((System.nanoTime() - began) / 1e9).isLessThan(SOON_S);
            }
            assertThat(server.tryGet("/api/vehicles").status()).isEqualTo(503);
            wire.mend();
            while (server.tryGet("/api/vehicles").status() == 503) {
                Thread.onSpinWait();
            }
            assertThat(add(server, lost).status()).isEqualTo(200);
            assertThat(server.get("/api/vehicles")).hasSize(2);
        }
    }

    private static Answer add(RunningServer server, UUID id) {
        return server.post("/api/vehicles", Map.of("id", id, "name", "Van", "description", ""));
    }
}
