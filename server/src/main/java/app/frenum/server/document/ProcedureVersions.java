package app.frenum.server.document;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Procedures and the scripts of runs from before phases could be repeated in cycles or driven by some configurations only. */
final class ProcedureVersions {
    private ProcedureVersions() {}

    /** Every phase was everybody's. */
    static void procedure(ObjectNode procedure) {
        procedure.path("phases").forEach(ProcedureVersions::phase);
    }

    /** The first rules: a signature held for ever, and no step belonged to a cycle. */
    static void runScript(ObjectNode script) {
        script.put("rules", 1);
        script.path("steps").forEach(step -> {
            ((ObjectNode) step).put("cycle", 0);
            phase(step.path("phase"));
        });
    }

    /** Which discs an inspection asks for was not said. */
    static void inspections(ObjectNode script) {
        script.putArray("inspected");
    }

    private static void phase(JsonNode phase) {
        if (phase instanceof ObjectNode own && !own.has("whose")) {
            own.put("whose", "EVERY");
        }
    }
}
