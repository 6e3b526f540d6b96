package app.frenum.server;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Speaks HTTP byte by byte, as no well-behaved client would. */
final class RawHttp implements AutoCloseable {
    private static final int PATIENCE_MS = 20_000;

    private final Socket socket;

    RawHttp(String url) throws IOException {
        URI at = URI.create(url);
        socket = new Socket(at.getHost(), at.getPort());
        socket.setSoTimeout(PATIENCE_MS);
    }

    /** The status of the answer to a request line with headers. */
    static int status(String url, String line, List<String> headers, String body) throws IOException {
        try (RawHttp http = new RawHttp(url)) {
            String length = body.isEmpty() ? "" : "Content-Length: " + body.length() + "\r\n";
            String sent = headers.isEmpty() ? "" : String.join("\r\n", headers) + "\r\n";
            http.say(line + " HTTP/1.1\r\n" + sent + length + "Connection: close\r\n\r\n" + body);
            return http.status();
        }
    }

    /** The lines that let somebody in. */
    static List<String> of(Door door) {
        return List.of("Cookie: " + door.cookieHeader(), Door.TOKEN_HEADER + ": " + door.cookie(Door.TOKEN));
    }

    void say(String text) throws IOException {
        socket.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
    }

    /** Reads on until the last chunk of an answer has come, or nothing more does. */
    void untilEnded() throws IOException {
        StringBuilder last = new StringBuilder();
        for (int b = socket.getInputStream().read();
                b >= 0;
                b = socket.getInputStream().read()) {
            last.append((char) b);
            if (last.toString().endsWith("\r\n0\r\n\r\n")) {
                return;
            }
        }
    }

    boolean isAnswered() throws IOException {
        return socket.getInputStream().available() > 0;
    }

    /** Of the answer; its rest is not read. */
    int status() throws IOException {
        InputStream in = socket.getInputStream();
        StringBuilder line = new StringBuilder();
        for (int b = in.read(); b >= 0 && b != '\n'; b = in.read()) {
            line.append((char) b);
        }
        return Integer.parseInt(line.toString().split(" ")[1]);
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
