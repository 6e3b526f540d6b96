package app.frenum.formats.sheet;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.compare.Instrument;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.HandEntry;
import app.frenum.core.series.SaidConditions;
import app.frenum.core.stop.DistanceBasis;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * One row of a stop sheet: a stop measured by hand, each value as it was written.
 *
 * @param line where it stood; 0 when it never stood in a file
 * @param configuration name of the brake configuration, never blank
 * @param series name of the block; empty when none was given
 * @param stop its number in the series
 * @param date as written, ISO where it can be
 * @param struckOut whether it was struck out, with {@code reason}
 * @param secondsAfterRest when the end temperatures were read
 * @param readOn what the thermometer looked at: blackened, bare or probe
 * @param pedalEffort light, normal or hard
 * @param phase of the procedure it belongs to
 * @param tyreTemperature of the tread before the stop
 * @param lockedFirst the axle that was seen to lock first
 */
public record SheetStop(
        long line,
        String configuration,
        Optional<String> series,
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
        Optional<String> phase,
        Optional<Axle> lockedFirst,
        Optional<TyreState> tyres,
        Optional<Quantity> tyreTemperature) {

    /** The same stop of a configuration called so. */
    public SheetStop of(String name) {
        return new SheetStop(
                line,
                name,
                series,
                stop,
                date,
                basis,
                direction,
                driver,
                load,
                instrument,
                nominalSpeed,
                entrySpeed,
                distance,
                time,
                startTemperatures,
                endTemperatures,
                pedalFeel,
                surface,
                ambient,
                tyrePressureFront,
                tyrePressureRear,
                struckOut,
                reason,
                note,
                secondsAfterRest,
                readOn,
                pedalEffort,
                phase,
                lockedFirst,
                tyres,
                tyreTemperature);
    }

    /** What the row says of its stop, beside where it stands and whether it counts. */
    public HandEntry entry() {
        return new HandEntry(
                basis,
                instrument,
                nominalSpeed,
                entrySpeed,
                distance,
                time,
                startTemperatures,
                endTemperatures,
                readOn.map(word -> PeakSource.valueOf(word.toUpperCase(Locale.ROOT))),
                secondsAfterRest,
                pedalFeel.flatMap(PedalFeel::named),
                pedalEffort.flatMap(PedalEffort::named),
                phase,
                new SaidConditions(
                        date,
                        driver,
                        direction,
                        load,
                        surface,
                        ambient,
                        tyrePressureFront,
                        tyrePressureRear,
                        tyres,
                        tyreTemperature),
                note,
                lockedFirst);
    }
}
