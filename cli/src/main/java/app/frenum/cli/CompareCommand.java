package app.frenum.cli;

import app.frenum.cli.FrenumCli.BadRequest;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.compare.Margin;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.Driven;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.Fitted;
import app.frenum.core.series.LikeStops;
import app.frenum.core.series.StopByLogger;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.BadInput;
import app.frenum.formats.sheet.SheetStops;
import app.frenum.formats.sheet.StopSheet;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.formats.words.Wording;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code frenum compare}: configurations of a stop sheet, or logs, against a baseline. */
@Command(
        name = "compare",
        mixinStandardHelpOptions = true,
        description =
                "Compares brake configurations: --baseline NAME SHEET.csv, or --baseline A.csv… --candidate B.csv….")
final class CompareCommand implements Callable<Integer> {
    private static final Wording WORDS = Wording.in(UnitSystem.METRIC);

    @Spec
    private CommandSpec spec;

    @Option(
            names = "--baseline",
            required = true,
            arity = "1..*",
            description = "name of a configuration in the sheet, or log files")
    private List<String> baseline = new ArrayList<>();

    @Option(names = "--candidate", arity = "1..*", description = "log files, each a candidate")
    private List<Path> candidates = new ArrayList<>();

    @Parameters(arity = "0..1", paramLabel = "SHEET", description = "stop sheet CSV")
    private Path sheet;

    @Option(names = "--nominal", paramLabel = "SPEED", description = "nominal speed, such as \"90 km/h\"")
    private String nominal;

    @Option(
            names = "--margin",
            paramLabel = "MARGIN",
            description = "what is worth having: \"1 m\", or \"2 %%\" of the baseline (default)")
    private String margin;

    @Option(
            names = "--basis",
            defaultValue = "onset",
            description = "for logs, where distance counts from: ${COMPLETION-CANDIDATES}")
    private AnalyseCommand.Basis basis;

    @Option(
            names = "--keep-doubles",
            description = "count rows that repeat another, or its stop number; each was driven")
    private boolean keepDoubles;

    @Option(names = "--json", description = "JSON even to a terminal")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Optional<Quantity> speed = Inputs.quantity("--nominal", nominal, Dimension.SPEED);
        PrintWriter out = spec.commandLine().getOut();
        if (candidates.isEmpty()) {
            answer(out, sheetGroups(speed));
        } else {
            answer(out, List.of(logGroup(speed)));
        }
        out.flush();
        return FrenumCli.DONE;
    }

    private void answer(PrintWriter out, List<ComparedGroup> groups) {
        if (json || !FrenumCli.isTerminal()) {
            out.println(FrenumCli.json(ComparisonJson.of(groups)));
        } else {
            groups.forEach(g -> print(out, g));
        }
    }

    private static void print(PrintWriter out, ComparedGroup group) {
        group.name().ifPresent(out::println);
        for (int i = 0; i < group.comparisons().size(); i++) {
            Comparison c = group.comparisons().get(i);
            print(out, c);
            Conclusion conclusion = Conclusion.of(
                    c,
                    quoted(c.baseline()),
                    quoted(c.candidate()),
                    group.sides().get(0),
                    group.sides().get(i + 1));
            out.println("  " + WORDS.text(conclusion.sentence()));
            out.println("  " + WORDS.text(conclusion.howSure()) + ": " + WORDS.text(conclusion.range()));
            out.println("  " + WORDS.text(conclusion.next()));
        }
    }

    /** What is alike in the sheet, group by group; in each the baseline first. */
    private List<ComparedGroup> sheetGroups(Optional<Quantity> speed) throws IOException, BadRequest {
        // "--baseline NAME SHEET.csv": the option takes all words it can get, so the last one is the sheet.
        if (sheet == null && baseline.size() == 2) {
            sheet = Path.of(baseline.remove(1));
        }
        if (sheet == null) {
            throw new BadRequest("name a stop sheet, or logs with --candidate");
        }
        Inputs.requireReadable(sheet);
        StopSheet stops;
        try {
            stops = StopSheetReader.read(sheet);
        } catch (BadInput e) {
            throw new BadRequest("%s: %s".formatted(sheet, e.getMessage()));
        }
        if (!stops.leftOut().isEmpty()) {
            warn("Columns not recognised and not read: " + String.join(", ", stops.leftOut()));
        }
        warnOfOtherSpeeds(stops, speed);
        SheetReview review = SheetReview.of(stops, speed, keepDoubles);
        review.remarks().forEach(this::warn);
        List<DrivenStop> driven = SheetStops.of(review.sheet(), speed);
        SheetReview.notCounted(driven).forEach(this::warn);
        List<LikeStops> groups = LikeStops.toCompare(driven);
        String name = baseline.get(0);
        List<String> configurations = groups.stream()
                .flatMap(g -> g.configurations().stream())
                .distinct()
                .toList();
        if (!configurations.contains(name)) {
            throw new BadRequest("%s has no configuration called \"%s\"; it has: %s"
                    .formatted(sheet, name, String.join(", ", configurations)));
        }
        if (configurations.size() < 2) {
            throw new BadRequest("%s holds only the baseline; there is nothing to compare it with".formatted(sheet));
        }
        List<ComparedGroup> compared = new ArrayList<>();
        for (LikeStops group : groups) {
            compared.add(ComparedGroup.ofSheet(group, name, groups.size() > 1, this::margin));
        }
        return compared;
    }

    private void warn(String remark) {
        spec.commandLine().getErr().println("frenum: " + remark);
    }

    private void warnOfOtherSpeeds(StopSheet stops, Optional<Quantity> speed) {
        boolean other = speed.isPresent()
                && stops.stops().stream()
                        .flatMap(s -> s.nominalSpeed().stream())
                        .anyMatch(q -> Math.abs(q.inside() / speed.get().inside() - 1) > 0.005);
        if (other) {
            warn("Rows with a nominal speed of their own keep it; --nominal applies to the others.");
        }
    }

    /** The baseline's logs, each a block, and every candidate's one. */
    private ComparedGroup logGroup(Optional<Quantity> speed) throws IOException, BadRequest {
        AnalysisOptions options = Inputs.options(speed, basis.distanceBasis());
        List<DrivenStop> all = new ArrayList<>();
        Map<String, Fitted> configurations = new LinkedHashMap<>();
        configurations.put("baseline", fitted(Path.of(baseline.get(0))));
        for (int block = 1; block <= baseline.size(); block++) {
            all.addAll(logged(Path.of(baseline.get(block - 1)), "baseline", block, options));
        }
        for (int i = 0; i < candidates.size(); i++) {
            String key = "candidate " + i;
            configurations.put(key, fitted(candidates.get(i)));
            all.addAll(logged(candidates.get(i), key, 1, options));
        }
        List<LikeStops> groups = LikeStops.toCompare(all);
        LikeStops alike = groups.isEmpty() ? LikeStops.none(options.basis(), options.nominalSpeed()) : groups.get(0);
        return ComparedGroup.of(alike, configurations, false, this::margin);
    }

    private static Fitted fitted(Path log) {
        return Fitted.named(log.getFileName().toString());
    }

    private static List<DrivenStop> logged(Path file, String configuration, int block, AnalysisOptions options)
            throws IOException, BadRequest {
        List<MeasuredStop> measured = Inputs.analyse(file, options).analysis().stops();
        return IntStream.range(0, measured.size())
                .<DrivenStop>mapToObj(i -> new StopByLogger(
                        Driven.bare(i + 1, configuration, block, options.nominalSpeed()),
                        new UUID(0, block),
                        measured.get(i)))
                .toList();
    }

    private Margin margin(DistanceBasis of) throws BadRequest {
        if (margin == null) {
            return Margin.DEFAULT;
        }
        if (margin.strip().endsWith("%")) {
            return new Margin(
                    Inputs.quantity("--margin", margin, Dimension.RATIO)
                            .orElseThrow()
                            .inside(),
                    true);
        }
        Dimension dimension = of == DistanceBasis.TIME_ONLY ? Dimension.DECELERATION : Dimension.LENGTH;
        return new Margin(
                Inputs.quantity("--margin", margin, dimension).orElseThrow().inside(), false);
    }

    /** A name may read like a part of the sentence. */
    private static String quoted(String name) {
        return "“" + name + "”";
    }

    private static void print(PrintWriter out, Comparison c) {
        out.printf("%s against %s: %s, %s%n", c.candidate(), c.baseline(), c.verdict(), c.howSure());
        c.checks()
                .forEach(k -> out.printf(
                        "  %-8s %s: %s%n", k.level(), WORDS.text(Finding.of(k.code())), WORDS.text(k.evidence())));
    }
}
