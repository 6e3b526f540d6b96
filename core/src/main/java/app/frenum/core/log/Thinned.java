package app.frenum.core.log;

import java.util.Arrays;

/** Keeps an even, bounded share of the values that pass, enough for medians; deterministic. */
final class Thinned {
    private static final int CAPACITY = 1 << 15;
    private double[] kept = new double[1 << 10];
    private int size;
    private long seen;
    private int stride = 1;

    void add(double x) {
        if (seen++ % stride != 0) {
            return;
        }
        if (size == kept.length) {
            if (size < CAPACITY) {
                kept = Arrays.copyOf(kept, 2 * size);
            } else {
                halve();
            }
        }
        kept[size++] = x;
    }

    private void halve() {
        for (int i = 0; i < size / 2; i++) {
            kept[i] = kept[2 * i];
        }
        size /= 2;
        stride *= 2;
    }

    int size() {
        return size;
    }

    /** NaN when nothing passed. */
    double median() {
        return median(Arrays.copyOf(kept, size));
    }

    /** Spread as 1.4826 · median absolute deviation, or the plain standard deviation where that is 0. */
    double sigma() {
        if (size < 2) {
            return 0;
        }
        double middle = median();
        double mad = median(
                Arrays.stream(kept, 0, size).map(x -> Math.abs(x - middle)).toArray());
        double variance = Arrays.stream(kept, 0, size)
                        .map(x -> (x - middle) * (x - middle))
                        .sum()
                / (size - 1);
        return mad > 0 ? 1.4826 * mad : Math.min(Math.sqrt(variance), 0.05);
    }

    /** Root mean square. */
    double rms() {
        return size == 0
                ? 0
                : Math.sqrt(Arrays.stream(kept, 0, size).map(x -> x * x).sum() / size);
    }

    static double median(double[] values) {
        if (values.length == 0) {
            return Double.NaN;
        }
        Arrays.sort(values);
        int half = values.length / 2;
        return values.length % 2 == 1 ? values[half] : (values[half - 1] + values[half]) / 2;
    }
}
