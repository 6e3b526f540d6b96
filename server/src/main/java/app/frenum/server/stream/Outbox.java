package app.frenum.server.stream;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Queue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What is on its way to one listener, in order. Putting something in never waits: one thread at a time sends what is
 * there, and a listener who takes nothing is let go once too much has gathered.
 */
public final class Outbox<T> {
    private static final Logger LOG = LoggerFactory.getLogger(Outbox.class);
    /** A listener who does not listen holds one of these threads until the connection's own time-out. */
    private static final ExecutorService SENDING = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "outbox");
        thread.setDaemon(true);
        return thread;
    });

    /** How one thing is sent; may wait. */
    public interface Sender<T> {
        void send(T what) throws IOException;
    }

    private final Sender<? super T> sender;
    private final Runnable letGo;
    private final int most;
    private final Queue<T> waiting = new ArrayDeque<>();
    private boolean sending;
    private boolean gone;

    /**
     * @param most that may wait; whoever lets more gather is let go
     * @param letGo told once when the listener is let go
     */
    public Outbox(int most, Sender<? super T> sender, Runnable letGo) {
        this.most = most;
        this.sender = sender;
        this.letGo = letGo;
    }

    public synchronized void put(T what) {
        if (gone) {
            return;
        }
        if (waiting.size() >= most) {
            LOG.debug("a listener takes nothing and is let go");
            close();
            return;
        }
        waiting.add(what);
        if (!sending) {
            sending = true;
            SENDING.execute(this::send);
        }
    }

    /** Nothing more is sent. */
    public synchronized void close() {
        if (!gone) {
            gone = true;
            waiting.clear();
            SENDING.execute(letGo);
        }
    }

    private void send() {
        try {
            for (T next = next(); next != null; next = next()) {
                sender.send(next);
            }
        } catch (IOException | RuntimeException e) {
            LOG.debug("a listener is gone", e);
            close();
        }
    }

    private synchronized @Nullable T next() {
        T next = gone ? null : waiting.poll();
        sending = next != null;
        return next;
    }
}
