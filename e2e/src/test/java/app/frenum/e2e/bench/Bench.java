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
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.postgresql.PGConnection;

/**
 * How fast Frenum is on this machine: {@code ./frenum bench}. Brings in an hour at 100 Hz with 24 channels and
 * draws windows of it, beside a bare parse of the same file by the CSV library and PostgreSQL's own COPY of it.
 */
public final class Bench {
    private static final int ROWS = 360_000;
    private static final int CHANNELS = 24;
    private static final int ROUNDS = 4;
    private static final int QUERIES = 300;
    private static final int PX = 1500;

    private Bench() {}

    /** Measures one part, {@code import}, {@code series} or {@code live}, or all of them. */
    public static void main(String[] args) throws Exception {
        String part = args.length == 0 ? "all" : args[0];
        try (RunningServer server = RunningServer.shared()) {
            if (part.equals("import") || part.equals("all")) {
                anHour(server);
            }
            if (part.equals("series") || part.equals("all")) {
                new SeriesBench(server).run();
            }
            if (part.equals("live") || part.equals("all")) {
                new LiveBench(server).run();
            }
        }
        System.exit(0);
    }

    private static void anHour(RunningServer server) throws Exception {
        Path csv = Files.createTempFile("frenum-bench-", ".csv");
        try {
            write(csv);
            System.out.printf("an hour at 100 Hz, %d channels, %.1f MB%n", CHANNELS, Files.size(csv) / 1e6);
            double parse = best(() -> bareParse(csv));
            double copy = best(() -> copy(server, csv));
            List<UUID> imported = new ArrayList<>();
            double whole = best(() -> imported.add(bringIn(server, csv)));
            System.out.printf("bare parse by the CSV library      %6.2f s%n", parse);
            System.out.printf("PostgreSQL COPY into a plain table %6.2f s%n", copy);
            System.out.printf(
                    "import: read, analysed, stored     %6.2f s  = %.2f times the bare parse, %.2f times COPY%n",
                    whole, whole / parse, whole / copy);
            System.out.printf("largest heap %.0f MB%n", Runtime.getRuntime().maxMemory() / 1e6);
            windows(server, imported.get(imported.size() - 1));
        } finally {
            Files.delete(csv);
        }
    }

    private interface Work {
        void run() throws Exception;
    }

    /** The best of a few rounds: the machine's own noise only ever adds. */
    private static double best(Work work) throws Exception {
        double best = Double.MAX_VALUE;
        for (int i = 0; i < ROUNDS; i++) {
            long start = System.nanoTime();
            work.run();
            best = Math.min(best, (System.nanoTime() - start) / 1e9);
        }
        return best;
    }

    private static void write(Path csv) throws IOException {
        AxleBrake front = new AxleBrake(new Pad(0.40, 0.05, 100, 350, 0.001), 365, 7.2, 1 / 420.0, 0.0004);
        AxleBrake rear = new AxleBrake(new Pad(0.38, 0.05, 100, 350, 0.001), 165, 5.2, 1 / 450.0, 0.0004);
        SimulatedCar car = new SimulatedCar(
                1600, 2.65, 0.56, 0.56, 0.4, front, rear, new Hydraulics(0.06, 35, 0.35, 20, 0.3, 220));
        List<String> header = new ArrayList<>(TestDrive.header());
        int extra = CHANNELS - TestDrive.channels().size();
        for (int i = 1; i <= extra; i++) {
            header.add("auxiliary %d [V]".formatted(i));
        }
        Random random = new Random(11);
        int[] rows = {0};
        try (Writer to = Files.newBufferedWriter(csv)) {
            LogCsvWriter out = new LogCsvWriter(to, header);
            double[] all = new double[CHANNELS];
            TestDrive.drive(
                    car,
                    new LaneConditions(0.97, 0.75, 0, 15),
                    new DriverHabits(60, 1, 0.25, 0.03, 0.15),
                    Sensors.USUAL,
                    80,
                    TestDrive.repeated(80, Approach.stop(25, 40)),
                    5,
                    (t, row) -> {
                        if (rows[0]++ >= ROWS) {
                            return;
                        }
                        System.arraycopy(row, 0, all, 0, row.length);
                        for (int i = row.length; i < CHANNELS; i++) {
                            all[i] = Math.round((2.5 + Math.sin(t / (i + 1)) + random.nextGaussian() * 0.01) * 1000)
                                    / 1000.0;
                        }
                        try {
                            out.row(t, all);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    });
        }
        if (rows[0] < ROWS) {
            throw new IllegalStateException("only %d rows were driven".formatted(rows[0]));
        }
    }

    private static void bareParse(Path csv) throws IOException {
        long cells = 0;
        try (CsvReader<CsvRecord> rows = CsvReader.builder().ofCsvRecord(csv)) {
            for (CsvRecord row : rows) {
                cells += row.getFieldCount();
            }
        }
        if (cells < (long) ROWS * CHANNELS) {
            throw new IllegalStateException("parsed %d cells only".formatted(cells));
        }
    }

    private static void copy(RunningServer server, Path csv) throws Exception {
        try (Connection c = DriverManager.getConnection(server.databaseUrl());
                Statement s = c.createStatement();
                Reader from = Files.newBufferedReader(csv)) {
            s.execute("drop table if exists plain");
            s.execute("create table plain (t double precision, "
                    + String.join(
                            ", ",
                            IntStream.rangeClosed(1, CHANNELS)
                                    .mapToObj(i -> "c" + i + " double precision")
                                    .toList())
                    + ")");
            c.unwrap(PGConnection.class).getCopyAPI().copyIn("copy plain from stdin with (format csv, header)", from);
        }
    }

    private static UUID bringIn(RunningServer server, Path csv) {
        UUID id = UUID.randomUUID();
        RunningServer.Answer staged = server.uploadOnly(id, csv);
        if (staged.status() != 200) {
            throw new IllegalStateException(staged.toString());
        }
        RunningServer.Answer saved =
                server.post("/api/imports/" + id + "/save", Journeys.saveToNewTest(UUID.randomUUID(), "Bench"));
        if (saved.status() != 200) {
            throw new IllegalStateException(saved.toString());
        }
        return id;
    }

    private static void windows(RunningServer server, UUID recording) throws Exception {
        Random random = new Random(3);
        HttpClient http = HttpClient.newHttpClient();
        double[] ms = new double[QUERIES];
        for (int i = -50; i < QUERIES; i++) {
            double length = 3600 * Math.pow(10, -3 * random.nextDouble());
            double from = random.nextDouble() * (3600 - length);
            HttpRequest request = server.door()
                    .opens(HttpRequest.newBuilder(URI.create(server.url()
                            + "/api/recordings/%s/window?from=%.3f&to=%.3f&px=%d&channels=0,1,2,3,10"
                                    .formatted(recording, from, from + length, PX))))
                    .build();
            long start = System.nanoTime();
            if (http.send(request, HttpResponse.BodyHandlers.ofByteArray()).statusCode() != 200) {
                throw new IllegalStateException("a window was refused");
            }
            if (i >= 0) {
                ms[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(ms);
        System.out.printf(
                "windows of 3.6 s to 1 h, 5 channels, %d px: median %.0f ms, p95 %.0f ms, slowest %.0f ms%n",
                PX, ms[QUERIES / 2], ms[(int) (QUERIES * 0.95)], ms[QUERIES - 1]);
    }
}
