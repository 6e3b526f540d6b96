package app.frenum.server.intake;

import app.frenum.core.log.Log;
import app.frenum.core.people.Who;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.BadInput;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.server.analysis.StopOptions;
import app.frenum.server.analysis.StopService;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.intake.StagedImport.Kind;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.recording.StoredFile;
import app.frenum.server.sheet.SheetKeeper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Stores a staged file in a test: all of it, or nothing. */
@Component
class Saver {
    private final StagedImportRepository staged;
    private final UploadFolder folder;
    private final Reading reading;
    private final GarageService garage;
    private final TestService tests;
    private final StopService stops;
    private final RecordingService recordings;
    private final SheetKeeper sheets;

    Saver(
            StagedImportRepository staged,
            UploadFolder folder,
            Reading reading,
            GarageService garage,
            TestService tests,
            StopService stops,
            RecordingService recordings,
            SheetKeeper sheets) {
        this.staged = staged;
        this.folder = folder;
        this.reading = reading;
        this.garage = garage;
        this.tests = tests;
        this.stops = stops;
        this.recordings = recordings;
        this.sheets = sheets;
    }

    /** Stores an import, all of it or nothing. Asked again, it answers as before. */
    @Transactional(rollbackFor = Exception.class)
    Saved save(UUID id, Who who, SaveRequest request) throws IOException, BadInput {
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
        try (LogFile log = reading.read(id, rows -> {})) {
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
        List<UUID> ids = rows.stream().map(r -> UUID.randomUUID()).toList();
        sheets.keep(test, rows, ids, request.conditions(), name -> changed(name, request), who);
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
}
