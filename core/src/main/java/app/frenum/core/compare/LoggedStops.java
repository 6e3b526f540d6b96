package app.frenum.core.compare;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.Validity;
import java.util.Map;
import java.util.stream.Collectors;

/** Puts logged stops into the form in which stops are compared. */
public final class LoggedStops {
    private LoggedStops() {}

    /**
     * @param struckOut whether a person took it out
     * @param ambient °C
     * @param tyrePressure front, bar
     * @param circumstances recorded beside the log; grip limit and onset source come from the stop itself
     */
    public static ComparedStop compared(
            MeasuredStop stop,
            boolean struckOut,
            Figure ambient,
            Figure tyrePressure,
            ComparedStop.Circumstances circumstances) {
        return new ComparedStop(
                value(stop),
                stop.uncertainty().reading(),
                stop.entrySpeed(),
                stop.mfdd(),
                stop.effectiveness(),
                frontMean(stop.startTemperatures()),
                ambient,
                tyrePressure,
                status(stop, struckOut),
                stop.flags().stream().map(Flag::code).collect(Collectors.toSet()),
                circumstances);
    }

    /** The corrected distance; where no nominal speed is known, the distance as driven. */
    public static Figure value(MeasuredStop stop) {
        boolean uncorrected = stop.basis() == DistanceBasis.ONSET_TO_REST
                && (stop.hasFlag(FlagCode.NO_NOMINAL) || stop.hasFlag(FlagCode.ENTRY_SPEED_OUT));
        return uncorrected ? stop.distance() : stop.correctedDistance();
    }

    private static ComparedStop.Status status(MeasuredStop stop, boolean struckOut) {
        if (struckOut) {
            return ComparedStop.Status.STRUCK_OUT;
        }
        return stop.validity() == Validity.REPEAT ? ComparedStop.Status.REPEAT : ComparedStop.Status.COUNTS;
    }

    private static Figure frontMean(Map<WheelPosition, Double> temperatures) {
        double mean = temperatures.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .mapToDouble(Map.Entry::getValue)
                .average()
                .orElse(Double.NaN);
        return Double.isNaN(mean) ? Figure.unknown("no front disc temperature was logged") : Figure.of(mean);
    }
}
