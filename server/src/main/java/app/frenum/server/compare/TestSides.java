package app.frenum.server.compare;

import app.frenum.core.compare.Alike;
import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.LoggedStops;
import app.frenum.core.compare.Resolution;
import app.frenum.core.compare.Side;
import app.frenum.core.garage.Difference;
import app.frenum.core.garage.Slot;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.StopView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Makes sides of a comparison from what a test holds. */
final class TestSides {
    private final TestDefinition test;
    private final Map<String, SeriesView> seriesById;

    private final Map<UUID, Integer> order = new HashMap<>();
    private final boolean severalPhases;

    /** @param all every stop of the test, whose order of driving is taken from day, beginning, block and number */
    TestSides(TestDefinition test, List<SeriesView> series, List<StopView> all) {
        this.test = test;
        this.seriesById = series.stream().collect(Collectors.toMap(s -> s.id().toString(), Function.identity()));
        List<StopView> driven = all.stream()
                .sorted(Comparator.comparing(this::day)
                        .thenComparing(this::begun)
                        .thenComparing(s -> seriesOf(s).block())
                        .thenComparing(s -> series.indexOf(seriesOf(s)))
                        .thenComparing(StopView::number))
                .toList();
        for (int i = 0; i < driven.size(); i++) {
            order.put(driven.get(i).id(), i + 1);
        }
        severalPhases = all.stream()
                        .map(StopView::phase)
                        .filter(Objects::nonNull)
                        .distinct()
                        .count()
                > 1;
    }

    private SeriesView seriesOf(StopView s) {
        return seriesById.get(s.seriesId().toString());
    }

    private String day(StopView s) {
        return Optional.ofNullable(s.byHand())
                .flatMap(SheetStop::date)
                .or(() -> Optional.ofNullable(seriesOf(s).conditions().drivenOn()))
                .orElse("");
    }

    private Instant begun(StopView s) {
        return Optional.ofNullable(seriesOf(s).conditions().begunAt()).orElse(Instant.EPOCH);
    }

    /** What a stop shares with those that it may be averaged with. */
    Alike alike(StopView s) {
        return Alike.of(s.nominalMps(), phase(s), s.load(seriesOf(s).conditions()));
    }

    /** As its sheet says, or as it was driven in a run; a run of one phase is like any other series. */
    private Optional<String> phase(StopView s) {
        return Optional.ofNullable(s.byHand())
                .flatMap(SheetStop::phase)
                .or(() -> Optional.ofNullable(s.phase()).filter(p -> severalPhases));
    }

    /** The phase of stops that are alike; null where it tells nothing. */
    String phaseOf(List<StopView> group) {
        return group.isEmpty() ? null : phase(group.get(0)).orElse(null);
    }

    /** The nominal speed of stops that are alike, m/s. */
    double nominalOf(List<StopView> group) {
        return group.isEmpty() ? test.nominalSpeed().inside() : group.get(0).nominalMps();
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
                Figure.of(nominalOf(stops)),
                test.grade() == null ? Figure.unknown("the grade of the lane is not known") : Figure.of(test.grade()),
                changed.stream().collect(Collectors.toMap(Function.identity(), c -> "changed", (x, y) -> x)),
                configuration.spec().unbedded().stream().map(Slot::label).collect(Collectors.toSet()),
                resolution(stops, basis),
                stops.stream()
                        .filter(TestSides::isStop)
                        .map(s -> compared(s, includeStruckOut))
                        .toList());
    }

    private double resolution(List<StopView> stops, DistanceBasis basis) {
        List<SheetStop> rows =
                stops.stream().map(StopView::byHand).filter(Objects::nonNull).toList();
        if (rows.size() < stops.size() || rows.isEmpty()) {
            return Side.LOGGED_RESOLUTION;
        }
        if (basis != DistanceBasis.TIME_ONLY) {
            return Resolution.of(rows.stream()
                    .map(SheetStop::distance)
                    .flatMap(Optional::stream)
                    .toList());
        }
        List<Quantity> times =
                rows.stream().map(SheetStop::time).flatMap(Optional::stream).toList();
        double mean = times.stream().mapToDouble(Quantity::inside).average().orElse(1);
        return nominalOf(stops) / (mean * mean) * Resolution.of(times);
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

    private ComparedStop logged(StopView s, SeriesView series, boolean out) {
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
                        s.measured().gripLimited(),
                        order.get(s.id()),
                        phase(s)));
    }

    private ComparedStop byHand(StopView s, SeriesView series, boolean out) {
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
                Set.of(),
                circumstances("mark", row.instrument(), c, series.block(), false, order.get(s.id()), phase(s)));
    }

    private static Circumstances circumstances(
            String source,
            Instrument instrument,
            Conditions c,
            int block,
            boolean gripLimited,
            int order,
            Optional<String> phase) {
        return new Circumstances(
                Optional.of(source),
                instrument,
                Optional.ofNullable(c.load()),
                Optional.ofNullable(c.surface()),
                Optional.ofNullable(c.drivenOn()),
                Optional.ofNullable(c.driver()),
                Optional.ofNullable(c.direction()),
                block,
                gripLimited,
                order,
                phase);
    }

    private static Figure known(Double value, String whyNot) {
        return value == null ? Figure.unknown(whyNot) : Figure.of(value);
    }
}
