package app.frenum.standin;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Only who knows the key says what the made-up car does wrong. */
class ControlTest {
    private static final URI NOWHERE = URI.create("ws://127.0.0.1:9/device");

    private HttpServer control;

    @BeforeEach
    void listen() throws IOException {
        control = Control.listen(0, "the key", new RehearsedCar(NOWHERE, "CODE", 1));
    }

    @AfterEach
    void stop() {
        control.stop(0);
    }

    private HttpResponse<String> post(String path, String key) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(
                        URI.create("http://127.0.0.1:" + control.getAddress().getPort() + path))
                .POST(BodyPublishers.noBody());
        return HttpClient.newHttpClient()
                .send((key == null ? request : request.header("Frenum-Key", key)).build(), BodyHandlers.ofString());
    }

    @Test
    void aPageInABrowserThatPostsIsNotHeard() throws Exception {
        assertThat(post("/overspeed", null).statusCode()).isEqualTo(403);
        assertThat(post("/overspeed", "a key").statusCode()).isEqualTo(403);
    }

    @Test
    void withTheKeyTheCarDoesItAndAnUnknownFaultIsToldWhichThereAre() throws Exception {
        assertThat(post("/overspeed", "the key").body()).isEqualTo("The car does it: overspeed\n");
        HttpResponse<String> unknown = post("/fly", "the key");
        assertThat(unknown.statusCode()).isEqualTo(404);
        assertThat(unknown.body()).contains("wheel-lock", "none");
    }
}
