package app.frenum.core.heat;

import app.frenum.core.Kept;
import app.frenum.core.log.Channel;
import app.frenum.core.log.DiscFace;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every figure that is read of heat, as it stands. */
class HeatFiguresTest {

    private static final double AIR = 15;

    /** Two front discs that cool at 1/400 + 0.0004·v^0.8 to the air, with the car at these speeds, 300 s of each. */
    private static MemoryLog coolDowns(double... mps) {
        Random random = new Random(4);
        int n = 300 * mps.length;
        double[] t = IntStream.range(0, n).mapToDouble(i -> i).toArray();
        double[] speed = new double[n];
        double[][] disc = new double[2][n];
        for (int i = 0; i < n; i++) {
            double v = mps[i / 300];
            double tau = 1 / (1 / 400.0 + 0.0004 * Math.pow(v, 0.8));
            speed[i] = v;
            for (int d = 0; d < 2; d++) {
                disc[d][i] = AIR
                        + (380 - 30 * d) * Math.exp(-(i % 300) / (tau * (1 + 0.05 * d)))
                        + 0.6 * random.nextGaussian();
            }
        }
        return new MemoryLog(
                List.of(
                        new Channel("speed", Role.SPEED, Unit.METRES_PER_SECOND),
                        new Channel("left", Role.discTemperature(WheelPosition.FRONT_LEFT), Unit.CELSIUS),
                        new Channel("right", Role.discTemperature(WheelPosition.FRONT_RIGHT), Unit.CELSIUS)),
                t,
                new double[][] {speed, disc[0], disc[1]});
    }

    @Test
    void coolingStands() {
        List<CoolDowns.Stretch> between = IntStream.range(0, 5)
                .mapToObj(i -> new CoolDowns.Stretch(300 * i + 5, 300 * i + 299))
                .toList();
        List<CoolDowns.CoolDown> downs = CoolDowns.of(coolDowns(0, 8, 14, 22, 30), between, OptionalDouble.of(AIR));
        List<CoolDowns.CoolDown> toAir = CoolDowns.of(coolDowns(10), List.of(between.get(0)), OptionalDouble.empty());
        SpeedCooling law = SpeedCooling.ofFronts(downs);
        new Kept()
                .add("down", downs)
                .add("airNotKnown", toAir)
                .add("law", law)
                .add("at", List.of(law.at(0), law.at(14), law.at(40)))
                .stands("heat/cooling");
    }

    @Test
    void lapsStand() {
        MeasuredLaps found = MeasuredLapsTest.laps(MeasuredLapsTest.log(3));
        LapHeat heat = new LapHeat(1300, found.events());
        Cooling cooling = new Cooling(150, AIR);
        DiscRise disc = new DiscRise(1300, 0.7, 11, 2);
        new Kept()
                .add("laps", found)
                .add("settled", heat.settle(cooling, disc))
                .add("one", heat.swings(1, AIR, cooling, disc))
                .stands("heat/laps");
    }

    private static HeatStudy.Disc disc(double troughC, double... peaks) {
        return new HeatStudy.Disc(
                Figure.of(troughC),
                PeakBelief.of(Arrays.stream(peaks).mapToObj(PeakClue::sensed).toList()));
    }

    private static HeatStudy.Stop stop(int number, double left, double right, double rear) {
        return new HeatStudy.Stop(
                number,
                Figure.of(4e5 + 1e4 * number),
                number != 3,
                Map.of(
                        WheelPosition.FRONT_LEFT, disc(90 + number, left),
                        WheelPosition.FRONT_RIGHT, disc(110 + number, right),
                        WheelPosition.REAR_LEFT, disc(80 + number, rear),
                        WheelPosition.REAR_RIGHT, disc(70, rear - 40)));
    }

    @Test
    void aSeriesStands() {
        HeatStudy study = HeatStudy.of(
                List.of(stop(1, 280, 351, 190), stop(2, 340, 402, 200), stop(3, 500, 500, 300), stop(4, 333, 398, 205)),
                new HeatStudy.Layout(Figure.of(7), Figure.of(5), Figure.of(0.7)));
        new Kept()
                .add("study", study)
                .add("answer", HeatAnswer.of(study, "A", OptionalDouble.of(380)))
                .add("pads", PadWindow.of(study.frontPadWork(), 100, 380))
                .stands("heat/series");
    }

    @Test
    void whatPeopleReadStands() {
        Ladder ladder = new Ladder(
                "paints",
                Stream.of(260, 380, 510).map(c -> new Quantity(c, Unit.CELSIUS)).toList());
        Regimes cooling = new Regimes(180, Optional.of(500.0));
        Kept kept = new Kept().add("thresholds", ladder.thresholdsC()).add("none wrong", ladder.problems());
        kept.add(
                "wrong",
                new Ladder(
                                "",
                                Stream.of(510, 380)
                                        .map(c -> new Quantity(c, Unit.CELSIUS))
                                        .toList())
                        .problems());
        for (PeakSource source : PeakSource.values()) {
            boolean paints = source == PeakSource.LADDER;
            for (int late : new int[] {0, 45}) {
                DiscReading read = new DiscReading(
                        WheelPosition.FRONT_LEFT,
                        source,
                        Optional.of(DiscFace.INNER),
                        paints ? Optional.empty() : Optional.of(new Quantity(312, Unit.CELSIUS)),
                        late == 0 ? Optional.empty() : Optional.of(new Quantity(late, Unit.SECONDS)),
                        Optional.empty(),
                        paints ? Optional.of(late / 45 + 1) : Optional.empty(),
                        true);
                kept.add(source + " " + late, read.clue(paints ? Optional.of(ladder) : Optional.empty(), cooling, AIR))
                        .add("problems", read.problems(paints ? Optional.of(ladder) : Optional.empty()));
            }
        }
        kept.stands("heat/readings");
    }

    private static Beside side(
            double tau, double half, double hottest, double m, double halfM, double v, double joules) {
        return new Beside(
                Figure.of(tau),
                Figure.of(tau - half),
                Figure.of(tau + half),
                Figure.of(hottest),
                Figure.of(m),
                Figure.of(halfM),
                Figure.of(v),
                Figure.of(joules));
    }

    @Test
    void oneBesideTheOtherStands() {
        Beside first = side(178, 3, 420, 45, 0.5, 27.8, 1e6);
        Figure none = Figure.unknown("not known");
        Kept kept = new Kept();
        for (Beside other : List.of(
                side(120, 4, 350, 47, 0.6, 27.9, 1.02e6),
                side(176, 4, 421, 45.2, 0.4, 27.8, 1e6),
                side(240, 4, 480, 42, 0.4, 25, 8e5),
                new Beside(none, none, none, none, Figure.of(46), none, none, none))) {
            kept.add("against", other.against(first)).add("unlike", other.unlike(first));
        }
        kept.stands("heat/beside");
    }
}
