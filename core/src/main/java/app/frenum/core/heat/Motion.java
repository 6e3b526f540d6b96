package app.frenum.core.heat;

import app.frenum.core.log.Signal;
import java.util.ArrayList;
import java.util.List;

/** Whether the car rolls or stands: the air of rolling takes several times as much heat off a disc as still air does. */
public enum Motion {
    ROLLING,
    STANDING;

    /** Slower than that no wheel fans its disc, m/s. */
    private static final double STILL_MPS = 0.7;
    /** A halt that is shorter, as at a turn, belongs to the rolling around it, s. */
    public static final double HALT_S = 10;

    /** A stretch of a log in which the car did one of the two, s. */
    public record Spell(Motion motion, double fromS, double toS) {
        public double lengthS() {
            return toS - fromS;
        }
    }

    /** What the car did from one moment to another, spell by spell; empty where no speed was logged. */
    public static List<Spell> spells(Signal speed, double fromS, double toS) {
        List<Spell> all = new ArrayList<>();
        if (speed.isEmpty()) {
            return all;
        }
        double since = fromS;
        for (double[] halt : halts(speed, fromS, toS)) {
            if (halt[0] > since) {
                all.add(new Spell(ROLLING, since, halt[0]));
            }
            all.add(new Spell(STANDING, halt[0], halt[1]));
            since = halt[1];
        }
        if (toS > since) {
            all.add(new Spell(ROLLING, since, toS));
        }
        return all;
    }

    private static List<double[]> halts(Signal speed, double fromS, double toS) {
        List<double[]> halts = new ArrayList<>();
        double[] t = speed.t();
        double since = Double.NaN;
        for (int i = 0; i <= t.length; i++) {
            boolean still = i < t.length && t[i] >= fromS && t[i] <= toS && speed.v()[i] < STILL_MPS;
            if (still && Double.isNaN(since)) {
                since = t[i];
            } else if (!still && !Double.isNaN(since)) {
                double until = i < t.length ? Math.min(t[i], toS) : Math.min(t[i - 1], toS);
                if (until - since >= HALT_S) {
                    halts.add(new double[] {since, until});
                }
                since = Double.NaN;
            }
        }
        return halts;
    }
}
