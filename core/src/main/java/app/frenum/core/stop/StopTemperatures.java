package app.frenum.core.stop;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.SoundTemperature;
import app.frenum.core.log.WheelPosition;
import java.util.EnumMap;
import java.util.Map;

/** How hot each disc was as a stop began, and got. */
final class StopTemperatures {
    /** How far back a sound temperature may stand in for one that is known to be bad, s. */
    private static final double STAND_IN_S = 2;

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
            SoundTemperature disc =
                    SoundTemperature.of(log, Role.discTemperature(w), onset - DiscPeaks.SEARCH_S, onset);
            Signal t = disc.signal();
            boolean badNow = !t.isEmpty() && disc.leftOut(t.last(), onset);
            if (!t.isEmpty() && !(badNow && onset - t.last() > STAND_IN_S)) {
                out.put(w, t.v()[t.size() - 1]);
            }
            if (disc.leftOut(onset - STAND_IN_S, extent.endS() + DiscPeaks.SEARCH_S)) {
                flags.add(FlagFinding.DISC_DROPPED_OUT, Term.name(w.label()));
            }
        }
        return out;
    }

    Map<WheelPosition, Double> peakTemperatures() {
        Map<WheelPosition, Double> out = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Signal t = DiscPeaks.signal(log, w, onset, extent.endS(), brake.nextOnsetS());
            if (!DiscPeaks.isSeen(t, onset)) {
                continue;
            }
            if (DiscPeaks.isHeld(t, extent.endS(), v0, v2)) {
                flags.add(FlagFinding.DISC_STUCK, Term.name(w.label()));
            } else {
                out.put(w, DiscPeaks.of(t, onset));
            }
        }
        return out;
    }
}
