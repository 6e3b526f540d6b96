package app.frenum.cli;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.DrivenStop;
import app.frenum.formats.sheet.SheetDoubles;
import app.frenum.formats.sheet.SheetNames;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.SheetUnits;
import app.frenum.formats.sheet.StopSheet;
import app.frenum.formats.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A stop sheet as it counts where nobody can be asked, and what a person ought to know of that.
 *
 * @param sheet with doubles taken once and names spelled alike
 * @param remarks sentences for people
 */
record SheetReview(StopSheet sheet, List<String> remarks) {
    private static final Wording WORDS = Wording.in(UnitSystem.METRIC);

    static SheetReview of(StopSheet sheet, Optional<Quantity> nominal, boolean keepDoubles) {
        List<String> remarks = new ArrayList<>();
        if (!sheet.summaries().isEmpty()) {
            remarks.add("Summary rows skipped: " + String.join(", ", sheet.summaries()));
        }
        SheetUnits.suspicion(sheet.stops(), nominal).ifPresent(remarks::add);
        List<SheetStop> named = named(sheet.stops(), remarks);
        List<SheetStop> counted = keepDoubles ? named : once(named, remarks);
        return new SheetReview(new StopSheet(counted, sheet.leftOut(), sheet.summaries()), remarks);
    }

    private static List<SheetStop> named(List<SheetStop> stops, List<String> remarks) {
        Map<String, String> other = SheetNames.respelled(
                stops.stream().map(SheetStop::configuration).toList());
        other.forEach((name, first) -> remarks.add(
                "Configuration \"%s\" taken for \"%s\". Rename one of them if they differ.".formatted(name, first)));
        return stops.stream()
                .map(s -> s.of(other.getOrDefault(s.configuration(), s.configuration())))
                .toList();
    }

    private static List<SheetStop> once(List<SheetStop> stops, List<String> remarks) {
        List<Optional<SheetDoubles.Repeat>> doubles = SheetDoubles.of(stops);
        List<SheetStop> counted = new ArrayList<>();
        for (int i = 0; i < stops.size(); i++) {
            SheetStop stop = stops.get(i);
            if (doubles.get(i).isEmpty()) {
                counted.add(stop);
                continue;
            }
            SheetDoubles.Repeat twice = doubles.get(i).get();
            remarks.add("Row %d %s row %d and was not counted. Use --keep-doubles if both were driven."
                    .formatted(
                            stop.line(),
                            twice.isEqual() ? "repeats" : "has the stop number of",
                            stops.get(twice.earlier()).line()));
        }
        return counted;
    }

    /** Why stops do not count, by configuration. */
    static List<String> notCounted(List<DrivenStop> stops) {
        Map<String, Long> reasons = stops.stream()
                .filter(s -> s.whyRepeat().isPresent() && !s.isStruckOut())
                .collect(Collectors.groupingBy(
                        s -> s.driven().configuration() + ": "
                                + WORDS.text(s.whyRepeat().orElseThrow()),
                        TreeMap::new,
                        Collectors.counting()));
        return reasons.entrySet().stream()
                .map(e -> "%d stop%s not counted, %s".formatted(e.getValue(), e.getValue() == 1 ? "" : "s", e.getKey()))
                .toList();
    }
}
