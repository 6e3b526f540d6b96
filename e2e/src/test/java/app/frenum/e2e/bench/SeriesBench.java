package app.frenum.e2e.bench;

import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.AxleBrake;
import app.frenum.core.simulate.DriverHabits;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.LaneConditions;
import app.frenum.core.simulate.Pad;
import app.frenum.core.simulate.Sensors;
import app.frenum.core.simulate.SimulatedCar;
import app.frenum.core.simulate.TestDrive;
import app.frenum.formats.log.LogCsvWriter;
import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/** How long an endurance series of 200 stops takes to be read for fade and for heat. */
final class SeriesBench {
    private static final int STOPS = 200;

    private final RunningServer server;

    SeriesBench(RunningServer server) {
        this.server = server;
    }

    void run() throws IOException {
        UUID warmUp = bringIn(7);
        List.of("fade", "heat", "laps").forEach(what -> ms(warmUp, what));
        UUID test = bringIn(8);
        for (String what : List.of("fade", "heat", "laps")) {
            double first = ms(test, what);
            double again =
                    IntStream.range(0, 5).mapToDouble(i -> ms(test, what)).min().orElseThrow();
            System.out.printf(
                    "a series of %d stops read for %s: at first %.0f ms, again %.0f ms%n", STOPS, what, first, again);
        }
    }

    private double ms(UUID test, String what) {
        long start = System.nanoTime();
        server.get("/api/tests/" + test + "/" + what);
        return (System.nanoTime() - start) / 1e6;
    }

    private UUID bringIn(long seed) throws IOException {
        Path csv = Files.createTempFile("frenum-series-", ".csv");
        try {
            write(csv, seed);
            UUID upload = UUID.randomUUID();
            UUID test = UUID.randomUUID();
            server.uploadOnly(upload, csv);
            Map<String, Object> save = new HashMap<>(Journeys.saveToNewTest(test, "Endurance"));
            save.put(
                    "placements",
                    IntStream.rangeClosed(1, STOPS)
                            .mapToObj(i ->
                                    Map.of("stop", i, "configuration", "Endurance", "changed", List.of(), "block", 1))
                            .toList());
            RunningServer.Answer saved = server.post("/api/imports/" + upload + "/save", save);
            if (saved.status() != 200) {
                throw new IllegalStateException(saved.toString());
            }
            return test;
        } finally {
            Files.delete(csv);
        }
    }

    private static void write(Path csv, long seed) throws IOException {
        AxleBrake front = new AxleBrake(new Pad(0.40, 0.05, 100, 330, 0.001), 365, 9, 1 / 300.0, 0.0008);
        AxleBrake rear = new AxleBrake(new Pad(0.38, 0.05, 100, 330, 0.001), 165, 6, 1 / 300.0, 0.0008);
        SimulatedCar car = new SimulatedCar(
                1500, 2.65, 0.56, 0.56, 0.4, front, rear, new Hydraulics(0.06, 35, 0.35, 20, 0.3, 300));
        try (Writer to = Files.newBufferedWriter(csv)) {
            LogCsvWriter out = new LogCsvWriter(to, TestDrive.header());
            TestDrive.drive(
                    car,
                    new LaneConditions(0.97, 0.75, 0, 15),
                    new DriverHabits(60, 1, 0.25, 0.03, 0.15),
                    Sensors.USUAL,
                    80,
                    TestDrive.repeated(STOPS, Approach.stop(25, 15)),
                    seed,
                    (t, row) -> {
                        try {
                            out.row(t, row);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    });
        }
    }
}
