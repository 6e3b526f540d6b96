package app.frenum.server.document;

import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What became of measured stops and calibrations after their second version. */
final class StopVersions {
    private StopVersions() {}

    /** Whether wheels had been logged at all was not kept: that none came to its limit is therefore not known. */
    static void wheels(ObjectNode stop) {
        boolean limited = stop.path("gripLimited").asBoolean(false);
        stop.remove("gripLimited");
        stop.put("wheels", limited ? "REACHED" : "NOT_LOGGED");
    }

    /** Sources of speed were not told apart, and what their stops share was not kept by itself. */
    static void sources(ObjectNode stop) {
        stop.put("speedSource", "UNNAMED");
        stop.set("distanceFromFoot", notThen());
        ObjectNode uncertainty = (ObjectNode) stop.get("uncertainty");
        uncertainty.set("shared", notThen());
        uncertainty.set("distanceFromFoot", notThen());
        uncertainty.set(
                "mfddReading", uncertainty.has("mfdd") ? uncertainty.get("mfdd").deepCopy() : notThen());
        ((ObjectNode) stop.get("brake")).remove("stageS");
    }

    /** Only speed had a clock that was looked at. */
    static void clocks(ObjectNode calibration) {
        ObjectNode offsets = (ObjectNode) calibration.get("offsets");
        offsets.put("source", "UNNAMED");
        offsets.put("accelerometerLateS", 0.0);
        calibration.set("lateChannels", JsonNodeFactory.instance.arrayNode());
    }

    private static ObjectNode notThen() {
        return JsonNodeFactory.instance.objectNode().put("reason", "it was not computed when this stop was stored");
    }
}
