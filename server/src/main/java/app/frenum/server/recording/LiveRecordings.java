package app.frenum.server.recording;

import app.frenum.server.problem.Problem;
import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Recordings while they are being written: begun, gone on with after a break, and ended. */
@Component
public class LiveRecordings {
    private static final Logger LOG = LoggerFactory.getLogger(LiveRecordings.class);

    private final RecordingRepository recordings;
    private final RecordingService service;
    private final LiveWriter writer;
    private final TransactionTemplate transaction;
    private final Map<UUID, GrowingLog> growing = new ConcurrentHashMap<>();

    LiveRecordings(
            RecordingRepository recordings,
            RecordingService service,
            LiveWriter writer,
            PlatformTransactionManager transactions) {
        this.recordings = recordings;
        this.service = service;
        this.writer = writer;
        this.transaction = new TransactionTemplate(transactions);
    }

    /**
     * Begins a recording, or goes on with one that the device began before. One that was ended already takes nothing
     * more, but may be ended again.
     *
     * @return the number of the last batch that is kept
     */
    public long begin(LogStart start) {
        // One after another for the same log: whoever comes back is told what is kept after all that came before.
        GrowingLog now = growing.compute(start.id(), (id, known) -> {
            if (known != null) {
                letGo(known);
            }
            return Objects.requireNonNull(transaction.execute(status -> read(recordingOf(start))))
                    .orElse(null);
        });
        if (now == null) {
            return transaction.execute(
                    status -> recordings.findById(start.id()).orElseThrow().lastSeq());
        }
        return now.writtenSeq;
    }

    /** An old connection may still send; nothing of that is taken any more, and what was taken is waited for. */
    private void letGo(GrowingLog known) {
        known.close();
        writer.settle(known).join();
    }

    private Recording recordingOf(LogStart start) {
        Recording recording = recordings
                .findById(start.id())
                .orElseGet(() -> recordings.saveAndFlush(Recording.live(start, service.noCalibration())));
        if (!start.deviceId().equals(recording.deviceId())) {
            throw Problem.conflict("The log belongs to another device. Give each log an id of its own.");
        }
        if (recording.channels().size() != start.channels().size()) {
            throw Problem.conflict("The log was begun with %d channels, not %d. Begin another one."
                    .formatted(recording.channels().size(), start.channels().size()));
        }
        return recording;
    }

    /** The log as it is stored; none when it was ended. */
    private Optional<GrowingLog> read(Recording recording) {
        if (!recording.isLive()) {
            return Optional.empty();
        }
        GrowingLog log = new GrowingLog(recording.id(), 1 + recording.channels().size());
        log.expectAfter(writer.read(log));
        return Optional.of(log);
    }

    /**
     * Keeps a batch; one that is kept already changes nothing.
     *
     * @param columns the times, strictly rising, then one array per channel, NaN where a sample is missing
     * @return complete once the batch, and all before it, survive a power cut
     * @throws Problem when it cannot follow what was sent before
     */
    public CompletableFuture<Void> append(UUID recordingId, long seq, double[][] columns) {
        GrowingLog log = growing.get(recordingId);
        if (log == null) {
            throw Problem.conflict("The log is not open: it was ended, or a hello is missing. Begin another one.");
        }
        // Held until it is queued, so that batches are queued in the order in which they were taken.
        synchronized (log) {
            return log.takes(seq, columns[0]) ? writer.batch(log, seq, columns) : writer.repeat(log, seq);
        }
    }

    /** Ends a recording: its last rows become a block, and it is measured like any other. Ended already, it stays so. */
    public void end(UUID recordingId) {
        GrowingLog log = growing.remove(recordingId);
        if (log == null) {
            return;
        }
        writer.end(log).join();
        takeStock(recordingId);
    }

    /** What fails here is made up for at the next start: the recording itself is kept. */
    private void takeStock(UUID recordingId) {
        try {
            service.takeStock(recordingId);
        } catch (RuntimeException e) {
            LOG.warn("recording {} is kept, but could not be looked through yet", recordingId, e);
        }
    }

    /** Ends what a device began and never ended, but for one. */
    public void endOthers(UUID deviceId, UUID but) {
        recordings.findByDeviceIdAndLiveTrue(deviceId).stream()
                .map(Recording::id)
                .filter(id -> !id.equals(but))
                .forEach(id -> {
                    growing.computeIfAbsent(
                            id,
                            k -> Objects.requireNonNull(transaction.execute(status ->
                                            read(recordings.findById(k).orElseThrow())))
                                    .orElse(null));
                    end(id);
                });
    }

    /** A server that was killed may have left recordings that are over and were never looked through. */
    @EventListener
    void lookThroughWhatWasLeft(ApplicationReadyEvent event) {
        Thread thread = new Thread(() -> recordings.unmeasured().forEach(this::takeStock), "left-recordings");
        thread.setDaemon(true);
        thread.start();
    }

    static double[] appended(double[] some, double one) {
        double[] more = Arrays.copyOf(some, some.length + 1);
        more[some.length] = one;
        return more;
    }
}
