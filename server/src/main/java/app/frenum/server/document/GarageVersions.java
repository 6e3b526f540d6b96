package app.frenum.server.document;

import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Configurations from before it was kept what was done to a part. */
final class GarageVersions {
    private GarageVersions() {}

    /** Nothing was said of it. */
    static void configuration(ObjectNode configuration) {
        configuration
                .path("parts")
                .forEach(part -> ((ObjectNode) part).set("worked", JsonNodeFactory.instance.arrayNode()));
    }
}
