package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.simulate.AxleBrake;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.LapDrive;
import app.frenum.core.simulate.Pad;
import app.frenum.core.simulate.Rehearsal;
import app.frenum.core.simulate.RowKeeper;
import app.frenum.core.simulate.Sensors;
import app.frenum.core.simulate.SimulatedCar;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import java.util.List;
import org.junit.jupiter.api.Test;

class MeasuredLapsTest {
    private static final List<LapDrive.Corner> LAP = List.of(
            new LapDrive.Corner(250, 14, 440, 7),
            new LapDrive.Corner(160, 18, 320, 6),
            new LapDrive.Corner(300, 11, 520, 7.5),
            new LapDrive.Corner(110, 15, 230, 6));
    private static final double LAP_M = 1510;

    /** A car that takes the heat of laps. */
    private static final SimulatedCar CAR = new SimulatedCar(
            1300,
            2.6,
            0.55,
            0.56,
            0.4,
            new AxleBrake(new Pad(0.42, 0, 60, 650, 0.0005), 360, 11, 1 / 150.0, 0.0015),
            new AxleBrake(new Pad(0.40, 0, 60, 650, 0.0005), 160, 8, 1 / 150.0, 0.0015),
            new Hydraulics(0.05, 35, 0.35, 20, 0.3, 320));

    static MemoryLog log(int laps) {
        RowKeeper rows = new RowKeeper();
        LapDrive.drive(CAR, Rehearsal.LANE, Sensors.USUAL, 60, LAP, laps, 11, rows);
        return rows.log();
    }

    static MeasuredLaps laps(MemoryLog log) {
        Signal speed = log.signal(Role.SPEED, 0, log.durationS());
        Signal driven = LapLength.driven(speed);
        AnalysisOptions options = new AnalysisOptions(
                Figure.unknown("laps"), DistanceBasis.ONSET_TO_REST, AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
        List<MeasuredLaps.Braking> brakings = LogAnalysis.of(log, List.of(), options).stops().stream()
                .map(MeasuredLapsTest::braking)
                .toList();
        return MeasuredLaps.of(brakings, driven, LapLength.of(speed, driven), Figure.of(1300));
    }

    private static MeasuredLaps.Braking braking(MeasuredStop s) {
        return new MeasuredLaps.Braking(
                s.onsetS(), s.entrySpeed().value(), s.exitSpeed().value(), s.startTemperatures(), s.peakTemperatures());
    }

    @Test
    void theLapAndItsCornersAreFoundFromTheLogAlone() {
        MeasuredLaps found = laps(log(6));
        assertThat(found.lapM().value()).isCloseTo(LAP_M, withinPercentage(1));
        assertThat(found.laps()).isEqualTo(6);
        assertThat(found.corners()).hasSize(4);
        for (int i = 0; i < LAP.size(); i++) {
            MeasuredLaps.LapCorner corner = found.corners().get(i);
            assertThat(corner.v1().n()).isBetween(5, 6);
            assertThat(corner.v2().mean().value()).isCloseTo(LAP.get(i).v2(), within(0.6));
            assertThat(corner.energyJ().mean().value())
                    .isCloseTo(
                            DiscRise.energyJ(
                                    1300, corner.v1().mean().value(), LAP.get(i).v2()),
                            withinPercentage(4));
            assertThat(corner.peakC().get(WheelPosition.FRONT_LEFT))
                    .isGreaterThan(corner.troughC().get(WheelPosition.FRONT_LEFT));
        }
        LapHeat heat = new LapHeat(1300, found.events());
        Cooling cooling = new Cooling(150, 15);
        DiscRise disc = new DiscRise(1300, 0.7, 11, 2);
        LapHeat.Settled settled = heat.settle(cooling, disc);
        assertThat(heat.swings(settled.laps(), cooling.ambientC(), cooling, disc))
                .isEqualTo(settled.swings());
        double lapS = found.events().stream().mapToDouble(LapHeat.Event::gapS).sum();
        assertThat(lapS).isBetween(55.0, 120.0);
    }

    @Test
    void aLapIsAsLongHoweverOftenItWasDriven() {
        double few = laps(log(3)).lapM().value();
        double many = laps(log(9)).lapM().value();
        assertThat(few).isCloseTo(many, withinPercentage(1));
    }

    @Test
    void oneLapAndWhatIsNoLapAreRefusedInWords() {
        assertThat(laps(log(1)).lapM().reason()).contains("two laps");
        assertThat(laps(log(1)).events()).isEmpty();
        Signal none = new Signal(new double[] {0, 1}, new double[] {0, 0});
        assertThat(LapLength.of(none, LapLength.driven(none)).isKnown()).isFalse();
        assertThat(MeasuredLaps.of(List.of(), none, Figure.of(1000), Figure.of(1300))
                        .lapM()
                        .reason())
                .isEqualTo("no braking was found");
    }
}
