package app.frenum.core.log;

/**
 * Second-order Butterworth low-pass, run forward and backward so that nothing is delayed.
 *
 * <p>Bilinear transform with pre-warped cut-off: with {@code k = tan(π·fc/fs)} and
 * {@code d = 1 + √2·k + k²}, {@code b = [k², 2k², k²]/d} and {@code a = [1, 2(k² − 1)/d, (1 − √2·k + k²)/d]}.
 * The design cut-off is that of one pass; two passes are 6 dB down there. The ends are reflected oddly about
 * the end samples, and each pass starts in the steady state of its first sample, so that a level signal comes
 * out level. Source: A. V. Oppenheim, R. W. Schafer, Discrete-Time Signal Processing, 3rd ed. 2010, 7.3;
 * F. Gustafsson, Determining the initial states in forward-backward filtering, IEEE Trans. Signal Process. 44
 * (1996) 988–992.
 */
final class Butterworth {
    private final double b0;
    private final double b1;
    private final double a1;
    private final double a2;
    private final int reflected;

    Butterworth(double cutoffHz, double rateHz) {
        if (!(cutoffHz > 0 && cutoffHz < rateHz / 2)) {
            throw new IllegalArgumentException(
                    "cut-off %s Hz must lie between 0 and half the rate of %s Hz".formatted(cutoffHz, rateHz));
        }
        double k = Math.tan(Math.PI * cutoffHz / rateHz);
        double d = 1 + Math.sqrt(2) * k + k * k;
        b0 = k * k / d;
        b1 = 2 * b0;
        a1 = 2 * (k * k - 1) / d;
        a2 = (1 - Math.sqrt(2) * k + k * k) / d;
        // Two periods of the cut-off: the step response has died out to below 1e-4 by then.
        reflected = (int) Math.ceil(2 * rateHz / cutoffHz);
    }

    double[] filter(double[] x) {
        int n = x.length;
        int pad = Math.min(reflected, n - 1);
        double[] y = new double[n + 2 * pad];
        for (int i = 0; i < pad; i++) {
            y[i] = 2 * x[0] - x[pad - i];
            y[pad + n + i] = 2 * x[n - 1] - x[n - 2 - i];
        }
        System.arraycopy(x, 0, y, pad, n);
        pass(y);
        reverse(y);
        pass(y);
        reverse(y);
        double[] out = new double[n];
        System.arraycopy(y, pad, out, 0, n);
        return out;
    }

    /** Transposed direct form II, in place, from the steady state of the first sample. */
    private void pass(double[] y) {
        double z1 = (1 - b0) * y[0];
        double z2 = (b0 - a2) * y[0];
        for (int i = 0; i < y.length; i++) {
            double in = y[i];
            double out = b0 * in + z1;
            z1 = b1 * in - a1 * out + z2;
            z2 = b0 * in - a2 * out;
            y[i] = out;
        }
    }

    private static void reverse(double[] y) {
        for (int i = 0, j = y.length - 1; i < j; i++, j--) {
            double swap = y[i];
            y[i] = y[j];
            y[j] = swap;
        }
    }
}
