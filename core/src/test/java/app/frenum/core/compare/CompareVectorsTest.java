package app.frenum.core.compare;

import static app.frenum.core.Vectors.in;
import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.numbers;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Consistency;
import app.frenum.core.statistics.Holm;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.PermutationTest;
import app.frenum.core.statistics.SampleSize;
import app.frenum.core.statistics.Trend;
import app.frenum.core.statistics.WelchTest;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

class CompareVectorsTest {
    private static final Percentage SIX_FIGURES = withinPercentage(1e-4);

    @Test
    void welchPermutationEffectSizeAndSpread() {
        for (JsonNode v : named("welch")) {
            double[] a = numbers(v.get("in").get("a"));
            double[] b = numbers(v.get("in").get("b"));
            WelchTest test = WelchTest.of(a, b, 0.01);
            assertThat(test.difference()).isCloseTo(out(v, "differenceM"), SIX_FIGURES);
            assertThat(test.t()).isCloseTo(out(v, "welchT"), SIX_FIGURES);
            assertThat(test.degreesOfFreedom()).isCloseTo(out(v, "df"), SIX_FIGURES);
            assertThat(test.p()).isCloseTo(out(v, "p"), SIX_FIGURES);
            assertThat(test.hedgesG()).isCloseTo(out(v, "hedgesG"), SIX_FIGURES);
            assertThat(test.interval(0.95).low())
                    .isCloseTo(v.get("out").get("ci95").get(0).asDouble(), SIX_FIGURES);
            assertThat(test.interval(0.90).high())
                    .isCloseTo(v.get("out").get("ci90").get(1).asDouble(), SIX_FIGURES);
            assertThat(PermutationTest.p(a, b, 1)).isCloseTo(out(v, "permutationP"), SIX_FIGURES);
            Consistency c = Consistency.of(a, b, 1);
            assertThat(c.sdRatio().value()).isCloseTo(out(v, "sdRatio"), SIX_FIGURES);
            assertThat(c.brownForsytheP().value()).isCloseTo(out(v, "brownForsytheP"), SIX_FIGURES);
        }
    }

    @Test
    void holm() {
        for (JsonNode v : named("holm")) {
            assertThat(Holm.adjusted(numbers(v.get("in").get("p"))))
                    .containsExactly(numbers(v.get("out").get("holm")), Offset.offset(1e-12));
        }
    }

    @Test
    void trend() {
        for (JsonNode v : named("mann_kendall")) {
            Trend trend = Trend.of(numbers(v.get("in").get("y")));
            // The vectors' plain p has no continuity correction; the project's rule is |S| − 1, given beside it.
            String key = v.get("out").has("pWithContinuity") ? "pWithContinuity" : "p";
            assertThat(trend.p().value()).isCloseTo(out(v, key), SIX_FIGURES);
            assertThat(trend.perStop().value()).isCloseTo(out(v, "theilSenPerStop"), SIX_FIGURES);
        }
    }

    @Test
    void sampleSize() {
        named("sample_size")
                .forEach(v -> assertThat(SampleSize.perSide(in(v, "delta"), in(v, "sd")))
                        .isEqualTo((int) out(v, "nPerSide")));
        named("smallest_difference")
                .forEach(v -> assertThat(SampleSize.smallestDifference((int) in(v, "n"), in(v, "sd")))
                        .isCloseTo(out(v, "deltaM"), SIX_FIGURES));
        named("stops_to_settle")
                .forEach(v -> assertThat(SampleSize.stopsToSettle(
                                in(v, "margin"), in(v, "pooled_sd"), (int) in(v, "n_a"), (int) in(v, "n_b")))
                        .isEqualTo((int) out(v, "moreEach")));
    }

    @Test
    void verdict() {
        for (JsonNode v : named("verdict")) {
            if (v.get("in").path("blocked").asBoolean()) {
                continue; // a block never reaches the rule: see ComparisonsTest
            }
            Interval ci95 = interval(v.get("in").get("ci95"));
            double holm = v.get("in").path("holm_p").asDouble(0);
            Verdict verdict = Verdict.of(
                    in(v, "difference"),
                    ci95,
                    interval(v.get("in").get("ci90")).isWithin(in(v, "margin")),
                    Figure.of(in(v, "floor")),
                    in(v, "margin"),
                    holm < 0.05,
                    Verdict.Sense.SHORTER_IS_BETTER);
            assertThat(verdict.name()).isEqualTo(v.get("out").get("verdict").asText());
            if (v.get("out").has("worthwhile")) {
                assertThat(Verdict.isWorthwhile(ci95, in(v, "margin")))
                        .isEqualTo(v.get("out").get("worthwhile").asBoolean());
            }
        }
    }

    private static Interval interval(JsonNode ends) {
        return new Interval(ends.get(0).asDouble(), ends.get(1).asDouble());
    }

    @Test
    void whereTheMetresWent() {
        for (JsonNode v : named("metres")) {
            List<Metres.Driven> a =
                    driven(v.get("in").get("A"), v.get("in").path("grade_a").asDouble(0));
            List<Metres.Driven> b =
                    driven(v.get("in").get("B"), v.get("in").path("grade_b").asDouble(0));
            Metres m = Metres.of(a, b, in(v, "v_nom"));
            assertThat(m.raw()).isCloseTo(out(v, "rawM"), SIX_FIGURES);
            assertThat(m.entrySpeed()).isCloseTo(out(v, "entrySpeedM"), SIX_FIGURES);
            assertThat(m.lostTime()).isCloseTo(out(v, "lostTimeM"), SIX_FIGURES);
            assertThat(m.plateau()).isCloseTo(out(v, "plateauM"), SIX_FIGURES);
            if (out(v, "slopeM") != 0) {
                assertThat(m.slope()).isCloseTo(out(v, "slopeM"), SIX_FIGURES);
            }
            assertThat(m.entrySpeed() + m.slope() + m.lostTime() + m.plateau() + m.rest())
                    .isCloseTo(m.raw(), withinPercentage(1e-9));
        }
    }

    private static List<Metres.Driven> driven(JsonNode rows, double grade) {
        List<Metres.Driven> out = new ArrayList<>();
        rows.forEach(r -> out.add(new Metres.Driven(
                r.get(0).asDouble(), r.get(1).asDouble(), r.get(2).asDouble(), grade)));
        return out;
    }

    @Test
    void speedStillCarried() {
        for (JsonNode v : named("carried")) {
            Figure mfdd = v.get("in").has("mfdd_long") ? Figure.of(in(v, "mfdd_long")) : Figure.unknown("not logged");
            assertThat(SpeedCarried.of(in(v, "v"), in(v, "s_short"), in(v, "s_long"), mfdd))
                    .isCloseTo(out(v, "speedMps"), SIX_FIGURES);
        }
    }

    @Test
    void instrumentFloor() {
        named("instrument_floor")
                .forEach(v -> assertThat(InstrumentFloor.random(
                                in(v, "u_a"), (int) in(v, "n_a"), in(v, "u_b"), (int) in(v, "n_b")))
                        .isCloseTo(out(v, "floorM"), SIX_FIGURES));
    }
}
