package app.frenum.formats.sheet;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Side;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The configurations of a sheet as sides of a comparison, in the order in which they first appear. */
public final class SheetSides {
    private SheetSides() {}

    public static List<Side> of(StopSheet sheet, Optional<Quantity> nominalOverride) {
        Map<String, List<SheetStop>> byName = new LinkedHashMap<>();
        sheet.stops()
                .forEach(s -> byName.computeIfAbsent(s.configuration(), k -> new ArrayList<>())
                        .add(s));
        return byName.entrySet().stream()
                .map(e -> side(e.getKey(), e.getValue(), nominalOverride))
                .toList();
    }

    private static Side side(String configuration, List<SheetStop> stops, Optional<Quantity> nominalOverride) {
        List<String> blocks = stops.stream().map(SheetStop::series).distinct().toList();
        return new Side(
                configuration,
                stops.get(0).basis(),
                nominal(stops, nominalOverride),
                Figure.unknown("the grade of the lane is not known"),
                Map.of(),
                Set.of(),
                stops.stream()
                        .map(s -> compared(s, nominalOverride, blocks.indexOf(s.series()) + 1))
                        .toList());
    }

    private static Figure nominal(List<SheetStop> stops, Optional<Quantity> nominalOverride) {
        return SheetStop.figure(
                nominalOverride.or(() -> stops.stream()
                        .map(SheetStop::nominalSpeed)
                        .flatMap(Optional::stream)
                        .findFirst()),
                "no nominal speed was given");
    }

    private static ComparedStop compared(SheetStop s, Optional<Quantity> nominalOverride, int block) {
        HandMeasurement m = s.measurement(nominalOverride);
        return new ComparedStop(
                m.value(),
                m.readingUncertainty(),
                m.entrySpeed(),
                Figure.unknown("a hand-measured stop has no MFDD"),
                Figure.unknown("no pressure was logged"),
                frontMean(s.startTemperatures()),
                SheetStop.figure(s.ambient(), "ambient was not recorded"),
                SheetStop.figure(s.tyrePressureFront(), "tyre pressure was not recorded"),
                s.struckOut() ? Status.STRUCK_OUT : m.isEntrySpeedOut() ? Status.REPEAT : Status.COUNTS,
                new Circumstances(
                        Optional.of("mark"),
                        s.instrument(),
                        s.load(),
                        s.surface(),
                        s.date(),
                        s.driver(),
                        s.direction(),
                        block,
                        false));
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
