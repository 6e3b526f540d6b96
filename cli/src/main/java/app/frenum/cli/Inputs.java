package app.frenum.cli;

import app.frenum.cli.FrenumCli.BadRequest;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.formats.BadInput;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.log.LogReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;

/** What people put on the command line, read and checked. */
final class Inputs {
    private Inputs() {}

    static Optional<Quantity> quantity(String option, String text, Dimension dimension) throws BadRequest {
        if (text == null) {
            return Optional.empty();
        }
        try {
            Quantity q = Quantity.parse(text, dimension);
            if (!(q.inside() > 0)) {
                throw new BadRequest("%s must be above 0, not %s".formatted(option, text));
            }
            return Optional.of(q);
        } catch (IllegalArgumentException e) {
            throw new BadRequest("%s: %s".formatted(option, e.getMessage()));
        }
    }

    static AnalysisOptions options(Optional<Quantity> nominal, DistanceBasis basis) {
        return new AnalysisOptions(
                nominal.map(q -> Figure.of(q.inside())).orElse(AnalysisOptions.noNominal()),
                basis,
                AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
    }

    static void requireReadable(Path file) throws BadRequest {
        if (!Files.isRegularFile(file) || !Files.isReadable(file)) {
            throw new BadRequest("%s: there is no such file, or it may not be read".formatted(file));
        }
    }

    /** Reads and analyses a log, naming the file in whatever goes wrong. */
    static Analysed analyse(Path file, AnalysisOptions options) throws IOException, BadRequest {
        requireReadable(file);
        try (LogFile log = LogReader.read(file, Map.of(), rows -> {})) {
            LogAnalysis analysis = LogAnalysis.of(log.log(), log.health(), options);
            if (analysis.stops().isEmpty()) {
                throw new BadRequest(
                        ("%s: there are no stops in it: nothing slows from 5 m/s or more by 2 m/s² for 0.4 s. "
                                        + "Check that the speed column has the right unit.")
                                .formatted(file));
            }
            return Analysed.of(file, log, analysis);
        } catch (BadInput | IllegalArgumentException e) {
            throw new BadRequest("%s: %s".formatted(file, e.getMessage()));
        } catch (NoSuchFileException e) {
            throw new BadRequest("%s: there is no such file".formatted(file));
        }
    }
}
