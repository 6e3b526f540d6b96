package app.frenum.server.demo;

import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.AxleBrake;
import app.frenum.core.simulate.DriverHabits;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.LaneConditions;
import app.frenum.core.simulate.LapDrive;
import app.frenum.core.simulate.Pad;
import app.frenum.core.simulate.Sensors;
import app.frenum.core.simulate.SimulatedCar;
import app.frenum.core.simulate.TestDrive;
import app.frenum.formats.log.LogCsvWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/**
 * The made-up day that the demo shows: the hill-climb club's course-safety estate "Tarn 2.0" with 180 kg of rescue
 * kit, on the airfield lane "Marrow Flats". Everything comes out of the simulator, with fixed seeds.
 */
public final class DemoScenario {
    public static final String AS_BOUGHT = "As bought";
    public static final String BRAIDED_HOSES = "Braided hoses";
    public static final String PADS_AND_FLUID = "Semi-metallic pads + fresh fluid";

    private static final double NOMINAL_MPS = 25;
    private static final double COOLING_S = 75;
    private static final Pad OLD_PAD = new Pad(0.372, 0.06, 110, 330, 0.0016);
    private static final Pad NEW_PAD = new Pad(0.428, 0.08, 100, 460, 0.0008);
    private static final Hydraulics OLD_FLUID = new Hydraulics(0.085, 34, 0.36, 22, 0.34, 165);
    private static final Hydraulics FRESH_FLUID = new Hydraulics(0.055, 34, 0.36, 18, 0.29, 255);
    private static final AxleBrake FRONT = new AxleBrake(OLD_PAD, 372, 7.4, 1 / 420.0, 0.00042);
    private static final AxleBrake REAR =
            new AxleBrake(new Pad(0.36, 0.05, 100, 380, 0.001), 168, 5.1, 1 / 450.0, 0.0004);
    private static final SimulatedCar CAR = new SimulatedCar(1725, 2.68, 0.57, 0.55, 0.42, FRONT, REAR, OLD_FLUID);
    private static final LaneConditions LANE = new LaneConditions(0.97, 0.76, 0.001, 14);
    private static final DriverHabits DRIVER = new DriverHabits(64, 0.9, 0.26, 0.025, 0.14);

    private DemoScenario() {}

    /** Nine approaches as bought, of which one is too fast and eight count. */
    public static void writeAsBought(Path to) throws IOException {
        List<Approach> approaches = eight();
        approaches.add(3, Approach.stop(NOMINAL_MPS * 1.052, COOLING_S));
        write(CAR, approaches, 90, 4107, to);
    }

    /** Nine with pads and fluid: one locks its front wheels, one brakes early. */
    public static void writePadsAndFluid(Path to) throws IOException {
        List<Approach> approaches = eight();
        approaches.set(5, approaches.get(5).with(Approach.Event.LOCK));
        approaches.add(2, Approach.stop(NOMINAL_MPS, COOLING_S).with(Approach.Event.EARLY));
        write(CAR.with(NEW_PAD, FRESH_FLUID), approaches, 92, 4211, to);
    }

    private static final double FADE_MPS = 140 / 3.6;
    private static final double ROLLING_IN_MPS = 6;
    /** The old pad as it is once it has been glazed by an earlier day. */
    private static final Pad OVERHEATED_PAD = new Pad(0.372, 0.06, 110, 330, 0.003);

    private static final int FADE_STOPS = 12;
    private static final double COOL_DOWN_S = 420;

    /** Twelve stops one after another, then a long lap to cool, as bought. */
    public static void writeFadeAsBought(Path to) throws IOException {
        write(CAR.with(OVERHEATED_PAD, OLD_FLUID), oneAfterAnother(), 85, 5107, to);
    }

    /** The same with pads and fluid. */
    public static void writeFadePadsAndFluid(Path to) throws IOException {
        write(CAR.with(NEW_PAD, FRESH_FLUID), oneAfterAnother(), 85, 5211, to);
    }

    private static List<Approach> oneAfterAnother() {
        List<Approach> all = new ArrayList<>(TestDrive.repeated(FADE_STOPS, Approach.stop(FADE_MPS, 8)));
        all.add(Approach.stop(ROLLING_IN_MPS, COOL_DOWN_S));
        return all;
    }

    /** The airfield's perimeter: four corners, of which the third is the hard one. */
    private static final List<LapDrive.Corner> PERIMETER = List.of(
            new LapDrive.Corner(150, 13, 330, 4.5),
            new LapDrive.Corner(90, 17, 290, 4),
            new LapDrive.Corner(190, 11, 420, 5),
            new LapDrive.Corner(70, 14, 260, 4));

    public static final int LAPS = 6;

    /** Brakings of all laps. */
    public static int brakings() {
        return LAPS * PERIMETER.size();
    }

    /** Laps of the perimeter with pads and fluid. */
    public static void writeLaps(Path to) throws IOException {
        written(
                to,
                rows -> LapDrive.drive(
                        CAR.with(NEW_PAD, FRESH_FLUID), LANE, Sensors.USUAL, 70, PERIMETER, LAPS, 6107, rows));
    }

    private static List<Approach> eight() {
        return new ArrayList<>(TestDrive.repeated(8, Approach.stop(NOMINAL_MPS, COOLING_S)));
    }

    private static void write(SimulatedCar car, List<Approach> approaches, double discStartC, long seed, Path to)
            throws IOException {
        written(to, rows -> TestDrive.drive(car, LANE, DRIVER, Sensors.USUAL, discStartC, approaches, seed, rows));
    }

    private static void written(Path to, Consumer<TestDrive.Recorder> drive) throws IOException {
        try (Writer file = Files.newBufferedWriter(to)) {
            LogCsvWriter csv = new LogCsvWriter(file, TestDrive.header());
            drive.accept((t, row) -> {
                try {
                    csv.row(t, row);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        }
    }

    /** An older day with cone, tape and thermometer gun: fewer stops, more scatter. */
    public static void writeOlderSheet(Path to) throws IOException {
        Files.writeString(to, """
                configuration,series,stop,date,basis,direction,driver,load,instrument,nominal speed [km/h],entry speed [km/h],distance [m],start temperature front left [°C],pedal feel,surface,ambient [°C],tyre pressure front [bar],struck out,reason,note
                As bought,1,1,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,90.5,48.9,88,normal,dry,9,2.4,,,
                As bought,1,2,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,89.5,46.8,95,normal,dry,9,2.4,,,
                As bought,1,3,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,91.0,49.7,97,normal,dry,9,2.4,,,
                As bought,1,4,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,90.0,47.1,102,long-soft,dry,10,2.4,,,chalk mark smudged
                As bought,1,5,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,90.0,48.3,99,normal,dry,10,2.4,,,
                Braided hoses,1,1,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,90.5,47.6,91,firm,dry,11,2.4,,,
                Braided hoses,1,2,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,90.0,48.8,96,firm,dry,11,2.4,,,
                Braided hoses,1,3,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,89.0,46.2,98,firm,dry,11,2.4,,,
                Braided hoses,1,4,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,95.0,52.9,104,firm,dry,12,2.4,,,too fast at the cone
                Braided hoses,1,5,2026-03-14,ONSET_TO_REST,west,Club driver,180 kg kit,tape,90,90.0,47.3,100,firm,dry,12,2.4,,,
                """);
    }
}
