package app.frenum.core.log;

import app.frenum.core.finding.Term;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Watches the times of a log go by: holes between rows, and an uneven clock. */
final class ClockWatch {
    /** Spread of the sample interval, as a share of its median, from which the clock is called uneven. */
    private static final double JITTER_SHARE = 0.2;

    private final Findings gaps = new Findings("");
    private int rows;
    private double period;
    private double previous = Double.NaN;
    private double sum;
    private double squares;
    private long intervals;

    /** The usual interval is that of the first rows seen. */
    void see(int n, double[] t) {
        if (period == 0) {
            period = new Signal(Arrays.copyOf(t, n), new double[n]).period();
        }
        double bridge = Signal.longestBridge(period);
        for (int i = 0; i < n; i++) {
            double d = t[i] - previous;
            if (d > bridge) {
                gap(d, t[i]);
            } else if (d > 0) {
                sum += d;
                squares += d * d;
                intervals++;
            }
            previous = t[i];
        }
        rows += n;
    }

    int rows() {
        return rows;
    }

    private void gap(double d, double until) {
        gaps.add(LogFinding.NO_ROWS, previous, until, Term.seconds(d, 0.1), Term.at(previous));
    }

    List<HealthFinding> findings() {
        List<HealthFinding> found = new ArrayList<>(gaps.list());
        double mean = sum / Math.max(1, intervals);
        double sd = Math.sqrt(Math.max(0, squares / Math.max(1, intervals) - mean * mean));
        if (intervals > 2 && sd > JITTER_SHARE * period) {
            found.add(
                    HealthFinding.ofLog(LogFinding.UNEVEN_CLOCK, Term.share(sd / period), Term.seconds(period, 0.001)));
        }
        return found;
    }
}
