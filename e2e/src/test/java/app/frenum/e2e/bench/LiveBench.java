package app.frenum.e2e.bench;

import app.frenum.e2e.PlannedRun;
import app.frenum.server.RunningServer;
import app.frenum.standin.DeclaredLog;
import app.frenum.standin.DeviceLink;
import app.frenum.standin.RehearsedCar;
import java.net.URI;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/**
 * How many loggers at 100 Hz with 20 channels Frenum takes on this machine without falling behind, and how long after
 * rest a stop is judged. The devices run on the same two cores as the server.
 */
final class LiveBench {
    private static final int CHANNELS = 20;
    private static final int ROWS = 10;
    private static final int STOPS = 1;
    private static final int BATCHES = 100;
    private static final int[] DEVICES = {10, 25, 50, 75, 100, 150};
    /** A device that waits longer than this for its batch is falling behind. */
    private static final double LONGEST_WAIT_S = 1;

    private final RunningServer server;
    private final PlannedRun planned;

    LiveBench(RunningServer server) {
        this.server = server;
        planned = PlannedRun.through(server);
    }

    void run() throws InterruptedException {
        for (int n : DEVICES) {
            double worst = load(n);
            System.out.printf(
                    "%4d loggers at 100 Hz, %d channels, 10 s: all rows kept, the last %5.2f s after it was sent%n",
                    n, CHANNELS, worst);
            if (worst > LONGEST_WAIT_S) {
                break;
            }
        }
        restToJudged();
    }

    private DeviceLink link() {
        String code = planned.logger().get("code").asString();
        List<Map<String, String>> channels = IntStream.range(0, CHANNELS)
                .mapToObj(c -> Map.of("name", "channel " + c, "unit", "bar"))
                .toList();
        DeviceLink link = new DeviceLink(
                device(),
                code,
                Optional.of(new DeclaredLog(UUID.randomUUID(), Instant.now(), 100, channels)),
                Instant::now,
                card -> {});
        link.connect();
        return link;
    }

    private URI device() {
        return URI.create(server.url().replace("http", "ws") + "/device");
    }

    /** Ten seconds of so many devices in real time; how long the last batch took to be kept. */
    private double load(int n) throws InterruptedException {
        List<DeviceLink> links = IntStream.range(0, n).mapToObj(i -> link()).toList();
        long begin = System.nanoTime();
        for (int b = 0; b < BATCHES; b++) {
            long due = begin + b * 100_000_000L;
            Thread.sleep(Math.max(0, (due - System.nanoTime()) / 1_000_000));
            List<double[]> rows = rows(b);
            links.forEach(l -> l.send(rows));
        }
        long sent = begin + BATCHES * 100_000_000L;
        while (links.stream().anyMatch(l -> l.waiting() > 0)) {
            Thread.sleep(5);
        }
        links.forEach(DeviceLink::close);
        return Math.max(0, (System.nanoTime() - sent) / 1e9);
    }

    private static List<double[]> rows(int batch) {
        List<double[]> rows = new ArrayList<>();
        for (int r = 0; r < ROWS; r++) {
            double[] row = new double[1 + CHANNELS];
            row[0] = (batch * ROWS + r) / 100.0;
            for (int c = 1; c <= CHANNELS; c++) {
                row[c] = Math.round(1000 * Math.sin(row[0] * c)) / 100.0;
            }
            rows.add(row);
        }
        return rows;
    }

    /** Real stops in real time. */
    void restToJudged() {
        UUID test = UUID.randomUUID();
        planned.threeStopsEach(test);
        JsonNode logger = planned.logger();
        planned.begin(test, 1, logger.get("device").get("id").asString());
        RehearsedCar car = new RehearsedCar(device(), logger.get("code").asString(), 5);
        double[] delays = new double[STOPS];
        Arrays.setAll(delays, i -> driven(car, test));
        car.close();
        System.out.printf(
                "from rest to judged stop: %s s%n",
                String.join(
                        ", ",
                        Arrays.stream(delays).mapToObj(d -> "%.2f".formatted(d)).toList()));
    }

    private double driven(RehearsedCar car, UUID test) {
        try {
            boolean started = false;
            long last = System.nanoTime();
            while (true) {
                Thread.sleep(20);
                long now = System.nanoTime();
                car.advance((now - last) / 1e9);
                last = now;
                JsonNode run = server.get("/api/runs/" + test);
                String stage = run.get("stage").asString();
                if (stage.equals("WAITING") && !started && !run.get("discs").isEmpty()) {
                    planned.says(test, Map.of("type", "laneCalled", "clear", true));
                    planned.says(test, Map.of("type", "started"));
                    started = true;
                }
                if (stage.equals("JUDGED")) {
                    JsonNode stops = run.get("stops");
                    double rest = stops.get(stops.size() - 1).get("restAtS").asDouble();
                    planned.says(
                            test,
                            Map.of(
                                    "type",
                                    "decided",
                                    "validity",
                                    stops.get(stops.size() - 1).get("judged").asString(),
                                    "reason",
                                    ""));
                    return run.get("nowS").asDouble() - rest;
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
