package app.frenum.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What a pressure sensor reads with the pedal free, over the length of a log: one level, or one that drifts.
 *
 * @param t where it was seen, s; one entry where it does not drift
 * @param bar what it read there
 */
public record PressureBaseline(double[] t, double[] bar) {
    /** A change over the log that is worth saying, and worth following, bar. */
    public static final double DRIFT_BAR = 1;

    private static final double BIN_S = 10;
    private static final int ENOUGH = 10;

    public static final PressureBaseline ZERO = level(0);

    static PressureBaseline level(double bar) {
        return new PressureBaseline(new double[] {0}, new double[] {bar});
    }

    public double at(double timeS) {
        return t.length == 1 ? bar[0] : new Signal(t, bar).at(timeS);
    }

    /** Largest less least, bar. */
    public double drift() {
        return Arrays.stream(bar).max().orElse(0) - Arrays.stream(bar).min().orElse(0);
    }

    /** The level half way, for those who want one number, bar. */
    public double middle() {
        return Thinned.median(bar.clone());
    }

    /** The same with a level taken off, so that what is left is how it moved. */
    PressureBaseline about(double level) {
        return new PressureBaseline(t, Arrays.stream(bar).map(b -> b - level).toArray());
    }

    Signal takenOff(Signal pressure) {
        if (t.length == 1 && bar[0] == 0) {
            return pressure;
        }
        double[] v = new double[pressure.size()];
        for (int i = 0; i < v.length; i++) {
            v[i] = pressure.v()[i] - at(pressure.t()[i]);
        }
        return new Signal(pressure.t(), v);
    }

    /** Gathers readings that were taken with the pedal free. */
    static final class Gathering {
        private final Thinned all = new Thinned();
        private final List<double[]> bins = new ArrayList<>();
        private Thinned bin = new Thinned();
        private double binFrom = Double.NaN;
        private double binTo;

        void add(double timeS, double bar) {
            all.add(bar);
            if (Double.isNaN(binFrom) || timeS - binFrom > BIN_S) {
                close();
                binFrom = timeS;
            }
            bin.add(bar);
            binTo = timeS;
        }

        private void close() {
            if (bin.size() >= ENOUGH) {
                bins.add(new double[] {(binFrom + binTo) / 2, bin.median()});
            }
            bin = new Thinned();
        }

        PressureBaseline baseline() {
            close();
            if (all.size() == 0) {
                return ZERO;
            }
            PressureBaseline drifting = new PressureBaseline(
                    bins.stream().mapToDouble(b -> b[0]).toArray(),
                    bins.stream().mapToDouble(b -> b[1]).toArray());
            return bins.size() > 1 && drifting.drift() > DRIFT_BAR ? drifting : level(all.median());
        }
    }
}
