package app.frenum.server.intake;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.statistics.Summary;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.sheet.SheetStop;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.DoubleStream;

/** At what speed stops of a file begin, to be offered as their test's. */
final class FoundSpeed {
    private FoundSpeed() {}

    /** The middle of the entry speeds, m/s. */
    static Figure of(List<MeasuredStop> stops) {
        return middle(stops.stream()
                .filter(s -> s.kind() == StopKind.STOP && s.entrySpeed().isKnown())
                .mapToDouble(s -> s.entrySpeed().value()));
    }

    /** As the sheet's own column of nominal speeds says, else the middle of the entry speeds, m/s. */
    static Figure ofSheet(List<SheetStop> stops) {
        Figure said = middle(known(stops, SheetStop::nominalSpeed));
        return said.isKnown() ? said : middle(known(stops, SheetStop::entrySpeed));
    }

    private static DoubleStream known(List<SheetStop> stops, Function<SheetStop, Optional<Quantity>> which) {
        return stops.stream().flatMap(s -> which.apply(s).stream()).mapToDouble(Quantity::inside);
    }

    private static Figure middle(DoubleStream speeds) {
        double[] all = speeds.toArray();
        return all.length == 0
                ? Figure.unknown("no stop in it says its speed")
                : Summary.of(all).median();
    }
}
