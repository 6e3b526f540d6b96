package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Frenum answers its own pages and programs on this machine, and no other page in somebody's browser. */
class OwnPagesTest {
    private static final List<String> UPGRADE = List.of(
            "Upgrade: websocket",
            "Connection: Upgrade",
            "Sec-WebSocket-Version: 13",
            "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==");

    private final RunningServer server = RunningServer.shared();

    private int get(String path, String... headers) throws IOException {
        List<String> all = new ArrayList<>(RawHttp.of(server.door()));
        all.addAll(List.of(headers));
        return RawHttp.status(server.url(), "GET " + path, all, "");
    }

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1, 200",
        "localhost, 200",
        "LOCALHOST, 200",
        "[::1], 200",
        "evil.example, 421",
        "127.0.0.1.evil.example, 421",
        "localhost.evil.example, 421",
        "192.168.0.7, 421",
    })
    void aNameThatIsPointedHereIsNotFrenums(String host, int status) throws IOException {
        String port = ":" + URI.create(server.url()).getPort();
        for (String path : List.of("/api/tests", "/", "/api/bundle")) {
            assertThat(get(path, "Host: " + host + port)).as(path).isEqualTo(status);
        }
    }

    @Test
    void neitherAreItsSocketNorItsStreams() throws IOException {
        assertThat(get("/api/devices/00000000-0000-0000-0000-000000000000/live", "Host: evil.example"))
                .isEqualTo(421);
        List<String> foreign = new ArrayList<>(UPGRADE);
        foreign.add("Host: evil.example");
        assertThat(RawHttp.status(server.url(), "GET /device", foreign, "")).isEqualTo(421);
        List<String> ofAnotherPage = new ArrayList<>(UPGRADE);
        ofAnotherPage.addAll(List.of("Host: 127.0.0.1", "Origin: http://evil.example"));
        assertThat(RawHttp.status(server.url(), "GET /device", ofAnotherPage, ""))
                .isEqualTo(403);
    }

    @Test
    void aPageFromElsewhereSaysWhereItIsFrom() throws IOException {
        assertThat(get("/api/tests", "Host: 127.0.0.1", "Origin: http://127.0.0.1"))
                .isEqualTo(200);
        assertThat(get("/api/tests", "Host: 127.0.0.1", "Origin: http://127.0.0.1:9"))
                .isEqualTo(403);
        assertThat(get("/api/tests", "Host: 127.0.0.1", "Origin: null")).isEqualTo(403);
        assertThat(get("/api/tests", "Host: 127.0.0.1", "Origin: ::nonsense")).isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource({
        "application/json, 422",
        "application/json;charset=UTF-8, 422",
        "text/plain, 415",
        "application/x-www-form-urlencoded, 415",
        "multipart/form-data; boundary=x, 415",
        "multipart/form-data, 415",
        "application/jsonx, 415"
    })
    void whatAFormOfAnotherPageCanSendChangesNothing(String type, int status) throws IOException {
        List<String> headers = new ArrayList<>(RawHttp.of(server.door()));
        headers.addAll(List.of("Host: 127.0.0.1", "Content-Type: " + type));
        assertThat(RawHttp.status(server.url(), "POST /api/bundle", headers, "{}"))
                .as("a bundle that is none, once it is looked at")
                .isEqualTo(status);
        String between = "POST /api/configurations/%1$s/between/%1$s?factor=pads&id=%1$s"
                .formatted("00000000-0000-0000-0000-000000000000");
        assertThat(RawHttp.status(server.url(), between, List.of("Host: 127.0.0.1"), ""))
                .isEqualTo(415);
    }

    @Test
    void noAnswerAllowsAnotherOriginAndEveryOneForbidsForeignScripts() throws Exception {
        var answer = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(server.url() + "/")).build(), BodyHandlers.discarding());
        assertThat(answer.headers().map()).doesNotContainKey("access-control-allow-origin");
        assertThat(answer.headers().firstValue("content-security-policy").orElse(""))
                .contains("default-src 'self'", "frame-ancestors 'none'");
        assertThat(answer.headers().firstValue("x-content-type-options")).contains("nosniff");
        assertThat(answer.headers().firstValue("x-frame-options")).contains("DENY");
    }

    @Test
    void stylesNeedANonceThatNoOtherAnswerHas() throws Exception {
        List<String> policies = new ArrayList<>();
        for (String path : List.of("/", "/tests", "/api/tests")) {
            var answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(server.url() + path))
                                    .build(),
                            BodyHandlers.ofString());
            assertThat(answer.headers().allValues("content-security-policy"))
                    .as("two would both hold")
                    .hasSize(1);
            String policy =
                    answer.headers().firstValue("content-security-policy").orElseThrow();
            assertThat(policy).doesNotContain("unsafe");
            policies.add(policy);
        }
        assertThat(policies).doesNotHaveDuplicates();
        assertThat(policies.get(2)).doesNotContain("nonce");
    }

    @Test
    void itListensOnLoopbackOnly() throws IOException {
        int port = URI.create(server.url()).getPort();
        try (Stream<NetworkInterface> all = NetworkInterface.networkInterfaces()) {
            List<InetAddress> others = all.flatMap(NetworkInterface::inetAddresses)
                    .filter(a -> !a.isLoopbackAddress())
                    .toList();
            for (InetAddress other : others) {
                assertThatThrownBy(() -> new Socket(other, port).close()).isInstanceOf(IOException.class);
            }
        }
    }

    @Test
    void whatIsNowhereIsSaidInTheSameForm() {
        assertThat(server.tryGet("/error").status()).isEqualTo(404);
        assertThat(server.tryGet("/error").body().get("detail").asString()).contains("nothing at this address");
        assertThat(server.tryGet("/api/tests?x=%ff%fe").status()).isEqualTo(400);
        assertThat(server.tryGet("/api/nowhere").status()).isEqualTo(404);
    }
}
