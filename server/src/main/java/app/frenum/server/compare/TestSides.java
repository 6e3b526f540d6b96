package app.frenum.server.compare;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.LoggedStops;
import app.frenum.core.compare.Side;
import app.frenum.core.garage.Difference;
import app.frenum.core.garage.Slot;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.StopView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Makes sides of a comparison from what a test holds. */
final class TestSides {
    private final TestDefinition test;
    private final Map<String, SeriesView> seriesById;

    TestSides(TestDefinition test, List<SeriesView> series) {
        this.test = test;
        this.seriesById = series.stream().collect(Collectors.toMap(s -> s.id().toString(), Function.identity()));
    }

    /**
     * @param baseline what the configuration is compared with, to tell what changed
     * @param includeStruckOut count struck-out stops as if nobody had taken them out
     */
    Side side(
            ConfigurationView configuration,
            ConfigurationView baseline,
            List<StopView> stops,
            boolean includeStruckOut) {
        Set<String> changed = new TreeSet<>(configuration.changed());
        changed.addAll(Difference.between(baseline.spec(), configuration.spec()).factors());
        DistanceBasis basis = stops.stream()
                .filter(s -> s.byHand() != null)
                .map(s -> s.byHand().basis())
                .findFirst()
                .orElse(test.basis());
        return new Side(
                configuration.label(),
                basis,
                Figure.of(test.nominalSpeed().inside()),
                test.grade() == null ? Figure.unknown("the grade of the lane is not known") : Figure.of(test.grade()),
                changed.stream().collect(Collectors.toMap(Function.identity(), c -> "changed", (x, y) -> x)),
                configuration.spec().unbedded().stream().map(Slot::label).collect(Collectors.toSet()),
                stops.stream()
                        .filter(TestSides::isStop)
                        .map(s -> compared(s, includeStruckOut))
                        .toList());
    }

    /** Snubs have no stopping distance. */
    private static boolean isStop(StopView s) {
        return s.measured() == null || s.measured().kind() == StopKind.STOP;
    }

    private ComparedStop compared(StopView s, boolean includeStruckOut) {
        SeriesView series = seriesById.get(s.seriesId().toString());
        boolean out = s.struckOut() && !includeStruckOut;
        return s.byHand() == null ? logged(s, series, out) : byHand(s, series, out);
    }

    private static ComparedStop logged(StopView s, SeriesView series, boolean out) {
        Conditions c = series.conditions();
        // A hand-moved onset still began with the signal that found it.
        String source = s.measured().brake().source().name();
        return LoggedStops.compared(
                s.measured(),
                out,
                known(c.ambientC(), "ambient was not recorded"),
                known(c.tyrePressureFrontBar(), "tyre pressure was not recorded"),
                circumstances(
                        source,
                        Instrument.LOGGER,
                        c,
                        series.block(),
                        s.measured().gripLimited()));
    }

    private static ComparedStop byHand(StopView s, SeriesView series, boolean out) {
        SheetStop row = s.byHand();
        Conditions ofSeries = series.conditions();
        Conditions c = new Conditions(
                row.date().orElse(ofSeries.drivenOn()),
                row.driver().orElse(ofSeries.driver()),
                row.load().orElse(ofSeries.load()),
                row.surface().orElse(ofSeries.surface()),
                row.direction().orElse(ofSeries.direction()),
                row.ambient().map(q -> q.inside()).orElse(ofSeries.ambientC()),
                row.tyrePressureFront().map(q -> q.inside()).orElse(ofSeries.tyrePressureFrontBar()),
                ofSeries.trackC(),
                ofSeries.windMps(),
                ofSeries.humidity(),
                ofSeries.begunAt(),
                ofSeries.endedAt());
        double start = row.startTemperatures().entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .mapToDouble(e -> e.getValue().inside())
                .average()
                .orElse(Double.NaN);
        return new ComparedStop(
                s.value(),
                s.valueUncertainty(),
                s.entrySpeed(),
                Figure.unknown("a hand-measured stop has no MFDD"),
                Figure.unknown("no pressure was logged"),
                Double.isNaN(start) ? Figure.unknown("start temperature was not recorded") : Figure.of(start),
                known(c.ambientC(), "ambient was not recorded"),
                known(c.tyrePressureFrontBar(), "tyre pressure was not recorded"),
                out ? Status.STRUCK_OUT : s.validity() == Validity.REPEAT ? Status.REPEAT : Status.COUNTS,
                circumstances("mark", row.instrument(), c, series.block(), false));
    }

    private static Circumstances circumstances(
            String source, Instrument instrument, Conditions c, int block, boolean gripLimited) {
        return new Circumstances(
                Optional.of(source),
                instrument,
                Optional.ofNullable(c.load()),
                Optional.ofNullable(c.surface()),
                Optional.ofNullable(c.drivenOn()),
                Optional.ofNullable(c.driver()),
                Optional.ofNullable(c.direction()),
                block,
                gripLimited);
    }

    private static Figure known(Double value, String whyNot) {
        return value == null ? Figure.unknown(whyNot) : Figure.of(value);
    }
}
