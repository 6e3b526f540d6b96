package app.frenum.core.series;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Instrument;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.StopKind;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What people measured and said of one stop, each value as they gave it.
 *
 * @param instrument what distance or time was read with
 * @param nominalSpeed that it was to begin at; empty where that is its test's
 * @param readOn what the thermometer looked at
 * @param secondsAfterRest when the end temperatures were read
 * @param phase of the procedure it belongs to
 * @param lockedFirst the axle that was seen to lock first; empty where none did or nobody said
 */
public record HandEntry(
        DistanceBasis basis,
        Instrument instrument,
        Optional<Quantity> nominalSpeed,
        Optional<Quantity> entrySpeed,
        Optional<Quantity> distance,
        Optional<Quantity> time,
        Map<WheelPosition, Quantity> startTemperatures,
        Map<WheelPosition, Quantity> endTemperatures,
        Optional<PeakSource> readOn,
        Optional<Quantity> secondsAfterRest,
        Optional<PedalFeel> pedal,
        Optional<PedalEffort> effort,
        Optional<String> phase,
        SaidConditions conditions,
        Optional<String> note,
        Optional<Axle> lockedFirst) {
    public HandEntry {
        // Entries kept before anybody was asked have none.
        lockedFirst = Objects.requireNonNullElse(lockedFirst, Optional.empty());
    }

    /** Under what it was driven, as far as it was said. */
    public Surroundings surroundings() {
        return new Surroundings(
                conditions.load(),
                conditions.surface(),
                conditions.date(),
                conditions.driver(),
                conditions.direction(),
                figure(conditions.ambient(), "ambient was not recorded"),
                figure(conditions.tyrePressureFront(), "tyre pressure was not recorded"),
                conditions.tyres(),
                figure(conditions.tyreTemperature(), "the tyres' temperature was not recorded"));
    }

    /**
     * The stop that this tells of.
     *
     * @param driven as what; its nominal speed is the one that counts
     * @param kind whether it came to rest
     * @param otherwiseLateS how long after rest its discs were read where nobody said, s
     */
    public StopByHand stop(Driven driven, StopKind kind, double otherwiseLateS) {
        return new StopByHand(
                driven,
                kind,
                measurement(driven.nominalSpeed(), driven.surroundings().surface()),
                basis == DistanceBasis.TIME_ONLY ? time : distance,
                inside(startTemperatures),
                inside(endTemperatures),
                readOn,
                secondsAfterRest.map(Quantity::inside).orElse(otherwiseLateS));
    }

    private static Map<WheelPosition, Double> inside(Map<WheelPosition, Quantity> read) {
        return read.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().inside()));
    }

    private HandMeasurement measurement(Figure nominal, Optional<String> drivenOn) {
        return new HandMeasurement(
                basis,
                instrument,
                figure(distance, "no distance was measured"),
                figure(time, "no time was taken"),
                figure(entrySpeed, "entry speed was not recorded"),
                nominal,
                drivenOn.filter(s -> s.toLowerCase(Locale.ROOT).contains("wet")).isPresent());
    }

    private static Figure figure(Optional<Quantity> quantity, String whyNot) {
        return quantity.map(q -> Figure.of(q.inside())).orElse(Figure.unknown(whyNot));
    }
}
