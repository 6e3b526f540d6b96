package app.frenum.server.recording;

import app.frenum.core.log.BlockLog;
import app.frenum.core.log.SampleBlock;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.stream.Collectors;
import org.hibernate.Session;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The one thread that writes what devices log: batches of all devices go into one transaction, as many as have come since
 * the last, so that many devices cost few commits. Where that fails, each log is read anew and tried by itself, so that
 * one device's trouble is its own; what still fails closes that log. Whenever a block's worth of rows is there, they
 * become blocks like those of an imported log.
 */
@Component
class LiveWriter {
    private static final Logger LOG = LoggerFactory.getLogger(LiveWriter.class);
    private static final int MOST_AT_ONCE = 512;
    /** Work that may wait to be written; beyond that the devices' connections wait. */
    private static final int MOST_WAITING = 512;

    private final RecordingRepository recordings;
    private final LiveBatchRepository batches;
    private final EntityManager entities;
    private final TransactionTemplate transaction;
    private final BlockingQueue<Work> queue = new LinkedBlockingQueue<>(MOST_WAITING);
    private final Thread thread = new Thread(this::write, "live-writer");

    LiveWriter(
            RecordingRepository recordings,
            LiveBatchRepository batches,
            EntityManager entities,
            PlatformTransactionManager transactions) {
        this.recordings = recordings;
        this.batches = batches;
        this.entities = entities;
        this.transaction = new TransactionTemplate(transactions);
        thread.setDaemon(true);
        thread.start();
    }

    /** Something for the writer; its future is complete once it is done, and survives a power cut. */
    private sealed interface Work {
        GrowingLog of();

        CompletableFuture<Void> done();

        /** A batch to keep. */
        record Batch(GrowingLog of, long seq, double[][] columns, CompletableFuture<Void> done) implements Work {}

        /** A batch that was sent again: it only has to be kept. */
        record Repeat(GrowingLog of, long seq, CompletableFuture<Void> done) implements Work {}

        /** The log is over: its last rows become a block. */
        record End(GrowingLog of, CompletableFuture<Void> done) implements Work {}

        /** Done once everything queued before it is written or has failed. */
        record Settle(GrowingLog of, CompletableFuture<Void> done) implements Work {}
    }

    CompletableFuture<Void> batch(GrowingLog of, long seq, double[][] columns) {
        return put(new Work.Batch(of, seq, columns, new CompletableFuture<>()));
    }

    CompletableFuture<Void> repeat(GrowingLog of, long seq) {
        return put(new Work.Repeat(of, seq, new CompletableFuture<>()));
    }

    CompletableFuture<Void> end(GrowingLog of) {
        return put(new Work.End(of, new CompletableFuture<>()));
    }

    CompletableFuture<Void> settle(GrowingLog of) {
        return put(new Work.Settle(of, new CompletableFuture<>()));
    }

    private CompletableFuture<Void> put(Work work) {
        try {
            queue.put(work);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Frenum is stopping", e);
        }
        return work.done();
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

    /** Whatever goes wrong with some work, the writer goes on. */
    @SuppressWarnings("CatchAndPrintStackTrace")
    private void writeAll(List<Work> some) {
        try {
            transaction.executeWithoutResult(status -> some.forEach(this::write));
            some.forEach(LiveWriter::settled);
        } catch (Throwable e) {
            LOG.warn("{} pieces of work were not written together; each log is tried by itself", some.size(), e);
            Map<GrowingLog, List<Work>> byLog =
                    some.stream().collect(Collectors.groupingBy(Work::of, LinkedHashMap::new, Collectors.toList()));
            boolean noDatabase = e instanceof CannotCreateTransactionException;
            for (Map.Entry<GrowingLog, List<Work>> one : byLog.entrySet()) {
                noDatabase = !writeAlone(one.getKey(), one.getValue(), noDatabase);
            }
        }
    }

    /** @return whether the database was there */
    private boolean writeAlone(GrowingLog log, List<Work> own, boolean noDatabase) {
        try {
            if (noDatabase) {
                throw new CannotCreateTransactionException("the database does not answer");
            }
            transaction.executeWithoutResult(status -> {
                read(log);
                own.forEach(this::write);
            });
            own.forEach(LiveWriter::settled);
            return true;
        } catch (Throwable e) {
            // The device sends it again after its next hello, from the last batch that is there.
            LOG.warn("log {} could not be written and is closed until its device comes back", log.id, e);
            log.close();
            own.forEach(w -> failed(w, e));
            return !(e instanceof CannotCreateTransactionException);
        }
    }

    /** What was known of the log in memory may be more than is stored, and says nothing any more. */
    private static void failed(Work w, Throwable why) {
        if (w instanceof Work.Settle) {
            w.done().complete(null);
        } else {
            w.done().completeExceptionally(why);
        }
    }

    /** Tells how it ended, after a commit: what a closed log did not write was not kept. */
    private static void settled(Work w) {
        boolean done = w instanceof Work.Settle
                || w instanceof Work.Batch b && b.seq() <= b.of().writtenSeq
                || w instanceof Work.Repeat r && r.seq() <= r.of().writtenSeq
                || w instanceof Work.End && !w.of().isClosed();
        if (done) {
            w.done().complete(null);
        } else {
            failed(w, new IllegalStateException("the log was closed before this was written"));
        }
    }

    private void write(Work w) {
        if (w.of().isClosed()) {
            return;
        }
        if (w instanceof Work.Batch batch) {
            write(batch);
        } else if (w instanceof Work.End) {
            close(w.of());
        }
    }

    private void write(Work.Batch batch) {
        GrowingLog log = batch.of();
        if (batch.seq() <= log.writtenSeq) {
            return;
        }
        if (batch.seq() != log.writtenSeq + 1) {
            throw new IllegalStateException(
                    "batch %d of log %s would leave a hole after %d".formatted(batch.seq(), log.id, log.writtenSeq));
        }
        entities.persist(new LiveBatchRow(log.id, batch.seq(), log.inBlocks + log.rows.rows(), batch.columns()));
        log.rows.add(batch.columns(), 0);
        log.writtenSeq = batch.seq();
        while (log.rows.rows() >= SampleBlock.ROWS) {
            toBlock(log, SampleBlock.ROWS);
        }
    }

    private void close(GrowingLog log) {
        if (log.rows.rows() > 0) {
            toBlock(log, log.rows.rows());
        }
        recordings.findById(log.id).orElseThrow().end();
    }

    /** The first rows become a block of each channel. */
    private void toBlock(GrowingLog log, int n) {
        int number = log.inBlocks / SampleBlock.ROWS;
        double[] times = log.rows.first(0, n);
        entities.flush();
        entities.unwrap(Session.class).doWork(connection -> {
            try (BlockWriter out = new BlockWriter(connection, log.id)) {
                for (int c = 0; c < log.rows.count(); c++) {
                    int channel = c == 0 ? BlockLog.TIME : c - 1;
                    out.write(channel, number, SampleBlock.of(log.inBlocks, log.rows.first(c, n), n));
                }
                out.finish();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        log.inBlocks += n;
        log.rows.drop(n);
        Recording recording = recordings.findById(log.id).orElseThrow();
        recording.grown(log.inBlocks, times[0], times[n - 1], log.writtenSeq);
        batches.deleteBefore(log.id, log.inBlocks);
    }

    /** What is stored of a log, within the caller's transaction; the time of its last row. */
    double read(GrowingLog log) {
        Recording recording = recordings.findById(log.id).orElseThrow();
        log.rows = new Columns(log.rows.count());
        log.inBlocks = recording.rowCount();
        log.writtenSeq = recording.lastSeq();
        for (LiveBatchRow b : batches.inOrder(log.id)) {
            log.rows.add(b.columns(log.rows.count()), Math.max(0, log.inBlocks - b.firstRow()));
            log.writtenSeq = Math.max(log.writtenSeq, b.getId().seq());
        }
        double inBlocksUntil = recording.rowCount() == 0 ? Double.NEGATIVE_INFINITY : recording.durationS();
        return Math.max(inBlocksUntil, log.rows.lastTime());
    }

    @PreDestroy
    void stop() {
        thread.interrupt();
    }
}
