package app.frenum.server.document;

import tools.jackson.databind.node.ObjectNode;

/** Runs that were begun before their scripts said by which rules. */
final class Rules {
    private Rules() {}

    /** The first rules: a signature held for ever, and no phase belonged to a cycle. */
    static void ofBefore(ObjectNode script) {
        script.put("rules", 1);
        script.path("steps").forEach(step -> ((ObjectNode) step).put("cycle", 0));
    }
}
