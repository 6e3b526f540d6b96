package app.frenum.core.heat;

import static app.frenum.core.Vectors.in;
import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.numbers;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.StraightLine;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

class HeatVectorsTest {
    private static final Percentage SIX_FIGURES = withinPercentage(1e-4);

    @Test
    void waitingForTheGate() {
        for (JsonNode v : named("wait")) {
            Figure wait = new Cooling(in(v, "tau"), in(v, "Ta")).waitUntil(in(v, "T"), in(v, "gate"));
            assertThat(wait.isKnown()).isEqualTo(!v.get("out").get("waitS").isNull());
            if (wait.isKnown()) {
                assertThat(wait.value()).isCloseTo(out(v, "waitS"), SIX_FIGURES);
                Cooling cooling = new Cooling(in(v, "tau"), in(v, "Ta"));
                assertThat(cooling.after(in(v, "T"), wait.value())).isCloseTo(in(v, "gate"), within(1e-9));
            }
        }
        assertThat(new Cooling(150, 20).waitUntil(80, 100)).isEqualTo(Figure.of(0));
    }

    @Test
    void thePeakBeforeALateReading() {
        JsonNode v = named("peak_back").get(0);
        Cooling.Peak peak = new Cooling(in(v, "tau"), in(v, "Ta"))
                .peakBefore(new Cooling.Peak(in(v, "Tr"), in(v, "u_r")), in(v, "dt"), in(v, "u_tau"), in(v, "u_Ta"));
        assertThat(peak.celsius()).isCloseTo(out(v, "peakC"), SIX_FIGURES);
        assertThat(peak.uncertaintyC()).isCloseTo(out(v, "uC"), SIX_FIGURES);
    }

    @Test
    void riseOfOneStop() {
        JsonNode v = named("rise").get(0);
        DiscRise front = new DiscRise(in(v, "m"), in(v, "share"), in(v, "m_disc"), 2);
        DiscRise rear = new DiscRise(in(v, "m"), 1 - in(v, "share"), in(v, "m_disc"), 2);
        assertThat(front.of(in(v, "v1"), in(v, "v2"))).isCloseTo(out(v, "frontC"), SIX_FIGURES);
        assertThat(rear.of(in(v, "v1"), in(v, "v2"))).isCloseTo(out(v, "rearC"), SIX_FIGURES);
    }

    private static RegularSeries series(JsonNode v) {
        return new RegularSeries(new Cooling(in(v, "tau"), in(v, "Ta")), in(v, "dT"), in(v, "dt"));
    }

    @Test
    void aRegularSeriesSettles() {
        JsonNode v = named("sawtooth").get(0);
        double[] starts = series(v).starts(in(v, "T1"), (int) in(v, "n"));
        double[] expected = numbers(v.get("out").get("startC"));
        for (int i = 0; i < expected.length; i++) {
            assertThat(starts[i]).isCloseTo(expected[i], SIX_FIGURES);
        }
        assertThat(series(v).settledTrough()).isCloseTo(out(v, "settledTroughC"), SIX_FIGURES);
        assertThat(series(v).settledPeak()).isCloseTo(out(v, "settledPeakC"), SIX_FIGURES);
        assertThat(series(v).starts(in(v, "T1"), 400)[399]).isCloseTo(out(v, "settledTroughC"), within(1e-6));
    }

    @Test
    void stopsBeforeALimit() {
        JsonNode v = named("stops_before").get(0);
        assertThat(series(v).stopsBefore(in(v, "T1"), in(v, "limit")).value()).isEqualTo(out(v, "stops"));
        assertThat(series(v).stopsBefore(in(v, "T1"), 300).reason()).contains("settle below it");
        assertThat(series(v).stopsBefore(in(v, "T1"), 100)).isEqualTo(Figure.of(0));
    }

    @Test
    void aLapsEnergyAndWhereItSettles() {
        JsonNode v = named("lap").get(0);
        List<LapHeat.Event> events = new ArrayList<>();
        v.get("in")
                .get("events")
                .forEach(e -> events.add(
                        new LapHeat.Event(e.get(0).asDouble(), e.get(1).asDouble(), 30)));
        LapHeat lap = new LapHeat(in(v, "m"), events);
        assertThat(lap.eventJ()).containsExactly(numbers(v.get("out").get("eventJ")), within(0.01));
        assertThat(lap.lapJ()).isCloseTo(out(v, "lapJ"), SIX_FIGURES);
        assertThat(lap.lapKwh()).isCloseTo(out(v, "lapKWh"), SIX_FIGURES);
        assertThat(lap.applications(12)).isEqualTo(36);
        LapHeat.Settled settled = lap.settle(new Cooling(120, 20), new DiscRise(in(v, "m"), 0.7, 7, 2));
        // Once settled, what goes in comes out: each trough is the last peak cooled over its gap.
        Cooling cooling = new Cooling(120, 20);
        assertThat(settled.swings().get(1).troughC())
                .isCloseTo(cooling.after(settled.swings().get(0).peakC(), 30), within(1e-9));
        assertThat(settled.swings().get(0).troughC())
                .isCloseTo(cooling.after(settled.swings().get(2).peakC(), 30), within(0.6));
        assertThat(settled.laps()).isBetween(3, 20);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Cooling(0, 20)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new DiscRise(1200, 1.2, 7, 2)).hasMessageContaining("share");
        assertThatThrownBy(() -> new LapHeat.Event(20, 30, 10)).hasMessageContaining("slow down");
    }

    @Test
    void theTimeConstantOfACoolDown() {
        for (JsonNode v : named("cooling_fit")) {
            JsonNode ambient = v.get("in").get("Ta");
            CoolingFit fit = CoolingFit.of(
                    numbers(v.get("in").get("t")),
                    numbers(v.get("in").get("T")),
                    ambient == null ? OptionalDouble.empty() : OptionalDouble.of(ambient.asDouble()));
            assertThat(fit.tauS().isKnown()).isEqualTo(!v.get("out").get("tauS").isNull());
            if (fit.tauS().isKnown()) {
                assertThat(fit.tauS().value()).isCloseTo(out(v, "tauS"), withinPercentage(1e-2));
                assertThat(fit.tauLowS().value()).isCloseTo(out(v, "tauLow"), withinPercentage(1e-2));
                assertThat(fit.tauHighS().value()).isCloseTo(out(v, "tauHigh"), withinPercentage(1e-2));
                assertThat(fit.startC().value()).isCloseTo(out(v, "T0C"), withinPercentage(1e-2));
                assertThat(fit.ambientC().value()).isCloseTo(out(v, "TaC"), withinPercentage(1e-2));
                assertThat(fit.rmsC().value()).isCloseTo(out(v, "rmsC"), withinPercentage(1e-2));
            } else {
                assertThat(fit.tauS().reason()).contains(ambient == null ? "needs 6 readings" : "too short a part");
            }
        }
    }

    @Test
    void whatAFitLeavesOverTellsWhetherOneTimeConstantIsEnough() {
        double[] t = DoubleStream.iterate(0, x -> x + 2).limit(200).toArray();
        Cooling one = new Cooling(120, 15);
        List<CoolingResidual> none = left(t, x -> one.after(300, x));
        assertThat(none).hasSize(40).allMatch(r -> r.n() == 2 && Math.abs(r.medianC()) < 1e-3);
        assertThat(none.get(0).ageS()).isEqualTo(5);

        // Heat that still goes into the disc falls faster at first: the fit is below the readings, above, and below
        // again.
        List<CoolingResidual> two = left(t, x -> one.after(300, x) + 100 * Math.exp(-x / 15));
        assertThat(two.get(0).medianC()).isGreaterThan(10);
        assertThat(two.stream().mapToDouble(CoolingResidual::medianC).min().orElseThrow())
                .isLessThan(-5);
        assertThat(two.get(39).medianC()).isPositive();
        assertThat(CoolingResidual.of(List.of())).isEmpty();
    }

    private static List<CoolingResidual> left(double[] t, DoubleUnaryOperator disc) {
        double[] celsius = DoubleStream.of(t).map(disc).toArray();
        CoolingFit fit = CoolingFit.of(t, celsius, OptionalDouble.of(15));
        List<CoolingResidual.Step> steps = CoolingResidual.steps(fit, t, celsius);
        return CoolingResidual.of(List.of(steps, steps));
    }

    private static List<ReadyAt.Reading> cooling(double tauS, double... ages) {
        Cooling disc = new Cooling(tauS, 15);
        return DoubleStream.of(ages)
                .mapToObj(t -> new ReadyAt.Reading(t, disc.after(300, t), 3))
                .toList();
    }

    @Test
    void whenTheGateOpensIsLearntFromThisVeryCoolDown() {
        double truth = new Cooling(120, 15).waitUntil(300, 100).value();
        ReadyAt early = ReadyAt.of(cooling(120, 0), 100, 15, Regimes.of(180), Optional.empty());
        assertThat(early.fitted()).isFalse();
        ReadyAt late = ReadyAt.of(cooling(120, 0, 20, 45, 70), 100, 15, Regimes.of(180), Optional.empty());
        assertThat(late.fitted()).isTrue();
        assertThat(late.atS().value()).isCloseTo(truth, within(1e-3));
        assertThat(late.plusMinusS().value()).isLessThan(early.plusMinusS().value());
        assertThat(early.plusMinusS().value()).isGreaterThan(30);
        assertThat(ReadyAt.of(cooling(120, 0), 10, 15, Regimes.of(180), Optional.empty())
                        .atS()
                        .reason())
                .contains("never reached");
        assertThat(ReadyAt.of(cooling(120, 300), 100, 15, Regimes.of(180), Optional.empty())
                        .plusMinusS())
                .isEqualTo(Figure.of(0));
    }

    @Test
    void coolingHangsOnSpeed() {
        JsonNode v = named("tau_speed").get(0);
        double[] speeds = numbers(v.get("in").get("v"));
        double[] taus = numbers(v.get("in").get("tau"));
        List<SpeedCooling.CoolDown> downs = IntStream.range(0, speeds.length)
                .mapToObj(i -> new SpeedCooling.CoolDown(speeds[i], taus[i]))
                .toList();
        SpeedCooling law = SpeedCooling.of(downs);
        assertThat(law.c0().value()).isCloseTo(out(v, "c0"), withinPercentage(1e-2));
        assertThat(law.c1().value()).isCloseTo(out(v, "c1"), withinPercentage(1e-2));
        assertThat(SpeedCooling.of(downs.subList(0, 2)).c0().reason()).contains("3 speeds, not 2");
    }

    @Test
    void howMuchToBlockForATrough() {
        JsonNode v = named("line").get(0);
        StraightLine line = StraightLine.of(
                numbers(v.get("in").get("x")), numbers(v.get("in").get("y")));
        assertThat(line.slope().value()).isCloseTo(out(v, "slope"), withinPercentage(1e-4));
        assertThat(line.intercept().value()).isCloseTo(out(v, "intercept"), withinPercentage(1e-4));
        assertThat(line.slopeLow().value()).isCloseTo(out(v, "slopeLow"), withinPercentage(1e-4));
        assertThat(line.slopeHigh().value()).isCloseTo(out(v, "slopeHigh"), withinPercentage(1e-4));
        assertThat(line.xFor(160).value()).isCloseTo(out(v, "xForWanted"), withinPercentage(1e-4));
        assertThat(line.xFor(400).reason()).contains("far more or less than was tried");
    }
}
