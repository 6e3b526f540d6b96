package app.frenum.core.stop;

import app.frenum.core.log.Drive;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the wheels did during a stop: which locked (slip over 20 % for at least 0.1 s above 3 m/s), and for what
 * share of the plateau the tyres rather than the brakes set the deceleration.
 *
 * @param locked wheels that locked, with when each first did, s
 * @param slipped wheels that slipped by more than 10 %
 * @param limitedShare share of the plateau with anti-lock at work or a wheel locked, 0 to 1
 * @param antiLockWorked whether anti-lock worked at all
 */
record Slip(
        Map<WheelPosition, Double> locked, Set<WheelPosition> slipped, double limitedShare, boolean antiLockWorked) {
    private static final double LOCKED = 0.20;
    private static final double SLIPPING = 0.10;
    private static final double SUSTAINED_S = 0.1;
    private static final double LOWEST_MPS = 3;

    static Slip of(Drive drive, double onset, double end, @Nullable PlateauWindow plateau) {
        Map<WheelPosition, Double> locked = new EnumMap<>(WheelPosition.class);
        Set<WheelPosition> slipped = EnumSet.noneOf(WheelPosition.class);
        Signal speed = drive.speed().between(onset, end);
        double[] t = speed.t();
        boolean[] limited = new boolean[t.length];
        boolean anti = false;
        for (int i = 0; i < t.length && !drive.abs().isEmpty(); i++) {
            limited[i] = drive.abs().at(t[i]) > 0.5;
            anti |= limited[i];
        }
        for (Map.Entry<WheelPosition, Signal> wheel : drive.wheels().entrySet()) {
            double since = Double.NaN;
            int first = 0;
            for (int i = 0; i < t.length; i++) {
                double v = speed.v()[i];
                double slip = v > LOWEST_MPS ? 1 - wheel.getValue().at(t[i]) / v : 0;
                if (slip > SLIPPING) {
                    slipped.add(wheel.getKey());
                }
                if (slip <= LOCKED) {
                    since = Double.NaN;
                    continue;
                }
                if (Double.isNaN(since)) {
                    since = t[i];
                    first = i;
                }
                if (t[i] - since >= SUSTAINED_S) {
                    locked.putIfAbsent(wheel.getKey(), since);
                    Arrays.fill(limited, first, i + 1, true);
                }
            }
        }
        return new Slip(locked, slipped, share(t, limited, plateau), anti);
    }

    private static double share(double[] t, boolean[] limited, @Nullable PlateauWindow plateau) {
        if (plateau == null) {
            return 0;
        }
        double sum = 0;
        for (int i = 1; i < t.length; i++) {
            double overlap = Math.min(t[i], plateau.endS()) - Math.max(t[i - 1], plateau.startS());
            sum += limited[i] && overlap > 0 ? overlap : 0;
        }
        return sum / plateau.durationS();
    }
}
