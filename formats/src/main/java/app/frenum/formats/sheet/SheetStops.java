package app.frenum.formats.sheet;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.Driven;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.StopKind;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/** The stops that a sheet by itself tells of, where nothing else is known of their test. */
public final class SheetStops {
    private SheetStops() {}

    /** In the order of the rows; each series of a configuration is a block, and each return to it another. */
    public static List<DrivenStop> of(StopSheet sheet, Optional<Quantity> nominalOtherwise) {
        Map<Long, Integer> order = orderOfDriving(sheet.stops());
        List<Integer> blocks = SheetBlocks.none().of(sheet.stops());
        return IntStream.range(0, sheet.stops().size())
                .mapToObj(i -> {
                    SheetStop row = sheet.stops().get(i);
                    int place = Objects.requireNonNull(order.get(row.line()));
                    return stop(row, i + 1, blocks.get(i), place, nominalOtherwise);
                })
                .toList();
    }

    private static DrivenStop stop(
            SheetStop row, int place, int block, int order, Optional<Quantity> nominalOtherwise) {
        HandEntry entry = row.entry();
        Driven driven = new Driven(
                new UUID(0, row.line()),
                row.stop().orElse(place),
                row.configuration(),
                block,
                order,
                row.nominalSpeed()
                        .or(() -> nominalOtherwise)
                        .map(q -> Figure.of(q.inside()))
                        .orElse(Figure.unknown("no nominal speed was given")),
                row.phase(),
                entry.surroundings(),
                entry.pedal(),
                entry.effort(),
                row.struckOut() ? row.reason().or(() -> Optional.of("struck out on the sheet")) : Optional.empty());
        return entry.stop(driven, StopKind.STOP, 0);
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
}
