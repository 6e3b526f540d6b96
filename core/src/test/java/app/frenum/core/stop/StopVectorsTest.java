package app.frenum.core.stop;

import static app.frenum.core.Vectors.in;
import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;
import com.fasterxml.jackson.databind.JsonNode;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

class StopVectorsTest {
    private static final Percentage SIX_FIGURES = withinPercentage(1e-4);

    @Test
    void meanFullyDevelopedDeceleration() {
        for (JsonNode v : named("mfdd_from_trace")) {
            JsonNode rows = v.get("in").get("rows");
            double[] t = new double[rows.size()];
            double[] speed = new double[t.length];
            for (int i = 0; i < t.length; i++) {
                t[i] = rows.get(i).get(0).asDouble();
                speed[i] = rows.get(i).get(1).asDouble();
            }
            double v2 = v.get("in").path("v2").asDouble(0);
            PlateauWindow window = PlateauWindow.of(new Signal(t, speed), 0, t[t.length - 1], in(v, "v0"), v2);
            assertThat(window.fromMps()).isCloseTo(out(v, "vBMps"), SIX_FIGURES);
            assertThat(window.toMps()).isCloseTo(out(v, "vEMps"), SIX_FIGURES);
            assertThat(window.mfdd().value()).isCloseTo(out(v, "mfddMps2"), SIX_FIGURES);
        }
    }

    @Test
    void corrections() {
        for (JsonNode v : named("corrected")) {
            assertThat(Corrections.toNominalSpeed(in(v, "s"), in(v, "v0"), in(v, "v_nom")))
                    .isCloseTo(out(v, "correctedM"), SIX_FIGURES);
            assertThat(Corrections.isEntrySpeedIn(in(v, "v0"), in(v, "v_nom"), AnalysisOptions.DEFAULT_ENTRY_TOLERANCE))
                    .isEqualTo(v.get("out").get("allowed").asBoolean());
        }
        for (JsonNode v : named("level")) {
            Figure level = Corrections.toLevel(in(v, "s"), in(v, "v0"), in(v, "grade"));
            assertThat(level.isKnown()).isEqualTo(!v.get("out").get("levelM").isNull());
            if (level.isKnown()) {
                assertThat(level.value()).isCloseTo(out(v, "levelM"), SIX_FIGURES);
            }
        }
        for (JsonNode v : named("pair_grade")) {
            double v0 = in(v, "v0");
            double up = v0 * v0 / (2 * in(v, "s_up"));
            double down = v0 * v0 / (2 * in(v, "s_down"));
            assertThat(Corrections.gradeFrom(up, down)).isCloseTo(out(v, "grade"), SIX_FIGURES);
            assertThat(Corrections.bothWays(in(v, "s_up"), in(v, "s_down"))).isCloseTo(out(v, "levelM"), SIX_FIGURES);
        }
    }

    @Test
    void uncertainties() {
        named("combined_u")
                .forEach(v -> assertThat(Uncertainty.correctedM(in(v, "s"), in(v, "u_s"), in(v, "v0"), in(v, "u_v0")))
                        .isCloseTo(out(v, "uSM"), SIX_FIGURES));
        named("logger_u")
                .forEach(v -> assertThat(Uncertainty.loggedM(in(v, "v0"), in(v, "t"), in(v, "rate")))
                        .isCloseTo(out(v, "uSM"), SIX_FIGURES));
        named("stopwatch").forEach(v -> {
            double a = in(v, "v_nom") / in(v, "t");
            assertThat(Uncertainty.stopwatchMps2(a, in(v, "t"))).isCloseTo(out(v, "uAMps2"), SIX_FIGURES);
        });
    }

    @Test
    void tailBelowTheLastCredibleSpeed() {
        JsonNode v = named("tail").get(0);
        // A ramp at a_last that the log follows down to v, and then nothing but rest.
        double a = in(v, "a_last");
        double[] t = new double[400];
        double[] speed = new double[t.length];
        for (int i = 0; i < t.length; i++) {
            t[i] = i * 0.01;
            speed[i] = Math.max(0, 20 - a * t[i]);
        }
        StopExtent extent = StopExtent.of(
                new Signal(t, speed),
                new BrakeApplication(0, 3.5, OnsetSource.SWITCH, 0, Double.POSITIVE_INFINITY, null),
                0);
        assertThat(extent.tailM()).isCloseTo(out(v, "distanceM"), SIX_FIGURES);
        assertThat(extent.tailS()).isCloseTo(out(v, "timeS"), SIX_FIGURES);
    }
}
