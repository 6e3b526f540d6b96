package app.frenum.server.analysis;

import app.frenum.core.balance.LockOrder;
import app.frenum.core.compare.Instrument;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.series.HandEntry;
import app.frenum.core.series.SaidConditions;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A test's stops as rows of a stop sheet: hand-measured ones as they came, logged ones by their figures. */
final class SheetExport {
    private static final double TENTH_MILLIMETRE = 1e4;

    private final TestDefinition test;

    SheetExport(TestDefinition test) {
        this.test = test;
    }

    static boolean isWritable(StopView stop) {
        return stop.byHand() != null || Objects.requireNonNull(stop.measured()).kind() == StopKind.STOP;
    }

    SheetStop row(StopView stop, SeriesView series, String configuration) {
        HandEntry base = stop.byHand() != null ? stop.byHand() : logged(stop, series);
        SaidConditions under = base.conditions();
        Optional<String> reason = stop.struckOut()
                ? Optional.of(stop.decisions().get(stop.decisions().size() - 1).reason())
                : Optional.empty();
        return new SheetStop(
                0,
                configuration,
                Optional.of(String.valueOf(series.block())),
                Optional.of(stop.number()),
                under.date(),
                base.basis(),
                under.direction(),
                under.driver(),
                under.load(),
                base.instrument(),
                Optional.of(nominal(stop)),
                base.entrySpeed(),
                base.distance(),
                base.time(),
                base.startTemperatures(),
                base.endTemperatures(),
                Optional.ofNullable(stop.pedalFeel()),
                under.surface(),
                under.ambient(),
                under.tyrePressureFront(),
                under.tyrePressureRear(),
                stop.struckOut(),
                reason,
                base.note(),
                Optional.ofNullable(stop.lateS()).map(t -> new Quantity(t, Unit.SECONDS)),
                base.readOn().map(r -> r.name().toLowerCase(Locale.ROOT)),
                base.effort().map(PedalEffort::label),
                base.phase().or(() -> Optional.ofNullable(stop.phase())),
                base.lockedFirst(),
                under.tyres(),
                under.tyreTemperature());
    }

    /** As it was entered where that is what the stop was driven from. */
    private Quantity nominal(StopView stop) {
        return Stream.concat(
                        Optional.ofNullable(stop.byHand()).flatMap(HandEntry::nominalSpeed).stream(),
                        Stream.of(test.nominalSpeed()))
                .filter(q -> q.inside() == stop.nominalMps())
                .findFirst()
                .orElseGet(() -> rounded(stop.nominalMps(), Dimension.SPEED));
    }

    private static HandEntry logged(StopView stop, SeriesView series) {
        MeasuredStop m = Objects.requireNonNull(stop.measured());
        Conditions c = series.conditions();
        return new HandEntry(
                m.basis(),
                Instrument.LOGGER,
                Optional.empty(),
                quantity(m.entrySpeed(), Dimension.SPEED),
                quantity(m.distance(), Dimension.LENGTH),
                quantity(m.time(), Dimension.TIME),
                temperatures(m.startTemperatures()),
                temperatures(m.peakTemperatures()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new SaidConditions(
                        Optional.ofNullable(c.drivenOn()),
                        Optional.ofNullable(c.driver()),
                        Optional.ofNullable(c.direction()),
                        Optional.ofNullable(c.load()),
                        Optional.ofNullable(c.surface()),
                        quantity(c.ambientC(), Dimension.TEMPERATURE),
                        quantity(c.tyrePressureFrontBar(), Dimension.PRESSURE),
                        Optional.empty(),
                        Optional.ofNullable(stop.tyres()).or(() -> Optional.ofNullable(c.tyres())),
                        quantity(c.tyreC(), Dimension.TEMPERATURE)),
                Optional.empty(),
                LockOrder.axle(m));
    }

    private static Optional<Quantity> quantity(Figure figure, Dimension dimension) {
        return figure.isKnown() ? Optional.of(rounded(figure.value(), dimension)) : Optional.empty();
    }

    private static Optional<Quantity> quantity(@Nullable Double value, Dimension dimension) {
        return Optional.ofNullable(value).map(v -> rounded(v, dimension));
    }

    private static Quantity rounded(double value, Dimension dimension) {
        return new Quantity(Math.round(value * TENTH_MILLIMETRE) / TENTH_MILLIMETRE, dimension.inside());
    }

    private static Map<WheelPosition, Quantity> temperatures(Map<WheelPosition, Double> byWheel) {
        Map<WheelPosition, Quantity> out = new EnumMap<>(WheelPosition.class);
        byWheel.forEach((wheel, t) -> out.put(wheel, rounded(t, Dimension.TEMPERATURE)));
        return out;
    }
}
