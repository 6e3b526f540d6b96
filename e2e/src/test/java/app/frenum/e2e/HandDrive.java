package app.frenum.e2e;

import app.frenum.server.RunningServer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Drives a run of the demo through its events, as a person with tape and thermometer would. */
final class HandDrive {
    private static final Map<String, Object> HOT = Map.of(
            "FRONT_LEFT",
            celsius(139),
            "FRONT_RIGHT",
            celsius(148),
            "REAR_LEFT",
            celsius(94),
            "REAR_RIGHT",
            celsius(97));
    private static final int WARMING_SNUBS = 10;

    private final RunningServer server;
    private final String path;
    private double now = Instant.now().toEpochMilli() / 1000.0 - 1300;

    HandDrive(RunningServer server, String test) {
        this.server = server;
        path = "/api/runs/" + test;
        server.put(path, "");
        List<String> checks = new ArrayList<>();
        server.get("/api/plans/form")
                .get("safety")
                .forEach(c -> checks.add(c.get("check").asString()));
        says(1, Map.of("type", "signed", "gate", Map.of("seen", checks)));
    }

    private void says(double laterS, Map<String, Object> what) {
        now += laterS;
        server.post(path + "/events", Map.of("id", UUID.randomUUID(), "atS", now, "what", what));
    }

    private static Map<String, Object> celsius(double c) {
        return Map.of("entered", c, "unit", "CELSIUS");
    }

    void warmUp() {
        for (int i = 0; i < WARMING_SNUBS; i++) {
            says(30, Map.of("type", "laneCalled", "clear", true));
            says(2, Map.of("type", "started"));
            says(10, Map.of("type", "atRest"));
        }
    }

    void stop(double discC, double entryKmh, double metres) {
        says(60, Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", discC, "FRONT_RIGHT", discC + 5)));
        says(3, Map.of("type", "laneCalled", "clear", true));
        says(3, Map.of("type", "started"));
        says(16, Map.of("type", "atRest"));
        says(25, Map.of("type", "entered", "readings", readings(entryKmh, metres)));
        says(5, Map.of("type", "decided", "validity", discC > 110 ? "REPEAT" : "VALID", "reason", ""));
    }

    /** What a person reads off tape and thermometer after a stop. */
    static Map<String, Object> readings(double entryKmh, double metres) {
        Map<String, Object> readings = new HashMap<>();
        readings.put("entrySpeed", Map.of("entered", entryKmh, "unit", "KILOMETRES_PER_HOUR"));
        readings.put(
                "distances",
                List.of(Map.of("by", "Test marshal", "distance", Map.of("entered", metres, "unit", "METRES"))));
        readings.put("instrument", "TAPE");
        readings.put("time", null);
        readings.put("peaks", HOT);
        readings.put("lateS", 25);
        readings.put("pedal", "NORMAL");
        readings.put("lockSeen", false);
        readings.put("rearFirst", false);
        readings.put("switches", Map.of("ANTI_LOCK", true, "ASSIST", true));
        readings.put("note", "");
        return readings;
    }

    /** Just now, so that the countdown has a way to go. */
    void readHotDiscs() {
        now = Instant.now().toEpochMilli() / 1000.0 - 2;
        says(
                0,
                Map.of(
                        "type",
                        "discsRead",
                        "celsius",
                        Map.of("FRONT_LEFT", 196, "FRONT_RIGHT", 205, "REAR_LEFT", 94, "REAR_RIGHT", 97)));
    }
}
