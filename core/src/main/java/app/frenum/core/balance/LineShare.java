package app.frenum.core.balance;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.StopTrace;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.stat.descriptive.rank.Percentile;
import org.hipparchus.stat.descriptive.rank.Percentile.EstimationType;

/**
 * Front share of line pressure through one stop, {@code p_f/(p_f + p_r)}, 0 to 1, while both are above 1 bar. It is no share
 * of brake force: pistons, radii and pads stand between the two.
 *
 * @param path from the onset to the end, a point every 0.05 s
 * @param mean time-weighted, over the plateau
 * @param low 10th percentile there (type 7)
 * @param high 90th percentile
 */
public record LineShare(List<SharePoint> path, Figure mean, Figure low, Figure high) {
    private static final double ABOVE_BAR = 1;
    private static final double EVERY_S = 0.05;

    /** The share at a moment, s from the onset, and how hard it slowed then, m/s². */
    public record SharePoint(double atS, double decelerationMps2, double share) {}

    /**
     * @param trace of the stop
     * @param fromS where its plateau begins, s from the onset
     * @param toS where that ends
     * @param endS rest or release
     */
    public static LineShare of(StopTrace trace, double fromS, double toS, double endS) {
        double[] front = trace.lines().get("front");
        double[] rear = trace.lines().get("rear");
        if (front == null || rear == null) {
            return unknown("front and rear pressure were not both logged");
        }
        double[] t = trace.time();
        int first = firstAt(t, fromS);
        int after = firstAt(t, toS);
        LineShare spread = spread(
                Arrays.copyOfRange(t, first, after),
                Arrays.copyOfRange(front, first, after),
                Arrays.copyOfRange(rear, first, after));
        return new LineShare(path(trace, front, rear, endS), spread.mean, spread.low, spread.high);
    }

    private static LineShare unknown(String why) {
        Figure none = Figure.unknown(why);
        return new LineShare(List.of(), none, none, none);
    }

    private static int firstAt(double[] t, double s) {
        int i = 0;
        while (i < t.length && t[i] < s) {
            i++;
        }
        return i;
    }

    /** Mean and spread of samples; a sample stands for half the way to each of its neighbours. */
    static LineShare spread(double[] t, double[] front, double[] rear) {
        List<Double> shares = new ArrayList<>();
        double weighted = 0;
        double seconds = 0;
        for (int i = 0; i < t.length; i++) {
            if (front[i] > ABOVE_BAR && rear[i] > ABOVE_BAR) {
                double share = front[i] / (front[i] + rear[i]);
                double dt = t.length == 1 ? 1 : (t[Math.min(i + 1, t.length - 1)] - t[Math.max(i - 1, 0)]) / 2;
                shares.add(share);
                weighted += share * dt;
                seconds += dt;
            }
        }
        if (shares.isEmpty() || !(seconds > 0)) {
            return unknown("pressures were never both above 1 bar on the plateau");
        }
        Percentile at = new Percentile().withEstimationType(EstimationType.R_7);
        double[] all = shares.stream().mapToDouble(s -> s).toArray();
        return new LineShare(
                List.of(),
                Figure.of(weighted / seconds),
                Figure.of(at.evaluate(all, 10)),
                Figure.of(at.evaluate(all, 90)));
    }

    private static List<SharePoint> path(StopTrace trace, double[] front, double[] rear, double endS) {
        double[] slowing = trace.lines().get("deceleration");
        List<SharePoint> path = new ArrayList<>();
        double next = 0;
        for (int i = 0; i < trace.time().length && slowing != null; i++) {
            double t = trace.time()[i];
            if (t >= next && t <= endS && front[i] > ABOVE_BAR && rear[i] > ABOVE_BAR) {
                path.add(new SharePoint(t, slowing[i], front[i] / (front[i] + rear[i])));
                next = t + EVERY_S;
            }
        }
        return path;
    }
}
