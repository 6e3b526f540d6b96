package app.frenum.cli;

import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.MeasuredStop;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code frenum analyse}: the stops of one or more logs. */
@Command(
        name = "analyse",
        mixinStandardHelpOptions = true,
        description =
                "Finds and measures the stops in log CSV files. Prints JSON; to a terminal, a table unless --json is given.")
final class AnalyseCommand implements Callable<Integer> {
    /** Where distance is counted from, as people type it. */
    enum Basis {
        onset(DistanceBasis.ONSET_TO_REST),
        window(DistanceBasis.SPEED_WINDOW);

        private final DistanceBasis basis;

        Basis(DistanceBasis basis) {
            this.basis = basis;
        }

        DistanceBasis distanceBasis() {
            return basis;
        }
    }

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "LOG", description = "log CSV files")
    private List<Path> files;

    @Option(names = "--nominal", paramLabel = "SPEED", description = "nominal speed, such as \"90 km/h\"")
    private String nominal;

    @Option(
            names = "--basis",
            defaultValue = "onset",
            description = "where distance counts from: ${COMPLETION-CANDIDATES}")
    private Basis basis;

    @Option(names = "--json", description = "JSON even to a terminal")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        AnalysisOptions options =
                Inputs.options(Inputs.quantity("--nominal", nominal, Dimension.SPEED), basis.distanceBasis());
        List<Analysed> all = new ArrayList<>();
        for (Path file : files) {
            all.add(Inputs.analyse(file, options));
        }
        PrintWriter out = spec.commandLine().getOut();
        if (json || !FrenumCli.isTerminal()) {
            Object one = all.get(0).json();
            out.println(FrenumCli.json(
                    all.size() == 1 ? one : all.stream().map(Analysed::json).toList()));
        } else {
            for (int i = 0; i < all.size(); i++) {
                print(out, files.get(i), all.get(i));
            }
        }
        out.flush();
        return FrenumCli.DONE;
    }

    private static void print(PrintWriter out, Path file, Analysed analysed) {
        out.println(file.getFileName());
        out.printf(
                "%4s %-5s %9s %12s %11s %14s  %s%n",
                "stop", "kind", "onset, s", "entry, km/h", "distance, m", "plateau, m/s²", "flags");
        int i = 1;
        for (MeasuredStop s : analysed.analysis().stops()) {
            out.printf(
                    "%4d %-5s %9.2f %12s %11s %14s  %s%n",
                    i++,
                    s.kind(),
                    s.onsetS(),
                    text(s.entrySpeed().map(v -> v * 3.6), 1),
                    text(s.distance(), 2),
                    text(s.mfdd(), 2),
                    String.join(
                            " ", s.flags().stream().map(f -> f.code().name()).toList()));
        }
    }

    private static String text(Figure figure, int decimals) {
        return figure.isKnown() ? String.format(Locale.ROOT, "%." + decimals + "f", figure.value()) : "-";
    }
}
