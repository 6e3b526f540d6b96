package app.frenum.core.stop;

import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Smoothing;
import app.frenum.core.log.SoundTemperature;
import app.frenum.core.log.WheelPosition;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/**
 * How hot each disc got by a stop or snub, °C, of the smoothed signal. Sensors are slow: the peak comes up to {@link #SEARCH_S}
 * after the end, and before the brake is applied again. Handbook, "One stop".
 */
public final class DiscPeaks {
    /** For so long after the end a disc's peak is looked for, s. */
    public static final double SEARCH_S = 10;
    /** A braking from which each disc of a light car takes more than 20 kJ, as half of v0² − v2², m²/s². */
    private static final double HEATING_M2S2 = 80;

    private DiscPeaks() {}

    /**
     * The peaks of a stop that was measured before the log had gone on so far.
     *
     * @param log with the stop in it, and what came after
     * @param stop as it was measured
     * @param nextOnsetS when the brake was applied again; infinite when it was not yet, s
     */
    public static Map<WheelPosition, Double> of(Log log, MeasuredStop stop, double nextOnsetS) {
        double v0 = stop.entrySpeed().orElse(0);
        double v2 = stop.exitSpeed().orElse(0);
        Map<WheelPosition, Double> out = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Signal t = signal(
                    log,
                    w,
                    stop.onsetS(),
                    stop.endS(),
                    Math.min(nextOnsetS, stop.brake().nextOnsetS()));
            if (isSeen(t, stop.onsetS()) && !isHeld(t, stop.endS(), v0, v2)) {
                out.put(w, of(t, stop.onsetS()));
            }
        }
        return out;
    }

    /** What a sensor tells of one disc from just before a stop until its peak is over. */
    static Signal signal(Log log, WheelPosition wheel, double onsetS, double endS, double nextOnsetS) {
        double until = Math.min(nextOnsetS, endS + SEARCH_S);
        return SoundTemperature.of(log, Role.discTemperature(wheel), onsetS - 1, until)
                .signal();
    }

    static boolean isSeen(Signal t, double onsetS) {
        return !t.isEmpty() && t.last() > onsetS;
    }

    /** Whether a braking that must heat any disc left no trace at all in what a sensor tells. */
    static boolean isHeld(Signal t, double endS, double v0, double v2) {
        boolean heating = (v0 * v0 - v2 * v2) / 2 > HEATING_M2S2 && t.size() > 5 && t.last() > endS;
        return heating && Arrays.stream(t.v()).skip(1).allMatch(x -> x == t.v()[0]);
    }

    static double of(Signal t, double onsetS) {
        Signal smooth = Smoothing.lowPass(t, Smoothing.TEMPERATURE_HZ);
        return smooth.max(Math.max(onsetS, smooth.first()), smooth.last());
    }
}
