package app.frenum.e2e.rehearsal;

import app.frenum.server.RunningServer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;

/**
 * Holds what the trackside view said of a day, application by application, against what is stored, listed, exported and
 * drawn of it. Each difference is a sentence; none is what is wanted.
 */
final class SameEverywhere {
    private static final List<String> FIGURES = List.of(
            "entrySpeed",
            "exitSpeed",
            "distance",
            "correctedDistance",
            "time",
            "mfdd",
            "lostTime",
            "frontPressureMean");
    private static final double DRAWN_MPS = 0.3;

    private final RehearsedDay day;
    private final RunningServer server;
    private final List<String> differences = new ArrayList<>();

    private SameEverywhere(RehearsedDay day) {
        this.day = day;
        server = day.server();
    }

    static List<String> differences(RehearsedDay day) {
        SameEverywhere one = new SameEverywhere(day);
        Map<String, JsonNode> stored = one.stored();
        one.day.told().forEach((id, told) -> one.hold(told, stored.get(id)));
        one.phases();
        one.exported(stored);
        return one.differences;
    }

    private Map<String, JsonNode> stored() {
        Map<String, JsonNode> byId = new HashMap<>();
        server.get("/api/tests/" + day.test())
                .get("stops")
                .forEach(s -> byId.put(s.get("id").asString(), s));
        same("stops and snubs stored", day.told().size(), byId.size());
        return byId;
    }

    private void hold(JsonNode told, JsonNode stored) {
        String name = "attempt %d of %s"
                .formatted(told.get("attempt").asInt(), phase(told).get("name").asString());
        if (stored == null) {
            differences.add(name + ": not stored");
            return;
        }
        JsonNode step = day.stepOf(told);
        same(
                name + ": phase",
                phase(told).get("name").asString(),
                stored.get("phase").asString());
        same(name + ": cycle", step.get("cycle").asInt(), stored.path("cycle").asInt(0));
        same(
                name + ": load",
                phase(told).get("load").asString().toLowerCase(Locale.ROOT),
                stored.get("load").asString());
        boolean counts = !stored.get("struckOut").asBoolean()
                && !stored.get("validity").asString().equals("REPEAT");
        same(name + ": counts", counts(told), counts);
        JsonNode assessed = told.get("logged").get("measured");
        JsonNode kept = stored.get("measured");
        same(
                name + ": kind",
                assessed.get("kind").asString(),
                stored.get("kind").asString());
        for (String figure : FIGURES) {
            same(name + ": " + figure, assessed.get(figure), kept.get(figure));
        }
        same(name + ": start temperatures", assessed.get("startTemperatures"), kept.get("startTemperatures"));
        same(name + ": peaks", assessed.get("peakTemperatures"), kept.get("peakTemperatures"));
        drawn(name, stored.get("id").asString(), assessed);
    }

    private JsonNode phase(JsonNode told) {
        return day.stepOf(told).get("phase");
    }

    private static boolean counts(JsonNode told) {
        JsonNode decision = told.get("decision");
        String validity = decision == null || decision.isNull()
                ? told.get("judged").asString()
                : decision.get("validity").asString();
        return !validity.equals("REPEAT");
    }

    /** The curve begins at the speed that was entered at, and its time is counted from the onset. */
    private void drawn(String name, String id, JsonNode assessed) {
        JsonNode trace = server.get("/api/stops/" + id + "/trace");
        JsonNode time = trace.get("time");
        JsonNode speed = trace.get("lines").get("speed");
        int onset = 0;
        while (onset + 1 < time.size() && time.get(onset).asDouble() < 0) {
            onset++;
        }
        double drawn =
                speed == null || speed.isNull() ? Double.NaN : speed.get(onset).asDouble();
        double entered = assessed.get("entrySpeed").get("value").asDouble();
        if (!(Math.abs(drawn - entered) < DRAWN_MPS)) {
            differences.add("%s: entered at %.2f m/s, drawn from %.2f".formatted(name, entered, drawn));
        }
    }

    /** What the assessment counts of each phase. */
    private void phases() {
        for (JsonNode row :
                server.get("/api/tests/" + day.test() + "/assessment").get("phases")) {
            String phase = row.get("name").asString();
            int counted = row.get("sides")
                    .valueStream()
                    .mapToInt(s -> s.get("counted").asInt())
                    .sum();
            int repeated = row.get("sides")
                    .valueStream()
                    .mapToInt(s -> s.get("repeated").asInt())
                    .sum();
            same(phase + ": counted", (int) of(phase, SameEverywhere::counts), counted);
            same(phase + ": repeated", (int) of(phase, t -> !counts(t)), repeated);
        }
    }

    private long of(String phase, Predicate<JsonNode> which) {
        return day.told().values().stream()
                .filter(t -> phase(t).get("name").asString().equals(phase))
                .filter(which)
                .count();
    }

    /** Every stop is a row of the sheet; a snub has no stopping distance, and a sheet no room for it. */
    private void exported(Map<String, JsonNode> stored) {
        String sheet = new String(server.bytes("/api/tests/" + day.test() + "/stops.csv"), StandardCharsets.UTF_8);
        long rows =
                sheet.lines().filter(l -> !l.startsWith("#") && !l.isBlank()).count() - 1;
        long stops = stored.values().stream()
                .filter(s -> s.get("kind").asString().equals("STOP"))
                .count();
        same("rows of the exported sheet", stops, rows);
    }

    private void same(String what, Object told, Object stored) {
        if (!told.equals(stored)) {
            differences.add("%s: the trackside view said %s, stored is %s".formatted(what, told, stored));
        }
    }
}
