package app.frenum.core.balance;

import static app.frenum.core.Vectors.in;
import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import com.fasterxml.jackson.databind.JsonNode;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

class BalanceVectorsTest {
    private static final Percentage SIX_FIGURES = withinPercentage(1e-4);

    private static AxleLoads loads(JsonNode v) {
        return new AxleLoads(in(v, "phi_s"), in(v, "h"), in(v, "L"));
    }

    @Test
    void idealShare() {
        JsonNode v = named("ideal_share").get(0);
        assertThat(loads(v).idealShare(in(v, "a"))).isCloseTo(out(v, "phiIdeal"), SIX_FIGURES);
        assertThat(loads(v).idealShare(0)).isEqualTo(in(v, "phi_s"));
    }

    @Test
    void whichAxleLocksFirst() {
        for (JsonNode v : named("lock")) {
            AxleLoads.LockUp lock = loads(v).lockUp(in(v, "phi"), in(v, "mu"));
            assertThat(lock.frontG().isKnown())
                    .isEqualTo(!v.get("out").get("frontNeverLocks").asBoolean());
            if (lock.frontG().isKnown()) {
                assertThat(lock.frontG().value()).isCloseTo(out(v, "zFront"), SIX_FIGURES);
            }
            assertThat(lock.rearG().value()).isCloseTo(out(v, "zRear"), SIX_FIGURES);
            assertThat(lock.first().name())
                    .isEqualToIgnoringCase(v.get("out").get("first").asText());
            assertThat(lock.decelerationMps2()).isCloseTo(out(v, "aMps2"), SIX_FIGURES);
        }
    }

    @Test
    void atTheIdealShareBothAxlesLockTogether() {
        AxleLoads loads = new AxleLoads(0.58, 0.55, 2.6);
        double share = loads.idealShare(0.9 * 9.80665);
        AxleLoads.LockUp lock = loads.lockUp(share, 0.9);
        assertThat(lock.frontG().value()).isCloseTo(0.9, within(1e-12));
        assertThat(lock.rearG().value()).isCloseTo(0.9, within(1e-12));
    }

    @Test
    void brakeForceShareIsNotPressureShare() {
        JsonNode v = named("hydraulic_share").get(0);
        AxleHydraulics front = new AxleHydraulics(in(v, "Af") * 1e-4, in(v, "muf"), in(v, "rf"), 2);
        AxleHydraulics rear = new AxleHydraulics(in(v, "Ar") * 1e-4, in(v, "mur"), in(v, "rr"), 2);
        assertThat(AxleHydraulics.brakeForceShare(front, in(v, "pf"), rear, in(v, "pr")))
                .isCloseTo(out(v, "brakeForceShare"), SIX_FIGURES);
        assertThat(front.forceN(60, 0.31)).isCloseTo(2 * 60e5 * 20.3e-4 * 0.42 * 0.118 * 2 / 0.31, SIX_FIGURES);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new AxleLoads(1.2, 0.5, 2.5)).hasMessageContaining("share");
        assertThatThrownBy(() -> new AxleLoads(0.5, 0.5, 2.5).lockUp(0.7, 0)).hasMessageContaining("grip");
    }

    @Test
    void aShortHighVehicleLiftsItsRearWheelBeforeAnythingLocks() {
        // 9.80665·(1 − 0.5)·1.4/0.62 = 11.07 m/s²
        AxleLoads motorcycle = new AxleLoads(0.5, 0.62, 1.4);
        assertThat(motorcycle.rearLiftsMps2()).isCloseTo(11.07, within(0.005));
        assertThat(motorcycle.idealShare(motorcycle.rearLiftsMps2())).isCloseTo(1, within(1e-12));
        AxleLoads.LockUp dry = motorcycle.lockUp(1, 1.2);
        assertThat(dry.rearLifts()).isTrue();
        assertThat(dry.decelerationMps2()).isEqualTo(motorcycle.rearLiftsMps2());
        assertThat(motorcycle.lockUp(0.8, 0.4).rearLifts()).isFalse();
        assertThat(new AxleLoads(0.58, 0.55, 2.6).rearLiftsMps2()).isGreaterThan(19);
    }
}
