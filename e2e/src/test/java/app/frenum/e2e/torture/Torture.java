package app.frenum.e2e.torture;

import app.frenum.e2e.PlannedRun;
import app.frenum.e2e.torture.Victim.Part;
import app.frenum.server.Journeys;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;

/**
 * Kills the server, its connections to the database and the database itself at random moments, while loggers log, a run is
 * driven, sheets are brought in, stops are judged and photos are sent; then holds what was acknowledged against what is
 * there. The figures of a long one stand in docs/reliability.md.
 */
public final class Torture {
    private static final int LOGGERS = 2;
    private static final int STOPS_OF_A_SHEET = 10;

    private final Random random;
    private final Instant until;
    private final Map<Part, Integer> kills = new EnumMap<>(Part.class);
    private final List<String> faults = new CopyOnWriteArrayList<>();
    private double slowestReturnS;

    private Torture(long seed, Duration length) {
        random = new Random(seed);
        until = Instant.now().plus(length);
    }

    /** What came of it. */
    record Outcome(Map<Part, Integer> kills, int acknowledged, long rows, double slowestReturnS, List<String> faults) {
        @Override
        public String toString() {
            return ("killed: %s; acknowledged: %,d events, sheets, judgements and photos, %,d rows of logs; back after at"
                            + " most %.0f s; lost or twice: %s")
                    .formatted(kills, acknowledged, rows, slowestReturnS, faults.isEmpty() ? "nothing" : faults);
        }
    }

    public static void main(String[] arguments) throws Exception {
        long seed = System.nanoTime();
        System.out.println("seed " + seed);
        Outcome outcome = of(seed, Duration.ofSeconds(Math.round(60 * Double.parseDouble(arguments[0]))));
        System.out.println(outcome);
        System.exit(outcome.faults().isEmpty() ? 0 : 1);
    }

    static Outcome of(long seed, Duration length) throws Exception {
        try (Victim victim = new Victim()) {
            return new Torture(seed, length).torment(victim);
        }
    }

    private boolean goesOn() {
        return Instant.now().isBefore(until);
    }

    /** Something that is done over and over. */
    private interface Load {
        void once() throws Exception;
    }

    private Thread started(String name, Load load, BooleanSupplier goesOn) {
        Thread thread = new Thread(
                () -> {
                    try {
                        while (goesOn.getAsBoolean()) {
                            load.once();
                        }
                    } catch (Exception e) {
                        faults.add(name + " broke: " + e);
                    }
                },
                name);
        thread.start();
        return thread;
    }

    private Outcome torment(Victim victim) throws Exception {
        Teller teller = new Teller(victim.url());
        Lane lane = new Lane(teller);
        List<LoggerLoad> loggers = new ArrayList<>();
        List<Thread> all = new ArrayList<>();
        for (int i = 0; i < LOGGERS; i++) {
            LoggerLoad logger = new LoggerLoad(victim.url(), lane.logger());
            loggers.add(logger);
            all.add(started("logger", () -> logger.run(this::goesOn), this::goesOn));
        }
        all.add(started("events", lane::event, this::goesOn));
        all.add(started("sheets", lane::sheet, this::goesOn));
        all.add(started("judgements", lane::judgement, this::goesOn));
        all.add(started("photos", lane::photo, this::goesOn));
        while (goesOn()) {
            TimeUnit.MILLISECONDS.sleep(500 + random.nextInt(3000));
            kill(victim, Victim.any(random));
            if (random.nextInt(3) == 0) {
                // Two at once, as where the power fails.
                kill(victim, Victim.any(random));
            }
            slowestReturnS = Math.max(slowestReturnS, victim.untilItAnswers());
        }
        for (Thread t : all) {
            t.join();
        }
        victim.untilItAnswers();
        lane.compare(faults);
        long rows = 0;
        for (LoggerLoad logger : loggers) {
            rows += compare(teller, logger);
        }
        faults.addAll(teller.refused());
        return new Outcome(kills, teller.acknowledged(), rows, slowestReturnS, faults);
    }

    private void kill(Victim victim, Part part) throws IOException {
        victim.kill(part);
        kills.merge(part, 1, Integer::sum);
    }

    private long compare(Teller teller, LoggerLoad logger) throws InterruptedException {
        long told = logger.rowsAcknowledged();
        logger.end();
        long there = teller.get("/api/recordings/" + logger.log()).get("rows").asLong();
        if (logger.lost() > 0 || there < told) {
            faults.add("log %s: %d rows acknowledged, %d there, %d batches lost on the way"
                    .formatted(logger.log(), told, there, logger.lost()));
        }
        return told;
    }

    /** What people do at the lane meanwhile, and what of it was acknowledged. */
    private static final class Lane {
        private final Teller teller;
        private final UUID run = UUID.randomUUID();
        private final String stop;
        private final byte[] picture = picture();
        private final byte[] sheet = Files.readAllBytes(Journeys.SHEET);
        private final List<String> sheets = new CopyOnWriteArrayList<>();
        private final List<String> photos = new CopyOnWriteArrayList<>();
        private final String judged;
        private int events;
        private int judgements;

        Lane(Teller teller) throws Exception {
            this.teller = teller;
            PlannedRun planned = PlannedRun.through((method, path, body) -> {
                try {
                    return method.equals("GET")
                            ? teller.get("/api" + path)
                            : teller.tell(method, "/api" + path, body == null ? Map.of() : body);
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                }
            });
            planned.threeStopsEach(run);
            planned.begin(run);
            stop = planned.oneStop(run);
            sheet();
            judged = teller.get("/api/tests/" + sheets.get(0))
                    .get("stops")
                    .get(0)
                    .get("id")
                    .asString();
            events = teller.get("/api/runs/" + run + "/events").size();
        }

        private static byte[] picture() throws IOException {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB), "png", png);
            return png.toByteArray();
        }

        String logger() throws InterruptedException {
            // Told once only, because the code is shown once only; nothing is killed yet.
            return teller.tell(
                            "POST", "/api/devices", Map.of("id", UUID.randomUUID(), "name", "Logger", "kind", "LOGGER"))
                    .get("code")
                    .asString();
        }

        void event() throws InterruptedException {
            double now = Instant.now().toEpochMilli() / 1000.0;
            teller.tell(
                    "POST",
                    "/api/runs/" + run + "/events",
                    Map.of(
                            "id",
                            UUID.randomUUID(),
                            "atS",
                            now,
                            "what",
                            Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", 60 + now % 40))));
            events++;
            TimeUnit.MILLISECONDS.sleep(50);
        }

        void sheet() throws InterruptedException {
            UUID file = UUID.randomUUID();
            UUID test = UUID.randomUUID();
            Map<String, Object> save = Journeys.saveToNewTest(test, "unused");
            teller.tell("PUT", "/api/imports/" + file + "?fileName=sheet.csv", "application/octet-stream", sheet);
            teller.tell("POST", "/api/imports/" + file + "/save", save);
            sheets.add(test.toString());
            TimeUnit.MILLISECONDS.sleep(500);
        }

        void judgement() throws InterruptedException {
            teller.tell(
                    "POST",
                    "/api/stops/" + judged + "/decisions",
                    Map.of("requestId", UUID.randomUUID(), "struckOut", judgements % 2 == 0, "reason", "a gust"));
            judgements++;
            TimeUnit.MILLISECONDS.sleep(100);
        }

        void photo() throws InterruptedException {
            if (photos.size() >= 400) {
                TimeUnit.MILLISECONDS.sleep(200);
                return;
            }
            UUID id = UUID.randomUUID();
            teller.tell(
                    "PUT",
                    "/api/tests/%s/photos/%s?subjectId=%s".formatted(run, id, stop),
                    "application/octet-stream",
                    picture);
            photos.add(id.toString());
            TimeUnit.MILLISECONDS.sleep(300);
        }

        void compare(List<String> faults) throws InterruptedException {
            same(
                    faults,
                    "events",
                    events,
                    teller.get("/api/runs/" + run + "/events").size());
            same(
                    faults,
                    "judgements",
                    judgements,
                    teller.get("/api/stops/" + judged).get("decisions").size());
            List<String> kept = teller.get("/api/tests/" + run + "/photos")
                    .valueStream()
                    .map(p -> p.get("id").asString())
                    .sorted()
                    .toList();
            if (!kept.equals(photos.stream().sorted().toList())) {
                faults.add("photos: %d acknowledged, %d there".formatted(photos.size(), kept.size()));
            }
            for (String test : sheets) {
                JsonNode there = teller.get("/api/tests/" + test);
                same(
                        faults,
                        "stops of a sheet",
                        STOPS_OF_A_SHEET,
                        there.path("stops").size());
            }
        }

        private static void same(List<String> faults, String what, int acknowledged, int there) {
            if (acknowledged != there) {
                faults.add("%s: %d acknowledged, %d there".formatted(what, acknowledged, there));
            }
        }
    }
}
