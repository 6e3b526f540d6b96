package app.frenum.core.log;

import java.util.ArrayList;
import java.util.List;

/**
 * How long after other channels speed shows the brakings of a log. Up to {@link #ENOUGH} brakings are read.
 *
 * @param againstAccelerometer one lag for each braking that shows it
 * @param againstPressure the same beside front pressure
 * @param againstSwitch the same, from the edge of the brake switch to the bend of speed
 * @param highestBar highest front pressure, bar; 0 where none was logged
 * @param hardestMps2 hardest slowing, m/s²
 */
record BrakingLags(
        List<BrakingLag> againstAccelerometer,
        List<BrakingLag> againstPressure,
        List<BrakingLag> againstSwitch,
        double highestBar,
        double hardestMps2) {
    private static final int ENOUGH = 40;
    private static final double BRAKING_MPS2 = 2;
    private static final double BRAKING_BAR = 5;
    private static final double BRAKING_AIR_BAR = 1;
    private static final double PRESSED = 0.5;
    private static final double SHORTEST_S = 0.5;
    private static final double MARGIN_S = 3;

    static BrakingLags of(Log log, Drive.Offsets offsets) {
        List<BrakingLag> sensor = new ArrayList<>();
        List<BrakingLag> pressure = new ArrayList<>();
        List<BrakingLag> edges = new ArrayList<>();
        double bar = 0;
        double hardest = 0;
        for (Windows w : Windows.of(log)) {
            Drive d = Drive.read(log, offsets, w.fromS() - MARGIN_S, w.toS() + MARGIN_S);
            Signal speed = d.speed();
            if (speed.size() < 8) {
                continue;
            }
            hardest = Math.max(hardest, highest(Smoothing.decelerationOf(speed)));
            if (d.hasDecelerationSensor()) {
                for (double[] b : brakings(d, d.deceleration(), w, BRAKING_MPS2, sensor.size())) {
                    CurveLag.of(speed, d.deceleration(), b[0], b[1]).ifPresent(sensor::add);
                }
            }
            if (!d.front().isEmpty()) {
                double most = highest(d.front());
                bar = Math.max(bar, most);
                double level = most < 2 * BRAKING_BAR ? BRAKING_AIR_BAR : BRAKING_BAR;
                for (double[] b : brakings(d, d.front(), w, level, pressure.size())) {
                    CurveLag.of(speed, d.front(), b[0], b[1]).ifPresent(pressure::add);
                }
            }
            for (double[] b : brakings(d, d.brakeSwitch(), w, PRESSED, edges.size())) {
                BendLag.of(speed, b[0]).ifPresent(edges::add);
            }
        }
        return new BrakingLags(sensor, pressure, edges, bar, hardest);
    }

    private static double highest(Signal s) {
        double highest = 0;
        for (double v : s.v()) {
            highest = Math.max(highest, v);
        }
        return highest;
    }

    /** From when to when the signal stood above a level for long enough. */
    private static List<double[]> brakings(Drive d, Signal s, Windows w, double level, int already) {
        List<double[]> found = new ArrayList<>();
        double since = Double.NaN;
        for (int i = 0; i < s.size() && already + found.size() < ENOUGH; i++) {
            boolean above = s.v()[i] > level;
            if (above && Double.isNaN(since)) {
                since = i > 0 ? (s.t()[i] + s.t()[i - 1]) / 2 : s.t()[i];
            } else if (!above && !Double.isNaN(since)) {
                if (s.t()[i] - since >= SHORTEST_S
                        && since >= w.fromS()
                        && since < w.toS()
                        && !d.dropouts().touch(since - SHORTEST_S, s.t()[i])) {
                    found.add(new double[] {since, s.t()[i]});
                }
                since = Double.NaN;
            }
        }
        return found;
    }
}
