package app.frenum.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.server.RunningServer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
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

    private static final int IDLE = 300;
    private static final int HANDSHAKE = 0x16;
    private static final int ALERT = 0x15;
    private static final int TLS_1_0 = 0x0301;
    private static final int TLS_1_1 = 0x0302;
    private static final int TLS_1_2 = 0x0303;

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

    /** What kind of record comes back for the beginning of a connection by that version. */
    private static int answerToHello(int port, int version) throws IOException {
        ByteBuffer hello = ByteBuffer.allocate(200);
        hello.put((byte) HANDSHAKE).putShort((short) TLS_1_0).putShort((short) 0);
        hello.put((byte) 1).put((byte) 0).putShort((short) 0).putShort((short) version);
        hello.put(new byte[32]).put((byte) 0);
        // ECDHE with RSA or ECDSA, and AES: what those versions have in common.
        hello.putShort((short) 8)
                .putShort((short) 0xC014)
                .putShort((short) 0xC00A)
                .putShort((short) 0xC02F)
                .putShort((short) 0xC02B);
        hello.put((byte) 1).put((byte) 0);
        byte[] extensions = HexFormat.of()
                .parseHex(
                        "000a00040002" + "0017" + "000b00020100" + "000d000a0008" + "0403" + "0401" + "0804" + "0201");
        hello.putShort((short) extensions.length).put(extensions);
        int length = hello.position();
        hello.putShort(3, (short) (length - 5)).putShort(7, (short) (length - 9));
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(hello.array(), 0, length);
            return socket.getInputStream().read();
        }
    }

    /** Half of them say nothing at all, half begin to and stop. */
    private static void idleConnectionsHoldNobodyUp(HttpClient phone, int port) throws Exception {
        List<Socket> idle = new ArrayList<>();
        try {
            for (int i = 0; i < IDLE; i++) {
                Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                idle.add(socket);
                if (i % 2 == 0) {
                    socket.getOutputStream().write(new byte[] {HANDSHAKE, 3, 1, 1});
                }
            }
            for (int i = 0; i < 10; i++) {
                HttpRequest request = HttpRequest.newBuilder(URI.create("https://127.0.0.1:%d/".formatted(port)))
                        .timeout(Duration.ofSeconds(10))
                        .build();
                assertThat(phone.send(request, BodyHandlers.ofByteArray()).statusCode())
                        .isEqualTo(200);
            }
        } finally {
            for (Socket socket : idle) {
                socket.close();
            }
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
            assertThat(answerToHello(port, TLS_1_1)).as("an alert").isEqualTo(ALERT);
            assertThat(answerToHello(port, TLS_1_2)).as("a handshake").isEqualTo(HANDSHAKE);
            idleConnectionsHoldNobodyUp(phone, port);
            assertThatThrownBy(() -> get(HttpClient.newHttpClient(), encrypted + "/"))
                    .as("nobody has vouched for it elsewhere")
                    .isInstanceOf(SSLHandshakeException.class);
        }
    }
}
