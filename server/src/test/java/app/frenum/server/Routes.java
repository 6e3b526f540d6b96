package app.frenum.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** All routes of the API document, each with an address and a body that are nearly right. */
final class Routes {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    /** Listens for ever. */
    private static final String STREAM = "/live";

    private static final int DEEPEST = 8;

    private final JsonNode schemas;
    private final Known known;
    private final List<Route> routes = new ArrayList<>();

    /**
     * What stands for something in this server.
     *
     * @param ids by the word before them in a path
     * @param bodies by the name of their schema
     */
    record Known(Map<String, String> ids, Map<String, JsonNode> bodies) {}

    /**
     * @param does what it says that it does
     * @param body null where the route takes none
     */
    record Route(String method, String address, String does, JsonNode body) {}

    Routes(JsonNode document, Known known) {
        this.known = known;
        schemas = document.get("components").get("schemas");
        for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
            if (!path.getKey().endsWith(STREAM)) {
                for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
                    routes.add(route(path.getKey(), operation.getKey(), operation.getValue()));
                }
            }
        }
    }

    List<Route> all() {
        return List.copyOf(routes);
    }

    Route any(Random random) {
        return routes.get(random.nextInt(routes.size()));
    }

    private Route route(String path, String method, JsonNode operation) {
        StringBuilder query = new StringBuilder();
        for (JsonNode p : operation.path("parameters")) {
            if (p.get("in").asString().equals("query")) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(p.get("name").asString())
                        .append('=')
                        .append(plain(sample(p.get("schema"), DEEPEST)));
            }
        }
        JsonNode content = operation.path("requestBody").path("content").path("application/json");
        return new Route(
                method.toUpperCase(Locale.ROOT),
                address(path) + query,
                operation.path("x-does").asString(""),
                content.isMissingNode() ? null : sample(content.get("schema"), 0));
    }

    private String address(String path) {
        StringBuilder out = new StringBuilder();
        String before = "";
        for (String part : path.substring(1).split("/")) {
            String id = known.ids().getOrDefault(before, UUID.randomUUID().toString());
            out.append('/').append(part.startsWith("{") ? id : part);
            before = part.equals("{a}") ? "configurations" : part;
        }
        return out.toString();
    }

    private static String plain(JsonNode value) {
        return value.isArray() ? "" : value.asString("");
    }

    private JsonNode sample(JsonNode schema, int depth) {
        String ref = schema.path("$ref").asString("");
        if (!ref.isEmpty()) {
            String name = ref.substring(ref.lastIndexOf('/') + 1);
            return known.bodies().containsKey(name)
                    ? known.bodies().get(name).deepCopy()
                    : sample(schemas.get(name), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(0);
        }
        return switch (schema.path("type").asString("object")) {
            case "string" -> NODES.stringNode(text(schema.path("format").asString("")));
            case "integer" -> NODES.numberNode(1);
            case "number" -> NODES.numberNode(12.5);
            case "boolean" -> NODES.booleanNode(true);
            case "array" -> array(schema, depth);
            default -> object(schema, depth);
        };
    }

    private static String text(String format) {
        return switch (format) {
            case "uuid" -> UUID.randomUUID().toString();
            case "date" -> "2026-06-20";
            case "date-time" -> "2026-06-20T10:00:00Z";
            default -> "words";
        };
    }

    private JsonNode array(JsonNode schema, int depth) {
        ArrayNode all = NODES.arrayNode();
        if (depth < DEEPEST) {
            all.add(sample(schema.get("items"), depth + 1));
        }
        return all;
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode all = NODES.objectNode();
        if (depth < DEEPEST) {
            schema.path("properties").properties().forEach(p -> all.set(p.getKey(), sample(p.getValue(), depth + 1)));
        }
        if (all.isEmpty()) {
            // A happening, whose kinds the document does not tell.
            all.put("type", "laneCalled").put("clear", true);
        }
        return new JsonMapper().valueToTree(all);
    }
}
