package app.frenum.formats.sheet;

import app.frenum.core.compare.Alike;
import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Resolution;
import app.frenum.core.compare.Side;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The stops of a sheet in groups of what is alike: one nominal speed, one phase, one load. Every mean, difference and verdict
 * is of one group; a mixture is never averaged.
 */
public final class SheetSides {
    private SheetSides() {}

    /**
     * Stops that may be compared with each other.
     *
     * @param nominalSpeed m/s
     * @param phase of the procedure; empty where none was written
     * @param load empty where none was written
     * @param sides the configurations that have such stops, in the order in which they first appear
     */
    public record Group(Figure nominalSpeed, Optional<String> phase, Optional<String> load, List<Side> sides) {}

    /**
     * The groups of a sheet, in the order in which they first appear. Where each configuration has one only, and these
     * differ, they are one group all the same: its comparisons say what blocks them.
     */
    public static List<Group> groups(StopSheet sheet, Optional<Quantity> nominalOtherwise) {
        Map<Long, Integer> order = orderOfDriving(sheet.stops());
        List<List<SheetStop>> groups =
                Alike.groups(sheet.stops(), SheetStop::configuration, s -> alike(s, nominalOtherwise));
        return groups.stream()
                .map(stops -> group(stops, nominalOtherwise, order))
                .toList();
    }

    private static Alike alike(SheetStop s, Optional<Quantity> nominalOtherwise) {
        double nominal = s.nominalSpeed()
                .or(() -> nominalOtherwise)
                .map(Quantity::inside)
                .orElse(0.0);
        return Alike.of(nominal, s.phase(), s.load());
    }

    private static Map<String, List<SheetStop>> byConfiguration(List<SheetStop> stops) {
        Map<String, List<SheetStop>> byName = new LinkedHashMap<>();
        stops.forEach(s -> byName.computeIfAbsent(s.configuration(), k -> new ArrayList<>())
                .add(s));
        return byName;
    }

    /** By line of the file: people write rows as they drive; days come before that. */
    private static Map<Long, Integer> orderOfDriving(List<SheetStop> stops) {
        List<SheetStop> sorted = stops.stream()
                .sorted(Comparator.comparing((SheetStop s) -> s.date().orElse("")))
                .toList();
        Map<Long, Integer> order = new HashMap<>();
        for (int i = 0; i < sorted.size(); i++) {
            order.put(sorted.get(i).line(), i + 1);
        }
        return order;
    }

    private static Group group(List<SheetStop> stops, Optional<Quantity> nominalOtherwise, Map<Long, Integer> order) {
        List<Side> sides = byConfiguration(stops).entrySet().stream()
                .map(e -> side(e.getKey(), e.getValue(), nominalOtherwise, order))
                .toList();
        SheetStop first = stops.get(0);
        return new Group(sides.get(0).nominalSpeed(), first.phase(), first.load(), sides);
    }

    private static Side side(
            String configuration,
            List<SheetStop> stops,
            Optional<Quantity> nominalOtherwise,
            Map<Long, Integer> order) {
        List<String> blocks = stops.stream().map(SheetStop::series).distinct().toList();
        Figure nominal =
                SheetStop.figure(stops.get(0).nominalSpeed().or(() -> nominalOtherwise), "no nominal speed was given");
        return new Side(
                configuration,
                stops.get(0).basis(),
                nominal,
                Figure.unknown("the grade of the lane is not known"),
                Map.of(),
                Set.of(),
                resolution(stops, nominal),
                stops.stream()
                        .map(s -> compared(s, nominalOtherwise, blocks.indexOf(s.series()) + 1, order.get(s.line())))
                        .toList());
    }

    private static double resolution(List<SheetStop> stops, Figure nominal) {
        if (stops.get(0).basis() != DistanceBasis.TIME_ONLY) {
            return Resolution.of(stops.stream()
                    .map(SheetStop::distance)
                    .flatMap(Optional::stream)
                    .toList());
        }
        List<Quantity> times =
                stops.stream().map(SheetStop::time).flatMap(Optional::stream).toList();
        double mean = times.stream().mapToDouble(Quantity::inside).average().orElse(1);
        return nominal.orElse(0) / (mean * mean) * Resolution.of(times);
    }

    private static ComparedStop compared(SheetStop s, Optional<Quantity> nominalOtherwise, int block, int order) {
        HandMeasurement m = s.measurement(nominalOtherwise);
        boolean repeat = m.isEntrySpeedOut() || m.isImplausible();
        return new ComparedStop(
                m.value(),
                m.readingUncertainty(),
                m.entrySpeed(),
                Figure.unknown("a hand-measured stop has no MFDD"),
                Figure.unknown("no pressure was logged"),
                frontMean(s.startTemperatures()),
                SheetStop.figure(s.ambient(), "ambient was not recorded"),
                SheetStop.figure(s.tyrePressureFront(), "tyre pressure was not recorded"),
                s.struckOut() ? Status.STRUCK_OUT : repeat ? Status.REPEAT : Status.COUNTS,
                Set.of(),
                new Circumstances(
                        Optional.of("mark"),
                        s.instrument(),
                        s.load(),
                        s.surface(),
                        s.date(),
                        s.driver(),
                        s.direction(),
                        block,
                        false,
                        order,
                        s.phase()));
    }

    private static Figure frontMean(Map<WheelPosition, Quantity> temperatures) {
        return temperatures.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .mapToDouble(e -> e.getValue().inside())
                .average()
                .stream()
                .mapToObj(Figure::of)
                .findFirst()
                .orElse(Figure.unknown("start temperature was not recorded"));
    }
}
