package app.frenum.core.stop;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Smoothing;
import app.frenum.core.log.SoundTemperature;
import app.frenum.core.log.WheelPosition;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/** How hot each disc was as a stop began, and got. */
final class StopTemperatures {
    private static final double PEAK_SEARCH_S = 10;
    /** How far back a sound temperature may stand in for one that is known to be bad, s. */
    private static final double STAND_IN_S = 2;
    /** A braking from which each disc of a light car takes more than 20 kJ, as half of v0² − v2², m²/s². */
    private static final double HEATING_M2S2 = 80;

    private final Log log;
    private final StopExtent extent;
    private final BrakeApplication brake;
    private final double onset;
    private final double v0;
    private final double v2;
    private final StopFlags flags;

    StopTemperatures(OneBraking b, StopFlags flags) {
        log = b.log();
        extent = b.extent();
        brake = b.brake();
        onset = b.extent().onsetS();
        v0 = b.v0();
        v2 = b.v2();
        this.flags = flags;
    }

    Map<WheelPosition, Double> startTemperatures() {
        Map<WheelPosition, Double> out = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            SoundTemperature disc = SoundTemperature.of(log, Role.discTemperature(w), onset - PEAK_SEARCH_S, onset);
            Signal t = disc.signal();
            boolean badNow = !t.isEmpty() && disc.leftOut(t.last(), onset);
            if (!t.isEmpty() && !(badNow && onset - t.last() > STAND_IN_S)) {
                out.put(w, t.v()[t.size() - 1]);
            }
            if (disc.leftOut(onset - STAND_IN_S, extent.endS() + PEAK_SEARCH_S)) {
                flags.add(FlagFinding.DISC_DROPPED_OUT, Term.name(w.label()));
            }
        }
        return out;
    }

    Map<WheelPosition, Double> peakTemperatures() {
        Map<WheelPosition, Double> out = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            double until = Math.min(brake.nextOnsetS(), extent.endS() + PEAK_SEARCH_S);
            Signal t = SoundTemperature.of(log, Role.discTemperature(w), onset - 1, until)
                    .signal();
            if (t.isEmpty() || t.last() <= onset) {
                continue;
            }
            if (isHeld(t)) {
                flags.add(FlagFinding.DISC_STUCK, Term.name(w.label()));
                continue;
            }
            Signal smooth = Smoothing.lowPass(t, Smoothing.TEMPERATURE_HZ);
            out.put(w, smooth.max(Math.max(onset, smooth.first()), smooth.last()));
        }
        return out;
    }

    /** Whether a braking that must heat any disc left no trace at all in what a sensor tells. */
    private boolean isHeld(Signal t) {
        boolean heating = (v0 * v0 - v2 * v2) / 2 > HEATING_M2S2 && t.size() > 5 && t.last() > extent.endS();
        return heating && Arrays.stream(t.v()).skip(1).allMatch(x -> x == t.v()[0]);
    }
}
