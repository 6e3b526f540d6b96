package app.frenum.server.recording;

import app.frenum.core.log.BlockLog;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.Channel;
import app.frenum.core.log.Drive;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.SampleBlock;
import app.frenum.core.quantity.Unit;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.StopByLogger;
import app.frenum.formats.log.LogFile;
import app.frenum.server.document.Documents;
import app.frenum.server.problem.Problem;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.hibernate.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stores recordings, opens them as logs, and draws windows of them. */
@Service
@Transactional
public class RecordingService {
    private static final int MOST_CHANNELS = 64;
    /** Pixels times channels of one window; more than any screen has. */
    private static final int MOST_POINTS = 100_000;

    private final RecordingRepository recordings;
    private final SampleBlockRepository blocks;
    private final LiveBatchRepository batches;
    private final EntityManager entities;
    private final Documents documents;

    RecordingService(
            RecordingRepository recordings,
            SampleBlockRepository blocks,
            LiveBatchRepository batches,
            EntityManager entities,
            Documents documents) {
        this.recordings = recordings;
        this.blocks = blocks;
        this.batches = batches;
        this.entities = entities;
        this.documents = documents;
    }

    /** What a recording is measured with, as it was found when it came in. */
    public record Opened(Log log, Calibration calibration, List<HealthFinding> health) {}

    /** Stores a log with all its samples, within the caller's transaction; {@link #setFindings} belongs to it. */
    public void save(UUID id, StoredFile file, LogFile log) {
        List<Recording.StoredChannel> channels = log.log().channels().stream()
                .map(c -> new Recording.StoredChannel(
                        c.name(), c.role().name(), c.unit().name()))
                .toList();
        Recording recording = new Recording(
                id,
                file,
                channels,
                log.log().rows(),
                log.log().durationS(),
                HealthCheck.rateHz(log.log()),
                log.spool().blockStarts());
        entities.persist(recording);
        entities.flush();
        entities.unwrap(Session.class).doWork(connection -> writeBlocks(connection, id, log));
    }

    private static void writeBlocks(Connection connection, UUID id, LogFile log) throws SQLException {
        try (BlockWriter writer = new BlockWriter(connection, id)) {
            for (int block = 0; block < log.spool().blocks(); block++) {
                for (int channel = BlockLog.TIME; channel < log.log().channels().size(); channel++) {
                    writer.write(channel, block, log.spool().block(channel, block));
                }
            }
            writer.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the analysis of a log found; it may take as long as storing, and so runs beside it. */
    public void setFindings(UUID id, Calibration calibration, List<HealthFinding> health) {
        entity(id).findings(documents.write(calibration), documents.write(health));
    }

    /** The recording that came from a file with these bytes, if there is one. */
    @Transactional(readOnly = true)
    public Optional<RecordingView> withBytes(String sha256) {
        return recordings.findBySha256OrderByCreatedAt(sha256).stream()
                .findFirst()
                .map(this::view);
    }

    @Transactional(readOnly = true)
    public RecordingView recording(UUID id) {
        return view(entity(id));
    }

    private Recording entity(UUID id) {
        return recordings.findById(id).orElseThrow(() -> Problem.notFound("The recording"));
    }

    private RecordingView view(Recording r) {
        return new RecordingView(
                r.id(), r.file(), r.rowCount(), r.durationS(), r.rateHz(), channels(r), health(r), r.samplesLetGoAt());
    }

    private List<HealthFinding> health(Recording r) {
        return documents.readList(r.health(), HealthFinding.class);
    }

    private static List<Channel> channels(Recording r) {
        return r.channels().stream()
                .map(c -> new Channel(c.name(), Role.valueOf(c.role()), Unit.valueOf(c.unit())))
                .toList();
    }

    /** How many rows are kept of a recording; grows while it is being written. */
    @Transactional(readOnly = true)
    public int rows(UUID id) {
        return entity(id).rowCount();
    }

    /**
     * Opens a recording; its blocks are read when they are needed, all channels of a stretch at once.
     *
     * @throws Problem where its samples were let go
     */
    @Transactional(readOnly = true)
    public Opened open(UUID id) {
        Recording r = withSamples(id);
        Map<Integer, Map<Integer, SampleBlock>> read = new HashMap<>();
        Columns newest = r.isLive() ? newest(r) : new Columns(1);
        int rows = r.rowCount();
        double[] starts = r.blockStarts();
        if (newest.rows() > 0) {
            read.put(starts.length, blocksOf(newest, rows));
            starts = LiveRecordings.appended(starts, newest.first(0, 1)[0]);
            rows += newest.rows();
        }
        BlockLog log = new BlockLog(
                channels(r),
                rows,
                starts,
                (channel, block) -> Objects.requireNonNull(read.computeIfAbsent(block, b -> {
                            Map<Integer, SampleBlock> byChannel = new HashMap<>();
                            blocks.allChannels(id, b).forEach(row -> byChannel.put(row.channel(), row.block()));
                            return byChannel;
                        })
                        .get(channel)));
        return new Opened(log, documents.read(r.calibration(), Calibration.class), health(r));
    }

    private Recording withSamples(UUID id) {
        Recording r = entity(id);
        Instant gone = r.samplesLetGoAt();
        if (gone != null) {
            throw Problem.letGo(
                    "The samples of \"%s\" were let go on %s. What was measured from them is kept; nothing more can be read off them. A backup made before that day still holds them."
                            .formatted(r.file().name(), LetGo.day(gone)));
        }
        return r;
    }

    /** Which of these recordings are without their samples. */
    private LetGo letGoOf(Collection<UUID> ids) {
        return new LetGo(recordings.letGo(ids).stream()
                .collect(Collectors.toMap(LetGo.Recorded::getId, LetGo.Recorded::getSamplesLetGoAt)));
    }

    /** The same, of the recordings that these stops were measured in. */
    @Transactional(readOnly = true)
    public LetGo letGoOf(List<DrivenStop> stops) {
        return letGoOf(stops.stream()
                .filter(StopByLogger.class::isInstance)
                .map(s -> ((StopByLogger) s).recordingId())
                .collect(Collectors.toSet()));
    }

    /** Which recordings have their samples, the oldest first. */
    @Transactional(readOnly = true)
    public List<KeptRecording> withSamples() {
        return recordings.withSamples();
    }

    /** How many were let go. */
    @Transactional(readOnly = true)
    public long withoutSamples() {
        return recordings.countBySamplesLetGoAtNotNull();
    }

    /** What all samples take on the disk. */
    @Transactional(readOnly = true)
    public long bytesOfSamples() {
        return recordings.bytesOfSamples();
    }

    /** @param since when its samples are to go; null where they are to stay */
    public void markSamples(UUID id, @Nullable Instant since) {
        entity(id).markSamples(since);
    }

    /** Lets the samples of a recording go. What was measured from them stays. */
    public void letSamplesGo(UUID id, Instant at) {
        entity(id).letSamplesGo(at);
        blocks.deleteOf(id);
        batches.deleteBefore(id, Integer.MAX_VALUE);
    }

    /** The rows of a recording that is being written which are not in a block yet. */
    private Columns newest(Recording r) {
        List<LiveBatchRow> waiting = batches.inOrder(r.id());
        // The writer may have turned batches into a block since the recording was read: then they are in neither of the
        // two.
        while (r.rowCount() != recordings.rowCount(r.id())) {
            entities.refresh(r);
            waiting = batches.inOrder(r.id());
        }
        Columns rows = new Columns(1 + r.channels().size());
        waiting.forEach(b -> rows.add(b.columns(rows.count()), Math.max(0, r.rowCount() - b.firstRow())));
        return rows;
    }

    private static Map<Integer, SampleBlock> blocksOf(Columns rows, int firstRow) {
        Map<Integer, SampleBlock> byChannel = new HashMap<>();
        for (int c = 0; c < rows.count(); c++) {
            byChannel.put(
                    c == 0 ? BlockLog.TIME : c - 1, SampleBlock.of(firstRow, rows.first(c, rows.rows()), rows.rows()));
        }
        return byChannel;
    }

    /** What stands in place of a calibration before anything was logged, as JSON. */
    String noCalibration() {
        return documents.write(Calibration.NONE);
    }

    /** Looks a whole recording through once it is over. */
    public void takeStock(UUID id) {
        Log log = open(id).log();
        if (log.rows() > 1 && Drive.hasSpeed(log)) {
            setFindings(id, Calibration.of(log), HealthCheck.of(log));
            entity(id).rate(HealthCheck.rateHz(log));
        }
    }

    /**
     * A window, thinned to a width.
     *
     * @param wanted channel indices; empty for all
     */
    @Transactional(readOnly = true)
    public TraceWindow window(UUID id, List<Integer> wanted, double fromS, double toS, int px) {
        Recording r = withSamples(id);
        List<Integer> channels = wanted.isEmpty()
                ? IntStream.range(0, Math.min(MOST_CHANNELS, r.channels().size()))
                        .boxed()
                        .toList()
                : wanted.stream().distinct().toList();
        if (channels.size() > MOST_CHANNELS || (long) channels.size() * px > MOST_POINTS) {
            throw Problem.invalid(
                    "channels",
                    "At most %d channels can be drawn at once, and %d points of all together."
                            .formatted(MOST_CHANNELS, MOST_POINTS));
        }
        if (channels.stream().anyMatch(c -> c < 0 || c >= r.channels().size())) {
            throw Problem.invalid(
                    "channels",
                    "The recording has channels 0 to %d.".formatted(r.channels().size() - 1));
        }
        if (!(toS > fromS) || px < 1 || px > 10_000) {
            throw Problem.invalid("to", "A window needs an end after its start, and a width of 1 to 10,000 pixels.");
        }
        Columns newest = r.isLive() ? newest(r) : new Columns(1);
        if (r.rowCount() + newest.rows() == 0) {
            throw Problem.invalid("from", "The recording has just begun; nothing of it can be drawn yet.");
        }
        WindowReader reader = new WindowReader(blocks, id, r.blockStarts(), r.rowCount(), r.durationS());
        if (newest.rows() > 0) {
            reader = reader.withNewest(newest);
        }
        return reader.read(channels(r), channels, fromS, toS, px);
    }
}
