package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class SmoothingTest {
    private static Signal sampled(double rateHz, double seconds, DoubleUnaryOperator f) {
        int n = (int) (rateHz * seconds);
        double[] t = new double[n];
        double[] v = new double[n];
        for (int i = 0; i < n; i++) {
            t[i] = i / rateHz;
            v[i] = f.applyAsDouble(t[i]);
        }
        return new Signal(t, v);
    }

    @Test
    void leavesALevelAndARampAlone() {
        Signal ramp = sampled(100, 4, t -> 3 + 2 * t);
        Signal smooth = Smoothing.lowPass(ramp, 10);
        for (int i = 0; i < ramp.size(); i++) {
            assertThat(smooth.v()[i]).isCloseTo(ramp.v()[i], within(1e-5));
        }
    }

    /** Two passes of a second-order Butterworth: 1/(1 + (f/fc)⁴) with the bilinear transform's warping. */
    @Test
    void delaysNothingAndDampsAsTheBookSays() {
        double rate = 200;
        for (double f : new double[] {2, 10, 30}) {
            Signal smooth = Smoothing.lowPass(sampled(rate, 10, t -> Math.sin(2 * Math.PI * f * t)), 10);
            double warped = Math.tan(Math.PI * f / rate) / Math.tan(Math.PI * 10 / rate);
            double gain = 1 / (1 + Math.pow(warped, 4));
            double t = Math.round((5 + 0.25 / f) * rate) / rate;
            assertThat(smooth.at(t)).isCloseTo(gain * Math.sin(2 * Math.PI * f * t), within(2e-4));
        }
    }

    @Test
    void neverReachesAcrossAGap() {
        Signal whole = sampled(100, 4, t -> t < 2 ? 0 : 10);
        double[] late = whole.t().clone();
        for (int i = 200; i < late.length; i++) {
            late[i] += 1;
        }
        Signal smooth = Smoothing.lowPass(new Signal(late, whole.v()), 2);
        assertThat(smooth.v()[199]).isCloseTo(0, within(1e-9));
        assertThat(smooth.v()[200]).isCloseTo(10, within(1e-9));
    }

    @Test
    void slowLoggersAreFilteredNoHigherThanAFifthOfTheirRate() {
        Signal slow = sampled(10, 10, t -> Math.sin(2 * Math.PI * 4 * t));
        assertThat(Smoothing.lowPass(slow, 10).max(2, 8)).isLessThan(0.1);
    }

    @Test
    void decelerationOfAnEvenStopIsItsSlope() {
        Signal speed = sampled(100, 3, t -> 25 - 6 * t);
        Signal a = Smoothing.decelerationOf(speed);
        assertThat(a.at(1.5)).isCloseTo(6, within(1e-6));
    }
}
