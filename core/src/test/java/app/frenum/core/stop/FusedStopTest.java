package app.frenum.core.stop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A car of which everything is known: 25 m/s until 8 s, then 8 m/s² of slowing reached within 0.3 s. */
class FusedStopTest {
    private static final double ONSET = 8;
    private static final double RAMP = 0.3;
    private static final double SLOWING = 8;
    private static final double V0 = 25;
    /** Loss of speed in the ramp, then the distance by hand: ramp v0·t − a·t²/6, then v²/2a. */
    private static final double AFTER_RAMP = V0 - SLOWING * RAMP / 2;

    private static final double DISTANCE =
            V0 * RAMP - SLOWING * RAMP * RAMP / 6 + AFTER_RAMP * AFTER_RAMP / (2 * SLOWING);

    private static double slowing(double t) {
        if (t < ONSET || speed(t) <= 0) {
            return 0;
        }
        return SLOWING * Math.min(1, (t - ONSET) / RAMP);
    }

    private static double speed(double t) {
        double x = t - ONSET;
        if (x <= 0) {
            return V0;
        }
        double lost = x < RAMP ? SLOWING * x * x / (2 * RAMP) : SLOWING * (RAMP / 2 + x - RAMP);
        return Math.max(0, V0 - lost);
    }

    private static MemoryLog log(double receiverHz, double latency, double bias, Random random) {
        int n = 1600;
        double[] t = new double[n];
        double[][] v = new double[2][n];
        for (int i = 0; i < n; i++) {
            t[i] = i * 0.01;
            boolean told = i % Math.round(100 / receiverHz) == 0;
            v[0][i] = told ? Math.max(0, speed(t[i] - latency) + random.nextGaussian() * 0.03) : Double.NaN;
            v[1][i] = slowing(t[i]) + bias + random.nextGaussian() * 0.2;
        }
        return new MemoryLog(
                List.of(
                        new Channel("speed", Role.SPEED, Unit.METRES_PER_SECOND),
                        new Channel("deceleration", Role.DECELERATION, Unit.METRES_PER_SECOND_SQUARED)),
                t,
                v);
    }

    private static MeasuredStop onlyStop(MemoryLog log) {
        List<MeasuredStop> stops = LogAnalysis.of(log, HealthCheck.of(log), AnalysisOptions.onset(Figure.of(V0)))
                .stops();
        assertThat(stops).hasSize(1);
        return stops.get(0);
    }

    @ParameterizedTest
    @CsvSource({"10, 0, 0", "10, 0.15, 0.1", "10, 0.3, -0.2", "5, 0.2, 0.1", "20, 0.1, 0"})
    void findsTheLagAndTheDistanceThatALateReceiverMisses(double hz, double latency, double bias) {
        MeasuredStop stop = onlyStop(log(hz, latency, bias, new Random(7)));
        FusedStop fused = stop.fused();
        assertThat(fused.latency().value()).isCloseTo(latency, within(0.02));
        assertThat(fused.entrySpeed().value()).isCloseTo(V0, within(0.1));
        // The noisy sensor dates the onset a little late; what was driven before it belongs to neither distance.
        double fromOnset = DISTANCE - V0 * (stop.onsetS() - ONSET);
        assertThat(fused.distance().value()).isCloseTo(fromOnset, within(0.25));
        // The receiver alone is late by latency · v0.
        assertThat(stop.distance().value()).isCloseTo(fromOnset + latency * V0, within(0.4));
    }

    @Test
    void aFastSpeedChannelNeedsNoFusing() {
        FusedStop fused = onlyStop(log(50, 0, 0, new Random(7))).fused();
        assertThat(fused.distance().reason()).contains("20 Hz");
    }
}
