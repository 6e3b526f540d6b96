package app.frenum.formats.sheet;

import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Instrument;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.Driven;
import app.frenum.core.series.StopByHand;
import app.frenum.core.series.Surroundings;
import app.frenum.core.stop.DistanceBasis;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One row of a stop sheet: a stop measured by hand, each value as it was written.
 *
 * @param line where it stood; 0 when it never stood in a file
 * @param configuration name of the brake configuration, never blank
 * @param series name of the block, "1" when none was given
 * @param stop its number in the series
 * @param date as written, ISO where it can be
 * @param struckOut whether it was struck out, with {@code reason}
 * @param secondsAfterRest when the end temperatures were read
 * @param readOn what the thermometer looked at: blackened, bare or probe
 * @param pedalEffort light, normal or hard
 * @param phase of the procedure it belongs to
 */
public record SheetStop(
        long line,
        String configuration,
        String series,
        Optional<Integer> stop,
        Optional<String> date,
        DistanceBasis basis,
        Optional<String> direction,
        Optional<String> driver,
        Optional<String> load,
        Instrument instrument,
        Optional<Quantity> nominalSpeed,
        Optional<Quantity> entrySpeed,
        Optional<Quantity> distance,
        Optional<Quantity> time,
        Map<WheelPosition, Quantity> startTemperatures,
        Map<WheelPosition, Quantity> endTemperatures,
        Optional<String> pedalFeel,
        Optional<String> surface,
        Optional<Quantity> ambient,
        Optional<Quantity> tyrePressureFront,
        Optional<Quantity> tyrePressureRear,
        boolean struckOut,
        Optional<String> reason,
        Optional<String> note,
        Optional<Quantity> secondsAfterRest,
        Optional<String> readOn,
        Optional<String> pedalEffort,
        Optional<String> phase) {

    /** Rows that were stored before a column existed do not have it. */
    public SheetStop {
        secondsAfterRest = secondsAfterRest == null ? Optional.empty() : secondsAfterRest;
        readOn = readOn == null ? Optional.empty() : readOn;
        pedalEffort = pedalEffort == null ? Optional.empty() : pedalEffort;
        phase = phase == null ? Optional.empty() : phase;
    }

    /** Under what it was driven, as far as the row says so. */
    public Surroundings surroundings() {
        return new Surroundings(
                load,
                surface,
                date,
                driver,
                direction,
                figure(ambient, "ambient was not recorded"),
                figure(tyrePressureFront, "tyre pressure was not recorded"));
    }

    /**
     * The stop that the row tells of.
     *
     * @param driven as what; its nominal speed is the one that counts
     * @param otherwiseLateS how long after rest its discs were read where the row does not say, s
     */
    public StopByHand stop(Driven driven, double otherwiseLateS) {
        return new StopByHand(
                driven,
                measurement(driven.nominalSpeed(), driven.surroundings().surface()),
                basis == DistanceBasis.TIME_ONLY ? time : distance,
                inside(startTemperatures),
                inside(endTemperatures),
                readOn.map(word -> PeakSource.valueOf(word.toUpperCase(Locale.ROOT))),
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

    static Figure figure(Optional<Quantity> quantity, String whyNot) {
        return quantity.map(q -> Figure.of(q.inside())).orElse(Figure.unknown(whyNot));
    }
}
