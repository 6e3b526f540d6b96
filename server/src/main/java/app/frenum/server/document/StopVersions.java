package app.frenum.server.document;

import tools.jackson.databind.node.ObjectNode;

/** What became of measured stops after their second version. */
final class StopVersions {
    private StopVersions() {}

    /** Whether wheels had been logged at all was not kept: that none came to its limit is therefore not known. */
    static void wheels(ObjectNode stop) {
        boolean limited = stop.path("gripLimited").asBoolean(false);
        stop.remove("gripLimited");
        stop.put("wheels", limited ? "REACHED" : "NOT_LOGGED");
    }
}
