package app.frenum.server.intake;

import app.frenum.core.finding.Finding;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.SampleBlock;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.EntryDoubts;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.formats.BadInput;
import app.frenum.formats.log.Column;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.sheet.StopSheet;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.server.analysis.StopOptions;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.intake.ImportPreview.AlreadyIn;
import app.frenum.server.intake.ImportPreview.ColumnView;
import app.frenum.server.intake.ImportPreview.LogPreview;
import app.frenum.server.intake.ImportPreview.SheetPreview;
import app.frenum.server.intake.StagedImport.Kind;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is in a staged file, before anything of it is kept. */
@Component
class Previews {
    private static final int PREVIEW_POINTS = 1200;

    private final StagedImportRepository staged;
    private final UploadFolder folder;
    private final RememberedRoles roles;
    private final Reading reading;
    private final TestService tests;
    private final StopReader reader;
    private final RecordingService recordings;

    Previews(
            StagedImportRepository staged,
            UploadFolder folder,
            RememberedRoles roles,
            Reading reading,
            TestService tests,
            StopReader reader,
            RecordingService recordings) {
        this.staged = staged;
        this.folder = folder;
        this.roles = roles;
        this.reading = reading;
        this.tests = tests;
        this.reader = reader;
        this.recordings = recordings;
    }

    /**
     * What is in a staged file.
     *
     * @param testId the test whose nominal speed and basis the stops are measured with; null for neither
     * @param whileReading told now and then how many rows were read; may end the reading by an exception
     */
    ImportPreview of(UUID id, @Nullable UUID testId, LongConsumer whileReading) throws IOException, BadInput {
        StagedImport s = staged.findById(id).orElseThrow(() -> Problem.notFound("The file"));
        AnalysisOptions options = testId == null
                ? AnalysisOptions.onset(AnalysisOptions.noNominal())
                : StopOptions.of(tests.test(testId));
        AlreadyIn already = recordings
                .withBytes(s.file().sha256())
                .map(r -> new AlreadyIn(
                        r.id(),
                        reader.testOfRecording(r.id()).orElse(null),
                        r.file().name()))
                .orElse(null);
        if (s.kind() == Kind.LOG) {
            LogPreview log = logPreview(id, options, whileReading);
            Figure found = FoundSpeed.of(log.stops());
            return new ImportPreview(id, s.file(), s.kind(), found, doubt(found, testId), already, log, null);
        }
        SheetPreview sheet = sheetPreview(id);
        Figure found = FoundSpeed.ofSheet(sheet.stops());
        return new ImportPreview(id, s.file(), s.kind(), found, doubt(found, testId), null, null, sheet);
    }

    private @Nullable Finding doubt(Figure foundMps, @Nullable UUID testId) {
        return testId == null
                ? null
                : EntryDoubts.ofAnotherTest(
                                foundMps, tests.test(testId).nominalSpeed().inside())
                        .orElse(null);
    }

    private LogPreview logPreview(UUID id, AnalysisOptions options, LongConsumer whileReading)
            throws IOException, BadInput {
        boolean remembered = !roles.of(id).isEmpty();
        try (LogFile log = reading.read(id, whileReading)) {
            LogAnalysis analysed = analysis(log, options);
            return new LogPreview(
                    log.log().rows(),
                    log.log().durationS(),
                    HealthCheck.rateHz(log.log()),
                    log.header().columns().stream().map(Previews::column).toList(),
                    remembered,
                    analysed.health(),
                    analysed.stops(),
                    speed(log.log()));
        }
    }

    private SheetPreview sheetPreview(UUID id) throws IOException, BadInput {
        StopSheet sheet = StopSheetReader.read(folder.path(id));
        return new SheetPreview(sheet.stops(), sheet.leftOut());
    }

    private static ColumnView column(Column c) {
        List<Role> possible = Arrays.stream(Role.values())
                .filter(r -> r.dimension().isEmpty()
                        || r.dimension().get() == c.unit().dimension())
                .toList();
        return new ColumnView(c.index(), c.name(), c.unit().symbol(), c.role(), possible);
    }

    /** Every so many rows of speed; enough for a strip on a screen. */
    private static double[][] speed(Log log) {
        Optional<Integer> channel = log.channel(Role.SPEED);
        if (channel.isEmpty()) {
            return new double[0][];
        }
        int every = Math.max(1, log.rows() / PREVIEW_POINTS);
        List<double[]> points = new ArrayList<>();
        for (int from = 0; from < log.rows(); from += SampleBlock.ROWS) {
            int to = Math.min(log.rows(), from + SampleBlock.ROWS);
            double[] t = log.times(from, to);
            double[] v = log.values(channel.get(), from, to);
            for (int i = (every - from % every) % every; i < t.length; i += every) {
                if (!Double.isNaN(v[i])) {
                    points.add(new double[] {t[i], Math.round(v[i] * 100) / 100.0});
                }
            }
        }
        return points.toArray(double[][]::new);
    }

    private static LogAnalysis analysis(LogFile log, AnalysisOptions options) throws BadInput {
        try {
            return LogAnalysis.of(log.log(), log.health(), options);
        } catch (IllegalArgumentException e) {
            throw BadInput.inFile(String.valueOf(e.getMessage()));
        }
    }
}
