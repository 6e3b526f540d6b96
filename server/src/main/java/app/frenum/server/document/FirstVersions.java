package app.frenum.server.document;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** From what was kept before documents had versions, which had grown part by part, to the second version of each kind. */
final class FirstVersions {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final String NOT_THEN = "it was not computed when this stop was stored";
    private static final List<String> UNCERTAIN = List.of(
            "entrySpeed", "distance", "correctedDistance", "time", "mfdd", "meanDeceleration", "lostTime", "reading");

    private FirstVersions() {}

    /** Pedal curves, locks, ±, the fused speed and findings came one after another. */
    static void measuredStop(ObjectNode stop) {
        put(stop, "pedal", JSON.objectNode().set("bar", JSON.arrayNode()).set("travelM", JSON.arrayNode()));
        put(stop, "lockedAtS", JSON.objectNode());
        ObjectNode fused = JSON.objectNode();
        List.of("entrySpeed", "distance", "latency", "bias").forEach(f -> fused.set(f, unknown()));
        put(stop, "fused", fused);
        ObjectNode uncertainty = JSON.objectNode();
        UNCERTAIN.forEach(f -> uncertainty.set(f, unknown()));
        put(stop, "uncertainty", uncertainty);
        ObjectNode own = (ObjectNode) stop.get("uncertainty");
        put(own, "reading", own.path("distance").deepCopy());
        ObjectNode brake = (ObjectNode) stop.get("brake");
        put(brake, "onsetUncertainty", unknown());
        put(brake, "stageS", JSON.numberNode(0.0));
        stop.path("flags").forEach(flag -> finding((ObjectNode) flag));
    }

    /** What is said was words before it was a finding. */
    static void finding(ObjectNode said) {
        if (said.has("message")) {
            said.set("finding", said.remove("message"));
        }
    }

    /** Drift of the pressures and the lateness of the speed were not looked for. */
    static void calibration(ObjectNode calibration) {
        ObjectNode offsets = (ObjectNode) calibration.get("offsets");
        put(offsets, "frontDrift", level());
        put(offsets, "rearDrift", level());
        ObjectNode prompt = JSON.objectNode();
        prompt.set("seconds", JSON.objectNode().put("value", 0.0));
        prompt.put("uncertaintyS", 0.0);
        put(offsets, "latency", prompt);
    }

    private static ObjectNode level() {
        return JSON.objectNode()
                .set("t", JSON.arrayNode().add(0.0))
                .set("bar", JSON.arrayNode().add(0.0));
    }

    /** Figures had no ± of their own. */
    static void uncertain(ObjectNode spec) {
        put(spec, "uncertainties", JSON.objectNode());
    }

    static void configuration(ObjectNode configuration) {
        configuration.path("parts").forEach(part -> uncertain((ObjectNode) part));
    }

    /** How discs cool while the car stands was not learnt. */
    static void runScript(ObjectNode script) {
        put(script, "standingTauS", JSON.nullNode());
    }

    /** Who signed stands beside what was signed. */
    static void happening(ObjectNode happening) {
        if (happening.get("gate") instanceof ObjectNode gate) {
            gate.remove("signedBy");
        }
    }

    static void withoutName(ObjectNode read) {
        read.remove("by");
    }

    /** A row of a stop sheet became what people gave of the stop, in the terms of the core. */
    static void sheetRow(ObjectNode row) {
        row.remove(List.of("line", "configuration", "series", "stop", "struckOut", "reason"));
        ObjectNode conditions = JSON.objectNode();
        for (String said : List.of(
                "date", "driver", "direction", "load", "surface", "ambient", "tyrePressureFront", "tyrePressureRear")) {
            conditions.set(said, row.path(said).isMissingNode() ? JSON.nullNode() : row.remove(said));
        }
        row.set("conditions", conditions);
        put(row, "secondsAfterRest", JSON.nullNode());
        put(row, "phase", JSON.nullNode());
        row.set("readOn", constant(row.path("readOn"), Map.of()));
        row.set("effort", constant(row.path("pedalEffort"), Map.of()));
        row.set("pedal", constant(row.path("pedalFeel"), PEDALS));
        row.remove(List.of("pedalFeel", "pedalEffort"));
    }

    /** The words that stop sheets had for a pedal, beside the names themselves. */
    private static final Map<String, String> PEDALS = Map.of(
            "LONG-SOFT", "LONG_SOFT",
            "LONG SOFT", "LONG_SOFT",
            "LONG", "LONG_SOFT",
            "SOFT", "LONG_SOFT",
            "TO THE FLOOR", "TO_THE_FLOOR",
            "FLOOR", "TO_THE_FLOOR");

    private static JsonNode constant(JsonNode word, Map<String, String> other) {
        if (!word.isString()) {
            return JSON.nullNode();
        }
        String name = word.asString().strip().toUpperCase(Locale.ROOT);
        return JSON.stringNode(other.getOrDefault(name, name));
    }

    private static ObjectNode unknown() {
        return JSON.objectNode().put("reason", NOT_THEN);
    }

    private static void put(ObjectNode to, String name, JsonNode value) {
        if (!to.hasNonNull(name)) {
            to.set(name, value);
        }
    }
}
