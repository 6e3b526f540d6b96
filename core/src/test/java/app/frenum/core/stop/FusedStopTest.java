package app.frenum.core.stop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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

/** A slow, late receiver on a car of which everything is known. */
class FusedStopTest {
    private static KnownStop logged(double receiverHz, double latency, double bias) {
        Random random = new Random(7);
        long every = Math.round(100 / receiverHz);
        return KnownStop.nothingLogged()
                .with(
                        Role.SPEED,
                        Unit.METRES_PER_SECOND,
                        t -> Math.round(t * 100) % every == 0
                                ? Math.max(0, KnownStop.speed(t - latency) + random.nextGaussian() * 0.03)
                                : Double.NaN)
                .with(
                        Role.DECELERATION,
                        Unit.METRES_PER_SECOND_SQUARED,
                        t -> slowing(t) + bias + random.nextGaussian() * 0.2);
    }

    private static double slowing(double t) {
        return t < KnownStop.ONSET || KnownStop.speed(t) <= 0
                ? 0
                : KnownStop.SLOWING * Math.min(1, (t - KnownStop.ONSET) / 0.3);
    }

    private static MeasuredStop onlyStop(KnownStop logged) {
        MemoryLog log = logged.log();
        List<MeasuredStop> stops = LogAnalysis.of(
                        log, HealthCheck.of(log), AnalysisOptions.onset(Figure.of(KnownStop.V0)))
                .stops();
        assertThat(stops).hasSize(1);
        return stops.get(0);
    }

    @ParameterizedTest
    @CsvSource({"10, 0, 0", "10, 0.15, 0.1", "10, 0.3, -0.2", "5, 0.2, 0.1", "20, 0.1, 0"})
    void findsTheLagAndTheDistanceThatALateReceiverMisses(double hz, double latency, double bias) {
        MeasuredStop stop = onlyStop(logged(hz, latency, bias));
        FusedStop fused = stop.fused();
        assertThat(fused.latency().value()).isCloseTo(latency, within(0.02));
        assertThat(fused.entrySpeed().value()).isCloseTo(KnownStop.V0, within(0.1));
        // The noisy sensor dates the onset a little late; what was driven before it belongs to neither distance.
        double fromOnset = KnownStop.DISTANCE - KnownStop.V0 * (stop.onsetS() - KnownStop.ONSET);
        assertThat(fused.distance().value()).isCloseTo(fromOnset, within(0.25));
        // A late receiver's readings are moved back before anything is computed from them.
        double left = latency > 0.05 ? 0 : latency;
        assertThat(stop.distance().value()).isCloseTo(fromOnset + left * KnownStop.V0, within(0.4));
    }

    @Test
    void aFastSpeedChannelNeedsNoFusing() {
        FusedStop fused = onlyStop(logged(50, 0, 0)).fused();
        assertThat(fused.distance().reason()).contains("20 Hz");
    }
}
