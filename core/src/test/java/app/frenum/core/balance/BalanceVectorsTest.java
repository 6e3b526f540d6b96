package app.frenum.core.balance;

import static app.frenum.core.Vectors.in;
import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.finding.Term;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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

    @Test
    void spreadOfTheShareThroughAStop() {
        JsonNode v = named("share_spread").get(0);
        double[] front = doubles(v, "pf");
        double[] t = new double[front.length];
        Arrays.setAll(t, i -> i * in(v, "dt"));
        LineShare share = LineShare.spread(t, front, doubles(v, "pr"));
        // The last sample stands for half a step, which the vector's plain mean does not know.
        assertThat(share.mean().value()).isCloseTo(out(v, "meanShare"), within(2e-3));
        assertThat(share.low().value()).isCloseTo(out(v, "p10"), SIX_FIGURES);
        assertThat(share.high().value()).isCloseTo(out(v, "p90"), SIX_FIGURES);
        assertThat(LineShare.spread(t, new double[t.length], new double[t.length])
                        .mean()
                        .reason())
                .contains("1 bar");
    }

    private static double[] doubles(JsonNode v, String name) {
        double[] out = new double[v.get("in").get(name).size()];
        Arrays.setAll(out, i -> v.get("in").get(name).get(i).asDouble());
        return out;
    }

    @Test
    void fromLinePressureToBrakeForceAndBack() {
        JsonNode v = named("hydraulic_share").get(0);
        double equal = AxleHydraulics.brakeForceShare(
                new AxleHydraulics(in(v, "Af"), in(v, "muf"), in(v, "rf"), 2),
                1,
                new AxleHydraulics(in(v, "Ar"), in(v, "mur"), in(v, "rr"), 2),
                1);
        PressureToForce way = PressureToForce.ofShareAtEqualPressures(equal);
        assertThat(way.forceShare(out(v, "pressureShare"))).isCloseTo(out(v, "brakeForceShare"), SIX_FIGURES);
        assertThat(way.pressureShare(out(v, "brakeForceShare"))).isCloseTo(out(v, "pressureShare"), SIX_FIGURES);
    }

    @Test
    void anAdjusterTurnedBothWays() {
        JsonNode v = named("line").stream()
                .filter(x -> x.get("section").asText().equals("11"))
                .findFirst()
                .orElseThrow();
        double[] turns = doubles(v, "x");
        double[] percent = doubles(v, "y");
        List<AdjusterLine.Tried> tried = IntStream.range(0, turns.length)
                .mapToObj(i -> new AdjusterLine.Tried(turns[i], percent[i] / 100))
                .toList();
        AdjusterLine line = AdjusterLine.of(tried);
        assertThat(100 * line.line().slope().value()).isCloseTo(out(v, "slope"), SIX_FIGURES);
        assertThat(line.line().xFor(in(v, "want") / 100).value()).isCloseTo(out(v, "xForWanted"), SIX_FIGURES);
        // Back it reads 0.2 % lower than on the way there, a third of a turn.
        assertThat(line.play().value()).isBetween(0.1, 0.6);
        assertThat(AdjusterLine.of(tried.subList(0, 4)).play().isKnown()).isFalse();
        assertThat(line.turnsFor(4, in(v, "want") / 100).value()).isEqualTo(1);
    }

    @Test
    void anAdjusterThatChangesNothingHasNoPlayAndIsNotTurned() {
        double[] turns = {0, 2, 4, 2, 0};
        double[] share = {0.700, 0.703, 0.699, 0.698, 0.701};
        AdjusterLine line = AdjusterLine.of(IntStream.range(0, turns.length)
                .mapToObj(i -> new AdjusterLine.Tried(turns[i], share[i]))
                .toList());
        assertThat(line.play().reason()).contains("no measurable difference");
        assertThat(line.turnsFor(0, 0.69).reason()).contains("no measurable difference");
    }

    @Test
    void adviceThatCouldLockTheRearFirstIsNotGiven() {
        List<AdjusterLine.Tried> tried = IntStream.of(0, 2, 4, 2, 0)
                .mapToObj(t -> new AdjusterLine.Tried(t, 0.70 - 0.02 * t))
                .toList();
        AdjusterLine line = AdjusterLine.of(tried);
        AxleLoads loads = new AxleLoads(0.55, 0.5, 2.5);
        BalanceAnswer equal = new BalanceAnswer(Optional.of(loads), Optional.of(new PressureToForce(1)), "");
        // The ideal at 5 m/s² is 65.2 %, at 7 m/s² 69.3 %.
        assertThat(equal.ideal(5).value()).isCloseTo(0.65197, within(1e-4));
        assertThat(code(equal.turn(line, tried, 0, 0.66, 5))).isEqualTo(BalanceFinding.TURN);
        assertThat(code(equal.turn(line, tried, 0, 0.66, 7))).isEqualTo(BalanceFinding.BLOCKED_REAR_FIRST);
        assertThat(code(equal.turn(line, tried, 4, 0.66, 7)))
                .as("towards the front is always let through")
                .isEqualTo(BalanceFinding.TURN);
        assertThat(code(equal.turn(line, tried, 2, 0.66, 5))).isEqualTo(BalanceFinding.LEAVE);
        assertThat(code(equal.turn(line, tried, 0, 0.30, 5))).isEqualTo(BalanceFinding.OUT_OF_REACH);
        BalanceAnswer blind = new BalanceAnswer(Optional.of(loads), Optional.empty(), "no piston area is known");
        assertThat(code(blind.turn(line, tried, 0, 0.66, 5))).isEqualTo(BalanceFinding.BLOCKED_NOT_KNOWN);
        assertThat(code(blind.lessGrip(7))).isEqualTo(BalanceFinding.NOTHING);
    }

    @Test
    void whatTheVehiclesFiguresLeaveOpenBlocksAdviceToo() {
        List<AdjusterLine.Tried> tried = IntStream.of(0, 2, 4, 2, 0)
                .mapToObj(t -> new AdjusterLine.Tried(t, 0.70 - 0.02 * t))
                .toList();
        AdjusterLine line = AdjusterLine.of(tried);
        Optional<PressureToForce> toForce = Optional.of(new PressureToForce(1));
        BalanceAnswer moved = new BalanceAnswer(Optional.of(new AxleLoads(0.56, 0.5, 2.5)), toForce, "");
        BalanceAnswer known = new BalanceAnswer(Optional.of(new AxleLoads(0.55, 0.5, 2.5)), toForce, "");
        BalanceAnswer roughly = new BalanceAnswer(known.loads(), toForce, "", List.of(moved));
        assertThat(roughly.idealHalfWidth(5)).isCloseTo(0.02, within(1e-9));
        assertThat(roughly.forceHalfWidth(5)).isCloseTo(0.02, within(1e-9));
        assertThat(known.idealHalfWidth(5)).isZero();
        // 66 % is above the ideal of 65.2 %, and within its ± of two points.
        assertThat(code(known.turn(line, tried, 0, 0.66, 5))).isEqualTo(BalanceFinding.TURN);
        assertThat(code(roughly.turn(line, tried, 0, 0.66, 5))).isEqualTo(BalanceFinding.BLOCKED_REAR_FIRST);
    }

    private static FindingCode code(Finding finding) {
        return finding.code();
    }

    @Test
    void theOrderOfLockingIsTheDangerousOneHoweverSeldom() {
        LockOrder front = LockOrder.seen(AxleLoads.Axle.FRONT);
        LockOrder rear = LockOrder.seen(AxleLoads.Axle.REAR);
        Finding told = BalanceAnswer.locked("A", List.of(front, front, rear)).orElseThrow();
        assertThat(told.terms().get("axle")).isEqualTo(Term.said(Finding.of(BalanceFinding.REAR)));
        assertThat(told.terms().get("n")).isEqualTo(Term.count(1));
        assertThat(told.terms().get("margin")).isEqualTo(Term.said(Finding.of(BalanceFinding.SEEN)));
        Figure none = Figure.unknown("not told");
        LockOrder held = new LockOrder(AxleLoads.Axle.FRONT, none, none, Figure.of(0.9 * Unit.G));
        LockOrder both = new LockOrder(AxleLoads.Axle.FRONT, Figure.of(0.3), Figure.of(0.05 * Unit.G), none);
        assertThat(margin(List.of(front, held))).isEqualTo(BalanceFinding.HELD);
        assertThat(margin(List.of(front, held, both))).isEqualTo(BalanceFinding.BEFORE_AND_HARDER);
        assertThat(BalanceAnswer.locked("A", List.of())).isEmpty();
    }

    private static FindingCode margin(List<LockOrder> seen) {
        Finding told = BalanceAnswer.locked("A", seen).orElseThrow();
        return ((Term.Said) told.terms().get("margin")).finding().code();
    }

    @Test
    void rollers() {
        JsonNode v = named("roller").get(0);
        RollerReading read = new RollerReading(Map.of(
                WheelPosition.FRONT_LEFT, new RollerReading.Wheel(in(v, "fl"), false),
                WheelPosition.FRONT_RIGHT, new RollerReading.Wheel(in(v, "fr"), false),
                WheelPosition.REAR_LEFT, new RollerReading.Wheel(in(v, "rl"), false),
                WheelPosition.REAR_RIGHT, new RollerReading.Wheel(in(v, "rr"), false)));
        assertThat(read.imbalance(true).figure().value()).isCloseTo(out(v, "imbalanceFront"), SIX_FIGURES);
        assertThat(read.imbalance(false).figure().value()).isCloseTo(out(v, "imbalanceRear"), SIX_FIGURES);
        assertThat(read.frontShare().figure().value()).isCloseTo(out(v, "frontShare"), SIX_FIGURES);
        assertThat(read.efficiency(Figure.of(in(v, "m"))).figure().value())
                .isCloseTo(out(v, "efficiency"), SIX_FIGURES);
    }
}
