package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Senders that never come to an end. */
class SlowSendersTest {
    private static final int MORE_THAN_CONNECTIONS_OF_THE_DATABASE = 12;
    private static final int MORE_THAN_MAY_BE_ON_THEIR_WAY = 80;

    private final RunningServer server = RunningServer.shared();
    private final List<RawHttp> open = new ArrayList<>();

    @AfterEach
    void leave() throws IOException {
        for (RawHttp http : open) {
            http.close();
        }
        // The server is shared: whoever comes next finds it free again.
        int status;
        do {
            status = server.put("/api/vehicles", "{}").status();
        } while (status == 503);
    }

    private RawHttp begun(String line, String type, long length) throws IOException {
        RawHttp http = new RawHttp(server.url());
        open.add(http);
        http.say(line + " HTTP/1.1\r\nHost: 127.0.0.1\r\n" + String.join("\r\n", RawHttp.of(server.door()))
                + "\r\nContent-Type: " + type + "\r\nContent-Length: " + length
                + "\r\n\r\n{");
        return http;
    }

    @Test
    void bundlesThatDripInHoldNoConnectionOfTheDatabase() throws IOException {
        for (int i = 0; i < MORE_THAN_CONNECTIONS_OF_THE_DATABASE; i++) {
            begun("POST /api/bundle", "application/json", 5_000_000);
        }
        assertThat(server.tryGet("/api/vehicles").status()).isEqualTo(200);
    }

    @Test
    void manyThatDripInLeaveRoomForWhoeverOnlyReads() throws IOException {
        for (int i = 0; i < MORE_THAN_MAY_BE_ON_THEIR_WAY; i++) {
            begun("PUT /api/imports/" + UUID.randomUUID() + "?fileName=x.csv", "application/octet-stream", 5_000_000);
        }
        assertThat(server.tryGet("/api/vehicles").status()).isEqualTo(200);
        assertThat(firstAnswered().status())
                .as("those too many are told to come again")
                .isEqualTo(503);
    }

    private RawHttp firstAnswered() throws IOException {
        while (true) {
            for (RawHttp http : open) {
                if (http.isAnswered()) {
                    return http;
                }
            }
        }
    }
}
