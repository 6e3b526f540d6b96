package app.frenum.e2e.rehearsal;

import static app.frenum.server.Journeys.q;

import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import app.frenum.standin.Fault;
import app.frenum.standin.RehearsedCar;
import java.net.URI;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Predicate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One run driven from its plan to its end by the stand-in's car, by a clock that only goes on when it is told to: whoever
 * presses may wait minutes, and nothing races anything. What the trackside view said of each stop and snub is remembered.
 */
final class RehearsedDay implements AutoCloseable {
    private static final long PATIENCE_NS = 60_000_000_000L;
    private static final long LOOK_AGAIN_NS = 2_000_000L;
    private static final int MOST_TICKS = 400_000;
    /** How far the clock goes on at once while the car cools, s. */
    private static final double COOLING_S = 3;

    private static final List<String> FACES = List.of("OUTER", "INNER");

    private final Place place;
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();
    private final Wish wish;
    private final Map<String, JsonNode> told = new LinkedHashMap<>();
    private final Map<Integer, JsonNode> steps = new HashMap<>();
    private final RehearsedCar car;
    private JsonNode view;
    private int seen;
    private boolean linkWasLost;
    private boolean wasRestarted;

    /**
     * How a day is driven.
     *
     * @param procedure name of one of the library
     * @param rate how much faster than the wall's the run's clock goes
     * @param waitsS how long whoever presses waits before each stop is decided on, by the run's clock
     * @param stopsEach stops of the counted phase, or repeats of the cycle
     * @param loseLink whether the logger's link is lost in the third application, and comes back
     * @param restart whether the server is restarted after the second one
     * @param limits held against the stops; see the API
     */
    record Wish(
            String procedure,
            double rate,
            double waitsS,
            int stopsEach,
            boolean loseLink,
            boolean restart,
            List<Map<String, Object>> limits) {
        static Wish of(String procedure) {
            return new Wish(procedure, 20, 0, 2, false, false, List.of());
        }

        Wish at(double otherRate, double otherWaitsS) {
            return new Wish(procedure, otherRate, otherWaitsS, stopsEach, loseLink, restart, limits);
        }

        Wish stops(int each) {
            return new Wish(procedure, rate, waitsS, each, loseLink, restart, limits);
        }

        Wish troubled() {
            return new Wish(procedure, rate, waitsS, stopsEach, true, true, limits);
        }

        Wish against(List<Map<String, Object>> some) {
            return new Wish(procedure, rate, waitsS, stopsEach, loseLink, restart, some);
        }
    }

    RehearsedDay(Place place, Wish wish, long seed) {
        this.place = place;
        this.wish = wish;
        RunningServer server = place.server();
        JsonNode procedure = procedure();
        UUID vehicle = UUID.randomUUID();
        boolean pair = procedure
                .get("procedure")
                .get("phases")
                .valueStream()
                .anyMatch(p -> p.path("whose").asString().equals("OTHERS"));
        List<UUID> sides = pair ? List.of(UUID.randomUUID(), UUID.randomUUID()) : List.of(UUID.randomUUID());
        server.post("/api/vehicles", Map.of("id", vehicle, "name", "Estate " + vehicle, "description", ""));
        for (UUID side : sides) {
            server.post(
                    "/api/configurations",
                    Map.of("id", side, "vehicleId", vehicle, "name", "Set " + side, "changed", List.of()));
        }
        Map<String, Object> asked = new HashMap<>();
        ((Map<?, ?>) Journeys.saveToNewTest(test, "x").get("newTest")).forEach((k, v) -> asked.put((String) k, v));
        asked.put("vehicleId", vehicle);
        must(server.post("/api/tests", asked));
        Map<String, Object> plan =
                Journeys.plan(vehicle, sides, procedure.get("id").asString(), null);
        plan.put("speed", json.treeToValue(speed(procedure), Map.class));
        plan.put("stopsEach", wish.stopsEach());
        plan.put("order", "ONE_AFTER_ANOTHER");
        plan.put("slot", q(24, "HOURS"));
        must(server.put("/api/tests/" + test + "/plan", json.writeValueAsString(plan)));
        UUID logger = UUID.randomUUID();
        JsonNode paired = must(server.post("/api/devices", Map.of("id", logger, "name", "Logger", "kind", "LOGGER")));
        car = new RehearsedCar(
                URI.create(server.url().replace("http", "ws") + "/device"),
                paired.get("code").asString(),
                seed);
        must(server.put("/api/runs/" + test + "?rate=" + wish.rate(), ""));
        must(server.put("/api/runs/" + test + "/devices", "[\"" + logger + "\"]"));
        look();
    }

    /** The library's own, or a copy of it with limits. */
    private JsonNode procedure() {
        JsonNode own = server().get("/api/procedures")
                .valueStream()
                .filter(p -> p.get("procedure").get("name").asString().equals(wish.procedure()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no procedure " + wish.procedure()));
        if (wish.limits().isEmpty()) {
            return own;
        }
        Map<String, Object> copy = json.convertValue(own.get("procedure"), new TypeReference<>() {});
        copy.put("name", wish.procedure() + ", with limits");
        copy.put("limits", wish.limits());
        UUID id = UUID.randomUUID();
        must(server().put(
                        "/api/procedures",
                        json.writeValueAsString(Map.of("id", id, "builtIn", false, "version", 0, "procedure", copy))));
        return server().get("/api/procedures")
                .valueStream()
                .filter(p -> p.get("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
    }

    /** Of the first measured stops, else of the first that brake, else of whatever it begins with. */
    private static JsonNode speed(JsonNode procedure) {
        JsonNode phases = procedure.get("procedure").get("phases");
        for (String kind : List.of("STOP", "SPIKE", "SNUB", "OBSERVATION")) {
            for (JsonNode p : phases) {
                if (p.get("kind").asString().equals(kind)) {
                    return json(p.get("from"));
                }
            }
        }
        throw new IllegalArgumentException("a procedure without a speed");
    }

    private static JsonNode json(JsonNode quantity) {
        JsonMapper mapper = new JsonMapper();
        return mapper.valueToTree(Map.of(
                "entered", quantity.get("entered").asDouble(),
                "unit", quantity.get("unit").asString()));
    }

    private static JsonNode must(RunningServer.Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(answer.toString());
        }
        return answer.body();
    }

    RunningServer server() {
        return place.server();
    }

    UUID test() {
        return test;
    }

    JsonNode view() {
        return view;
    }

    /** What the trackside view said last of each stop and snub, by its id, in the order driven. */
    Map<String, JsonNode> told() {
        return told;
    }

    /** The step that a stop or snub was driven in. */
    JsonNode stepOf(JsonNode stop) {
        return steps.get(stop.get("step").asInt());
    }

    /** Does whatever the trackside view asks for until it looks so. */
    void until(Predicate<JsonNode> looks) {
        for (int i = 0; i < MOST_TICKS && !looks.test(view); i++) {
            act();
        }
    }

    /** Does whatever the trackside view asks for until the run is over. */
    void toItsEnd() {
        for (int i = 0; i < MOST_TICKS && !stage().equals("DONE"); i++) {
            if (stage().equals("STOPPED")) {
                throw new IllegalStateException("testing was stopped: " + view.get("halt"));
            }
            act();
        }
        if (!stage().equals("DONE")) {
            throw new IllegalStateException(
                    "not at its end: " + view.get("instruction").at("/imperative/text/metric"));
        }
        // The last discs get hotter still.
        for (int i = 0; i < 16; i++) {
            tick(1);
        }
        look();
    }

    private String stage() {
        return view.get("stage").asString();
    }

    private void act() {
        switch (stage()) {
            case "UNSIGNED" -> sign();
            case "WAITING" -> waiting();
            case "APPROACH" -> approach();
            case "JUDGED" -> decide();
            case "TASK" -> task();
            default -> tick(1);
        }
    }

    private void sign() {
        List<String> checks = server().get("/api/plans/form")
                .get("safety")
                .valueStream()
                .map(c -> c.get("check").asString())
                .toList();
        says(Map.of("type", "signed", "gate", Map.of("seen", checks)));
    }

    private void waiting() {
        JsonNode gate = view.get("gate");
        if (!gate.get("signed").asBoolean()) {
            sign();
        } else if (isFine(gate.get("discs")) && (isFine(gate.get("interval")) || isMissed(gate.get("interval")))) {
            if (wish.restart() && !wasRestarted && told.size() >= 2) {
                restart();
            }
            says(Map.of("type", "laneCalled", "clear", true));
            says(Map.of("type", "started"));
        } else {
            tick(COOLING_S);
        }
    }

    private static boolean isFine(JsonNode standing) {
        return List.of("MET", "NOT_ASKED").contains(standing.asString());
    }

    /** As after a server that was away too long: started all the same, it is asked for again. */
    private static boolean isMissed(JsonNode interval) {
        return interval.asString().equals("MISSED");
    }

    private void approach() {
        if (wish.loseLink() && !linkWasLost && told.size() >= 3) {
            linkWasLost = true;
            car.does(Fault.DROP_LINK);
        }
        tick(0.5);
    }

    private void decide() {
        for (double waited = 0; waited < wish.waitsS(); waited += 2) {
            tick(2);
        }
        JsonNode last = told.get(lastId());
        says(Map.of(
                "type",
                "decided",
                "validity",
                last.get("judged").asString(),
                "reason",
                "",
                "stop",
                last.get("id").asString()));
    }

    private String lastId() {
        return told.keySet().stream().reduce((before, last) -> last).orElseThrow();
    }

    private void task() {
        JsonNode phase = view.get("current").get("phase");
        String kind =
                phase == null || phase.isNull() ? "PARTS" : phase.get("kind").asString();
        switch (kind) {
            case "COOL_DOWN" -> coolDown(phase);
            case "TREATMENT" -> treat(phase);
            case "INSPECTION" -> inspect();
            default -> done("as it should be");
        }
    }

    /** One with a gate ends by itself. */
    private void coolDown(JsonNode phase) {
        if (phase.get("gate").get("hottest").isNull()) {
            done("");
        } else {
            tick(COOLING_S);
        }
    }

    private void treat(JsonNode phase) {
        double hottest = phase.get("gate").get("hottest").get("entered").asDouble();
        boolean cold = view.get("discs").size() > 0
                && view.get("discs")
                        .valueStream()
                        .allMatch(d -> d.get("celsius").asDouble() <= hottest);
        if (cold) {
            done("film on both faces, two strokes");
        } else {
            tick(COOLING_S);
        }
    }

    private void inspect() {
        List<Map<String, Object>> faces = new ArrayList<>();
        for (String wheel : List.of("FRONT_LEFT", "FRONT_RIGHT")) {
            for (String face : FACES) {
                Map<String, Object> seen = new HashMap<>(Map.of("wheel", wheel, "face", face, "crack", "NONE"));
                seen.put("length", null);
                faces.add(seen);
            }
        }
        says(Map.of("type", "cracksSeen", "faces", faces));
        done("");
    }

    private void done(String note) {
        says(Map.of("type", "taskDone", "note", note, "step", view.get("step").asInt()));
    }

    private void says(Map<String, Object> what) {
        double now = view.get("nowS").asDouble();
        must(server().post("/api/runs/" + test + "/events", Map.of("id", UUID.randomUUID(), "atS", now, "what", what)));
        look();
        until(
                "the car is told",
                () -> !linked() || car.shownStage().equals(stage()) && car.shownAttempt() == told.size());
    }

    private boolean linked() {
        return car.waiting() == 0 && !car.shownStage().isEmpty();
    }

    /** So many seconds of the run go by: the car is driven, and what it logged is kept and heard. */
    private void tick(double runS) {
        double wallS = runS / wish.rate();
        place.advance(wallS);
        car.advance(wallS);
        until("rows are kept", () -> car.waiting() == 0 || !car.isLinked());
        if (car.isLinked()) {
            until("rows are heard", () -> server().heardUntilS() >= car.loggedS() - 0.05);
        }
        look();
    }

    private void restart() {
        wasRestarted = true;
        place.restart();
        until("the car is back", () -> {
            place.advance(0.1);
            car.advance(0.1);
            return car.isLinked() && car.waiting() == 0;
        });
        look();
    }

    private void look() {
        view = server().get("/api/runs/" + test + "?since=" + seen);
        seen = view.get("events").asInt();
        steps.put(view.get("step").asInt(), view.get("current"));
        view.get("stops").forEach(stop -> told.put(stop.get("id").asString(), stop));
        if (view.get("firstStop").asInt() + view.get("stops").size() != told.size()) {
            throw new IllegalStateException("the view forgot a stop");
        }
    }

    interface Condition {
        boolean holds();
    }

    static void until(String what, Condition condition) {
        long end = System.nanoTime() + PATIENCE_NS;
        while (!condition.holds()) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException("waited in vain until " + what);
            }
            LockSupport.parkNanos(LOOK_AGAIN_NS);
        }
    }

    @Override
    public void close() {
        car.close();
    }
}
