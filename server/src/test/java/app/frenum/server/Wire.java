package app.frenum.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.ArrayList;
import java.util.List;

/** A wire to a server that can be cut, and mended. */
final class Wire implements AutoCloseable {
    private final ServerSocket own = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    private final String host;
    private final int port;
    private final List<Socket> open = new ArrayList<>();
    private boolean cut;

    Wire(String host, int port) throws IOException {
        this.host = host;
        this.port = port;
        start(this::accept);
    }

    private static void start(Runnable what) {
        Thread thread = new Thread(what, "wire");
        thread.setDaemon(true);
        thread.start();
    }

    int port() {
        return own.getLocalPort();
    }

    private void accept() {
        while (!own.isClosed()) {
            try {
                join(own.accept());
            } catch (IOException e) {
                // Closed, or nobody at the other end: the next one is tried.
            }
        }
    }

    private synchronized void join(Socket near) throws IOException {
        open.add(near);
        if (cut) {
            near.close();
            return;
        }
        Socket far = new Socket(host, port);
        open.add(far);
        start(() -> carry(near, far));
        start(() -> carry(far, near));
    }

    private static void carry(Socket from, Socket to) {
        try (from;
                to) {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            in.transferTo(out);
        } catch (IOException e) {
            // Cut.
        }
    }

    synchronized void cut() throws IOException {
        cut = true;
        for (Socket s : open) {
            s.close();
        }
        open.clear();
    }

    synchronized void mend() {
        cut = false;
    }

    @Override
    public void close() throws IOException {
        own.close();
        cut();
    }
}
