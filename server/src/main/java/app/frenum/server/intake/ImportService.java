package app.frenum.server.intake;

import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.SampleBlock;
import app.frenum.core.people.Who;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.BadInput;
import app.frenum.formats.log.Column;
import app.frenum.formats.log.LogCsvReader;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.log.LogHeader;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.StopSheet;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.server.Raced;
import app.frenum.server.analysis.StopOptions;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopService;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.intake.ImportPreview.AlreadyIn;
import app.frenum.server.intake.ImportPreview.ColumnView;
import app.frenum.server.intake.ImportPreview.LogPreview;
import app.frenum.server.intake.ImportPreview.SheetPreview;
import app.frenum.server.intake.StagedImport.Kind;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.recording.StoredFile;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Brings files in: first a look at what was recognised, then one save that stores everything or nothing. */
@Service
@Raced
public class ImportService {
    private static final int PREVIEW_POINTS = 1200;

    private final Staging staging;
    private final StagedImportRepository staged;
    private final LoggerRolesRepository loggerRoles;
    private final UploadFolder folder;
    private final GarageService garage;
    private final TestService tests;
    private final StopService stops;
    private final StopReader reader;
    private final RecordingService recordings;
    private final JsonMapper json;
    private final Clock clock;
    private final Map<UUID, Long> rowsRead = new ConcurrentHashMap<>();

    ImportService(
            Staging staging,
            StagedImportRepository staged,
            LoggerRolesRepository loggerRoles,
            UploadFolder folder,
            GarageService garage,
            TestService tests,
            StopService stops,
            StopReader reader,
            RecordingService recordings,
            JsonMapper json,
            Clock clock) {
        this.staging = staging;
        this.staged = staged;
        this.loggerRoles = loggerRoles;
        this.folder = folder;
        this.garage = garage;
        this.tests = tests;
        this.stops = stops;
        this.reader = reader;
        this.recordings = recordings;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Takes a file in for a look; sent again it changes nothing. Refused files leave nothing behind.
     *
     * @return whether it was not here before
     */
    public boolean stage(UUID id, String fileName, InputStream content) throws IOException, BadInput {
        return staging.stage(id, fileName, content);
    }

    /** A file that is not wanted any more; one that was saved stays. */
    void forget(UUID id) throws IOException {
        staging.forget(id);
    }

    /** How many rows of a file have been read so far. */
    public long rowsRead(UUID id) {
        return rowsRead.getOrDefault(id, 0L);
    }

    /**
     * What is in a staged file.
     *
     * @param testId the test whose nominal speed and basis the stops are measured with; null for neither
     * @param whileReading told now and then how many rows were read; may end the reading by an exception
     */
    public ImportPreview preview(UUID id, @Nullable UUID testId, LongConsumer whileReading)
            throws IOException, BadInput {
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
        return s.kind() == Kind.LOG
                ? new ImportPreview(id, s.file(), s.kind(), already, logPreview(id, options, whileReading), null)
                : new ImportPreview(id, s.file(), s.kind(), null, null, sheetPreview(id));
    }

    private LogPreview logPreview(UUID id, AnalysisOptions options, LongConsumer whileReading)
            throws IOException, BadInput {
        boolean remembered = !rememberedRoles(id).isEmpty();
        try (LogFile log = read(id, whileReading)) {
            LogAnalysis analysed = analysis(log, options);
            return new LogPreview(
                    log.log().rows(),
                    log.log().durationS(),
                    HealthCheck.rateHz(log.log()),
                    log.header().columns().stream().map(ImportService::column).toList(),
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

    private LogFile read(UUID id, LongConsumer whileReading) throws IOException, BadInput {
        if (!folder.has(id)) {
            throw Problem.notFound("The file");
        }
        try {
            return LogCsvReader.read(folder.path(id), rememberedRoles(id), rows -> {
                rowsRead.put(id, rows);
                whileReading.accept(rows);
            });
        } finally {
            rowsRead.remove(id);
        }
    }

    private Map<Integer, Role> rememberedRoles(UUID id) throws IOException, BadInput {
        String fingerprint = LogHeader.read(folder.path(id), Map.of()).fingerprint();
        return loggerRoles
                .findById(fingerprint)
                .map(r -> json.readValue(r.roles(), new TypeReference<Map<Integer, Role>>() {}))
                .orElse(Map.of());
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

    /** Remembers which columns mean what for every file with this header. */
    @Transactional
    public void setRoles(UUID id, Map<Integer, Role> roles) throws IOException, BadInput {
        if (!folder.has(id)) {
            throw Problem.notFound("The file");
        }
        LogHeader header = LogHeader.read(folder.path(id), roles);
        long distinct =
                roles.values().stream().filter(r -> r != Role.EXTRA).distinct().count();
        if (distinct < roles.values().stream().filter(r -> r != Role.EXTRA).count()) {
            throw Problem.invalid("roles", "Two columns have the same role; each role belongs to one column.");
        }
        LoggerRoles row = loggerRoles
                .findById(header.fingerprint())
                .orElseGet(() -> new LoggerRoles(header.fingerprint(), clock.instant()));
        row.setRoles(json.writeValueAsString(roles), clock.instant());
        loggerRoles.save(row);
    }

    /** Stores an import, all of it or nothing. Asked again, it answers as before. */
    @Transactional(rollbackFor = Exception.class)
    public Saved save(UUID id, Who who, SaveRequest request) throws IOException, BadInput {
        StagedImport s = staged.locked(id).orElseThrow(() -> Problem.notFound("The file"));
        if (s.savedTestId() != null) {
            return new Saved(s.savedTestId());
        }
        if (request.newVehicle() != null) {
            garage.add(request.newVehicle().view());
        }
        if (request.newTest() != null) {
            tests.add(request.newTest());
        }
        TestDefinition test = tests.test(request.testId());
        s.savedTo(test.id());
        staged.flush();
        if (s.kind() == Kind.LOG) {
            saveLog(id, s.file(), test, request);
        } else {
            saveSheet(id, test, who, request);
        }
        return new Saved(test.id());
    }

    private void saveLog(UUID id, StoredFile file, TestDefinition test, SaveRequest request)
            throws IOException, BadInput {
        if (request.placements().isEmpty()) {
            throw Problem.invalid(
                    "placements", "No stop is chosen. Choose at least one, and the configuration it was driven with.");
        }
        try (LogFile log = read(id, rows -> {})) {
            // Reading the samples for the analysis and storing them take about as long: two cores do both at once.
            Log beside = log.spool().asLog();
            CompletableFuture<LogAnalysis> analysing =
                    CompletableFuture.supplyAsync(() -> LogAnalysis.of(beside, log.health(), StopOptions.of(test)));
            recordings.save(id, file, log);
            LogAnalysis analysis = joined(analysing);
            recordings.setFindings(id, analysis.calibration(), analysis.health());
            List<MeasuredStop> found = analysis.stops();
            request.placements().stream()
                    .filter(p -> p.stop() > found.size())
                    .findFirst()
                    .ifPresent(p -> {
                        throw Problem.invalid(
                                "placements", "There is no stop %d; the log has %d.".formatted(p.stop(), found.size()));
                    });
            Map<UUID, List<MeasuredStop>> bySeries = new LinkedHashMap<>();
            for (SaveRequest.Placement p : request.placements()) {
                SeriesView series = series(test, p.configuration(), p.changed(), p.block(), request.conditions());
                bySeries.computeIfAbsent(series.id(), k -> new ArrayList<>()).add(found.get(p.stop() - 1));
            }
            bySeries.forEach((series, own) -> stops.addLogged(series, id, analysis.calibration(), own));
        } catch (IllegalArgumentException e) {
            throw BadInput.inFile(String.valueOf(e.getMessage()));
        }
    }

    private static LogAnalysis joined(CompletableFuture<LogAnalysis> analysing) {
        try {
            return analysing.join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : e;
        }
    }

    private void saveSheet(UUID id, TestDefinition test, Who who, SaveRequest request) throws IOException, BadInput {
        List<SheetStop> rows = StopSheetReader.read(folder.path(id)).stops();
        Map<String, Map<String, List<SheetStop>>> byConfiguration = rows.stream()
                .collect(Collectors.groupingBy(
                        SheetStop::configuration,
                        LinkedHashMap::new,
                        Collectors.groupingBy(SheetStop::series, LinkedHashMap::new, Collectors.toList())));
        byConfiguration.forEach((configuration, blocks) -> {
            int block = 0;
            for (List<SheetStop> own : blocks.values()) {
                List<String> changed = changed(configuration, request);
                SeriesView series = series(test, configuration, changed, ++block, request.conditions());
                stops.addByHand(series.id(), own, who);
            }
        });
    }

    /** What the person said is changed in a configuration of the sheet, if anything. */
    private static List<String> changed(String configuration, SaveRequest request) {
        return request.placements().stream()
                .filter(p -> p.configuration().equals(configuration))
                .map(SaveRequest.Placement::changed)
                .findFirst()
                .orElse(List.of());
    }

    private SeriesView series(
            TestDefinition test, String configuration, List<String> changed, int block, Conditions conditions) {
        ConfigurationView c = garage.add(
                ConfigurationView.named(UUID.randomUUID(), test.vehicleId(), configuration.strip(), changed));
        return tests.seriesFor(test.id(), c.id(), block, conditions);
    }

    private static LogAnalysis analysis(LogFile log, AnalysisOptions options) throws BadInput {
        try {
            return LogAnalysis.of(log.log(), log.health(), options);
        } catch (IllegalArgumentException e) {
            throw BadInput.inFile(String.valueOf(e.getMessage()));
        }
    }
}
