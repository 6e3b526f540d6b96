package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.quantity.Figure;
import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.AxleBrake;
import app.frenum.core.simulate.DriverHabits;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.LaneConditions;
import app.frenum.core.simulate.Pad;
import app.frenum.core.simulate.Sensors;
import app.frenum.core.simulate.SimulatedCar;
import app.frenum.core.simulate.TestDrive;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Whether the cause of fade is found in whole simulated drives, from the raw log on; docs/accuracy.md has the table that
 * {@link #main} prints.
 */
public class CauseAccuracyTest {
    private static final double SPEED_MPS = 140 / 3.6;
    private static final int STOPS = 12;
    private static final Pad FADING = new Pad(0.372, 0.06, 110, 280, 0.004);
    private static final Pad HOLDING = new Pad(0.428, 0.08, 100, 560, 0.0008);
    private static final Hydraulics DRY = new Hydraulics(0.055, 34, 0.36, 18, 0.29, 355);
    private static final Hydraulics WET = new Hydraulics(0.055, 34, 0.36, 18, 0.29, 110);
    private static final AxleBrake REAR =
            new AxleBrake(new Pad(0.36, 0.05, 100, 480, 0.001), 168, 5.1, 1 / 450.0, 0.0004);
    private static final LaneConditions LANE = new LaneConditions(0.97, 0.76, 0.001, 14);
    private static final DriverHabits DRIVER = new DriverHabits(64, 0.9, 0.26, 0.025, 0.14);

    /** What is wrong with the car, and what ought to be said of it. */
    enum Truth {
        NOTHING(HOLDING, DRY, FadeCause.NONE),
        PADS_FADE(FADING, DRY, FadeCause.PAD),
        FLUID_BOILS(HOLDING, WET, FadeCause.FLUID),
        BOTH_AT_ONCE(FADING, WET, FadeCause.BOTH);

        private final SimulatedCar car;
        private final FadeCause cause;

        Truth(Pad pad, Hydraulics fluid, FadeCause cause) {
            AxleBrake front = new AxleBrake(pad, 372, 7.4, 1 / 420.0, 0.00042);
            car = new SimulatedCar(1725, 2.68, 0.57, 0.55, 0.42, front, REAR, fluid);
            this.cause = cause;
        }

        FadeCause found(long seed) {
            return FadeStudy.of(series(seed), FadeReference.FIRST_THREE_IN_GATE, StartGate.OPEN)
                    .cause()
                    .cause();
        }

        List<FadeStop> series(long seed) {
            MemoryLog log = TestDrive.log(
                    car, LANE, DRIVER, Sensors.USUAL, 85, TestDrive.repeated(STOPS, Approach.stop(SPEED_MPS, 8)), seed);
            List<MeasuredStop> stops = LogAnalysis.of(
                            log, HealthCheck.of(log), AnalysisOptions.onset(Figure.of(SPEED_MPS)))
                    .stops();
            return IntStream.range(0, stops.size())
                    .mapToObj(i -> FadeStop.logged(
                            i + 1,
                            "",
                            stops.get(i),
                            stops.get(i).correctedDistance(),
                            stops.get(i).uncertainty().correctedDistance(),
                            Optional.empty()))
                    .toList();
        }
    }

    @ParameterizedTest
    @EnumSource
    void theCauseIsFoundFromTheRawLog(Truth truth) {
        assertThat(LongStream.range(0, 3).mapToObj(truth::found)).containsOnly(truth.cause);
    }

    public static void main(String[] arguments) {
        System.out.println("| the car | said of it, in 100 drives |");
        System.out.println("|---|---|");
        for (Truth truth : Truth.values()) {
            Map<FadeCause, Integer> said = new EnumMap<>(FadeCause.class);
            LongStream.range(0, 100).forEach(seed -> said.merge(truth.found(seed), 1, Integer::sum));
            System.out.printf("| %s | %s |%n", truth, said);
        }
    }
}
