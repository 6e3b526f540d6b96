package app.frenum.server.recording;

import app.frenum.core.log.BlockLog;
import app.frenum.core.log.SampleBlock;
import app.frenum.server.problem.Problem;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import org.hibernate.Session;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Recordings while they are being written. Batches of all devices go into the database by one writer, as many in one
 * transaction as have come since the last, so that many devices cost few commits; a batch is kept once its future is
 * complete. Whenever a block's worth of rows is there, they become blocks like those of an imported log.
 */
@Component
public class LiveRecordings {
    private static final Logger LOG = LoggerFactory.getLogger(LiveRecordings.class);
    private static final int MOST_AT_ONCE = 512;
    /** Batches that may wait to be written; beyond that the devices' connections wait. */
    private static final int MOST_WAITING = 512;

    private final RecordingRepository recordings;
    private final LiveBatchRepository batches;
    private final RecordingService service;
    private final EntityManager entities;
    private final TransactionTemplate transaction;
    private final Map<UUID, Growing> growing = new ConcurrentHashMap<>();
    private final BlockingQueue<Work> queue = new LinkedBlockingQueue<>(MOST_WAITING);
    private final Thread writer = new Thread(this::write, "live-writer");

    LiveRecordings(
            RecordingRepository recordings,
            LiveBatchRepository batches,
            RecordingService service,
            EntityManager entities,
            PlatformTransactionManager transactions) {
        this.recordings = recordings;
        this.batches = batches;
        this.service = service;
        this.entities = entities;
        this.transaction = new TransactionTemplate(transactions);
        writer.setDaemon(true);
        writer.start();
    }

    /** A recording as its writer knows it. */
    private static final class Growing {
        private final UUID id;
        /** Rows that are not in a block yet; touched by the writer only. */
        private final Columns rows;

        private int inBlocks;
        private long lastSeq;
        private double lastTime;
        private volatile boolean broken;

        Growing(UUID id, int columns) {
            this.id = id;
            rows = new Columns(columns);
        }
    }

    /** Something for the writer: a batch to keep, or with no columns a recording to end. */
    private record Work(Growing of, long seq, double[][] columns, CompletableFuture<Void> kept) {
        boolean ends() {
            return columns.length == 0;
        }
    }

    /**
     * Begins a recording, or goes on with one that the device began before.
     *
     * @return the number of the last batch that is kept
     */
    public long begin(LogStart start) {
        Growing known = growing.get(start.id());
        if (known != null && !known.broken) {
            settle(known);
        }
        Growing now = transaction.execute(status -> load(start));
        growing.put(start.id(), now);
        return now.lastSeq;
    }

    /** Waits until everything that was sent of a recording is written. */
    private void settle(Growing known) {
        CompletableFuture<Void> done = new CompletableFuture<>();
        put(new Work(known, 0, null, done));
        try {
            done.join();
        } catch (CompletionException e) {
            LOG.warn("a recording broke off before it was resumed", e.getCause());
        }
    }

    private Growing load(LogStart start) {
        Recording recording = recordings
                .findById(start.id())
                .orElseGet(() -> recordings.save(Recording.live(start, service.noCalibration())));
        if (!start.deviceId().equals(recording.deviceId())) {
            throw Problem.conflict("The log belongs to another device. Give each log an id of its own.");
        }
        if (!recording.isLive()) {
            throw Problem.conflict("The log was ended. Begin another one, under another id.");
        }
        if (recording.channels().size() != start.channels().size()) {
            throw Problem.conflict("The log was begun with %d channels, not %d. Begin another one."
                    .formatted(recording.channels().size(), start.channels().size()));
        }
        return load(recording);
    }

    private Growing load(Recording recording) {
        Growing now = new Growing(recording.id(), 1 + recording.channels().size());
        now.inBlocks = recording.rowCount();
        now.lastSeq = recording.lastSeq();
        now.lastTime = recording.rowCount() == 0 ? Double.NEGATIVE_INFINITY : recording.durationS();
        for (LiveBatchRow b : batches.inOrder(recording.id())) {
            now.rows.add(b.columns(now.rows.count()), Math.max(0, now.inBlocks - b.firstRow()));
            now.lastSeq = Math.max(now.lastSeq, b.getId().seq());
        }
        now.lastTime = Math.max(now.lastTime, now.rows.lastTime());
        return now;
    }

    /**
     * Keeps a batch; one that is kept already changes nothing.
     *
     * @param columns the times, strictly rising, then one array per channel, NaN where a sample is missing
     * @return complete once the batch survives a power cut
     * @throws Problem when it cannot follow what was sent before
     */
    public CompletableFuture<Void> append(UUID recordingId, long seq, double[][] columns) {
        Growing g = growing.get(recordingId);
        if (g == null || g.broken) {
            throw Problem.conflict("The log is not open. Say hello again; it goes on after the last batch kept.");
        }
        CompletableFuture<Void> kept = new CompletableFuture<>();
        synchronized (g) {
            if (seq <= g.lastSeq) {
                put(new Work(g, 0, null, kept));
                return kept;
            }
            if (seq != g.lastSeq + 1) {
                throw Problem.invalid(
                        "seq",
                        "Batch %d is from the future: %d comes next. Number what is sent, not what was lost."
                                .formatted(seq, g.lastSeq + 1));
            }
            requireRising(columns[0], g.lastTime);
            put(new Work(g, seq, columns, kept));
            g.lastSeq = seq;
            g.lastTime = columns[0][columns[0].length - 1];
        }
        return kept;
    }

    private void put(Work work) {
        try {
            queue.put(work);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Frenum is stopping", e);
        }
    }

    private static void requireRising(double[] t, double after) {
        double before = after;
        for (double x : t) {
            if (!(x > before)) {
                throw Problem.invalid(
                        "rows",
                        "Time %s s does not come after %s s. Times must rise from row to row.".formatted(x, before));
            }
            before = x;
        }
    }

    /** Ends a recording: its last rows become a block, and it is measured like any other. */
    public void end(UUID recordingId) {
        Growing g = growing.remove(recordingId);
        if (g != null && !g.broken) {
            CompletableFuture<Void> done = new CompletableFuture<>();
            put(new Work(g, 0, new double[0][], done));
            done.join();
            service.takeStock(recordingId);
        }
    }

    private void write() {
        List<Work> some = new ArrayList<>();
        try {
            while (true) {
                some.add(queue.take());
                queue.drainTo(some, MOST_AT_ONCE);
                writeAll(some);
                some.clear();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void writeAll(List<Work> some) {
        try {
            transaction.executeWithoutResult(status -> some.forEach(this::write));
            some.forEach(w -> w.kept().complete(null));
        } catch (RuntimeException e) {
            // Nothing of it was kept; the devices send it again after their next hello.
            LOG.warn("{} batches were not kept", some.size(), e);
            some.forEach(w -> {
                w.of().broken = true;
                w.kept().completeExceptionally(e);
            });
        }
    }

    private void write(Work w) {
        if (w.columns() == null) {
            return;
        }
        Growing g = w.of();
        if (!w.ends()) {
            entities.persist(new LiveBatchRow(g.id, w.seq(), g.inBlocks + g.rows.rows(), w.columns()));
            g.rows.add(w.columns(), 0);
        }
        while (g.rows.rows() >= SampleBlock.ROWS) {
            toBlock(g, SampleBlock.ROWS, w.seq());
        }
        if (w.ends()) {
            if (g.rows.rows() > 0) {
                toBlock(g, g.rows.rows(), 0);
            }
            recordings.findById(g.id).orElseThrow().end();
        }
    }

    /** The first rows become a block of each channel. */
    private void toBlock(Growing g, int n, long seq) {
        int number = g.inBlocks / SampleBlock.ROWS;
        double[] times = g.rows.first(0, n);
        entities.flush();
        entities.unwrap(Session.class).doWork(connection -> {
            try (BlockWriter out = new BlockWriter(connection, g.id)) {
                for (int c = 0; c < g.rows.count(); c++) {
                    int channel = c == 0 ? BlockLog.TIME : c - 1;
                    out.write(channel, number, SampleBlock.of(g.inBlocks, g.rows.first(c, n), n));
                }
                out.finish();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        g.inBlocks += n;
        g.rows.drop(n);
        Recording recording = recordings.findById(g.id).orElseThrow();
        recording.grown(g.inBlocks, times[0], times[n - 1], seq);
        batches.deleteBefore(g.id, g.inBlocks);
    }

    @PreDestroy
    void stop() {
        writer.interrupt();
    }

    /** Ends what a device began and never ended, but for one. */
    public void endOthers(UUID deviceId, UUID but) {
        recordings.findByDeviceIdAndLiveTrue(deviceId).stream()
                .map(Recording::id)
                .filter(id -> !id.equals(but))
                .forEach(id -> {
                    growing.computeIfAbsent(id, this::reload);
                    end(id);
                });
    }

    private Growing reload(UUID id) {
        return transaction.execute(status -> load(recordings.findById(id).orElseThrow()));
    }

    static double[] appended(double[] some, double one) {
        double[] more = Arrays.copyOf(some, some.length + 1);
        more[some.length] = one;
        return more;
    }
}
