package app.frenum.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.server.RunningServer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.util.HexFormat;
import java.util.Locale;
import javax.net.SocketFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The encrypted way in, with a key and a certificate as the script makes them. */
class TlsTest {
    private static final Path SCRIPTS = Path.of("../scripts").toAbsolutePath().normalize();

    @TempDir
    private Path home;

    private void madeByTheScript() throws Exception {
        String commands =
                "set -e; hostname() { [[ $1 == -s ]] && echo Lane-Laptop || command hostname \"$@\"; }; HOME_DIR=%s PORT=1; source %s/database.sh; source %s/network.sh; open_encrypted; [[ $FRENUM_TLS_NAME == lane-laptop.local ]]"
                        .formatted(home, SCRIPTS, SCRIPTS);
        assertThat(new ProcessBuilder("bash", "-c", commands)
                        .inheritIO()
                        .start()
                        .waitFor())
                .isZero();
    }

    private static HttpClient trusting(Certificate authority) throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry("authority", authority);
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(tls).build();
    }

    /** The first line of what it answers under a name. */
    private static String named(SocketFactory sockets, int port, String name) throws IOException {
        try (Socket socket = sockets.createSocket("127.0.0.1", port)) {
            if (socket instanceof SSLSocket encrypted) {
                Certificate shown = encrypted.getSession().getPeerCertificates()[0];
                assertThat(shown.toString()).contains("localhost", "lane-laptop.local");
            }
            String asked = "GET /api/session HTTP/1.1\r\nHost: %s\r\nConnection: close\r\n\r\n".formatted(name);
            socket.getOutputStream().write(asked.getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .findFirst()
                    .orElse("");
        }
    }

    private static HttpResponse<byte[]> get(HttpClient http, String url) throws IOException, InterruptedException {
        return http.send(HttpRequest.newBuilder(URI.create(url)).build(), BodyHandlers.ofByteArray());
    }

    @Test
    void whoeverTrustsItComesInEncryptedAndNobodyUnasked() throws Exception {
        madeByTheScript();
        String database;
        try (RunningServer plain = RunningServer.onAnEmptyDatabase()) {
            plain.door();
            database = plain.databaseUrl();
        }
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        try (RunningServer server = RunningServer.on(
                database,
                "--frenum.tls.store=" + home.resolve("tls/frenum.p12"),
                "--frenum.tls.password-file=" + home.resolve("tls/password"),
                "--frenum.tls.address=127.0.0.1",
                "--frenum.tls.port=" + port,
                "--frenum.tls.name=lane-laptop.local")) {
            String encrypted = "https://127.0.0.1:" + port;
            byte[] own = server.bytes("/frenum.crt");
            Certificate authority =
                    CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(own));
            String fingerprint = HexFormat.ofDelimiter(":")
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(own))
                    .toUpperCase(Locale.ROOT);
            assertThat(server.get("/api/session/trust").get("fingerprint").asString())
                    .isEqualTo(fingerprint);

            HttpClient phone = trusting(authority);
            assertThat(get(phone, encrypted + "/").statusCode()).isEqualTo(200);
            assertThat(get(phone, encrypted + "/api/tests").statusCode()).isEqualTo(401);
            String cookies = get(phone, encrypted + "/api/session")
                    .headers()
                    .allValues("set-cookie")
                    .toString();
            assertThat(cookies).contains("Secure", "SameSite=Strict");
            SocketFactory trusted = phone.sslContext().getSocketFactory();
            assertThat(named(trusted, port, "lane-laptop.local")).contains(" 200 ");
            assertThat(named(trusted, port, "another.local")).contains(" 421 ");
            assertThat(named(
                            SocketFactory.getDefault(), URI.create(server.url()).getPort(), "lane-laptop.local"))
                    .as("unencrypted, anybody beside it may claim to be that")
                    .contains(" 421 ");
            assertThat(server.get("/api/session/trust").get("named").asString())
                    .isEqualTo("https://lane-laptop.local:" + port);
            assertThatThrownBy(() -> get(HttpClient.newHttpClient(), encrypted + "/"))
                    .as("nobody has vouched for it elsewhere")
                    .isInstanceOf(SSLHandshakeException.class);
        }
    }
}
