package app.frenum.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Makes what is nearly right wrong, in one to three places, always the same for the same seed. */
final class Mutations {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int MOST = 3;

    private final Random random;
    private final List<Supplier<JsonNode>> wrong = List.of(
            NODES::nullNode,
            () -> NODES.numberNode(-1),
            () -> NODES.numberNode(0),
            () -> NODES.numberNode(1e308),
            () -> NODES.numberNode(Long.MAX_VALUE),
            () -> NODES.numberNode(Integer.MIN_VALUE),
            () -> NODES.stringNode(""),
            () -> NODES.stringNode("NaN"),
            () -> NODES.stringNode("\u0000\u0001\uFFFE"),
            () -> NODES.stringNode("'; drop table stop; --<script>alert(1)</script>"),
            () -> NODES.stringNode("\u202E" + "long ".repeat(3000)),
            () -> NODES.stringNode("+999999999-12-31T23:59:59Z"),
            () -> NODES.stringNode("+999999999-12-31"),
            () -> NODES.stringNode(new UUID(0, 0).toString()),
            () -> NODES.booleanNode(false),
            NODES::objectNode,
            NODES::arrayNode,
            // Several of them in one another must still be text.
            () -> nested(120));

    Mutations(Random random) {
        this.random = random;
    }

    Random random() {
        return random;
    }

    private static JsonNode nested(int deep) {
        JsonNode inner = NODES.arrayNode();
        for (int i = 0; i < deep; i++) {
            inner = NODES.arrayNode().add(inner);
        }
        return inner;
    }

    /** Now and then cut off, or followed by something. */
    String body(JsonNode right) {
        if (right == null) {
            return random.nextInt(4) == 0 ? "{}" : null;
        }
        JsonNode body = right.deepCopy();
        for (int i = random.nextInt(MOST + 1); i > 0; i--) {
            change(body);
        }
        String text = body.toString();
        return switch (random.nextInt(20)) {
            case 0 -> text.substring(0, random.nextInt(text.length()));
            case 1 -> text + text;
            case 2 -> text.replaceFirst("[0-9]+\\.?[0-9]*", "1e999999999");
            default -> text;
        };
    }

    private void change(JsonNode body) {
        List<JsonNode> inside = new ArrayList<>();
        collect(body, inside);
        if (inside.isEmpty()) {
            return;
        }
        JsonNode at = inside.get(random.nextInt(inside.size()));
        if (at instanceof ObjectNode object) {
            List<String> names = List.copyOf(object.propertyNames());
            if (!names.isEmpty()) {
                change(object, names.get(random.nextInt(names.size())));
            }
        } else if (at instanceof ArrayNode array) {
            array.add(array.isEmpty() || random.nextBoolean() ? something() : array.get(0));
        }
    }

    private void change(ObjectNode object, String name) {
        switch (random.nextInt(4)) {
            case 0 -> object.remove(name);
            case 1 -> object.set(name, NODES.nullNode());
            case 2 -> object.set(something().asString("odd"), object.get(name));
            default -> object.set(name, something());
        }
    }

    private JsonNode something() {
        return wrong.get(random.nextInt(wrong.size())).get();
    }

    private static void collect(JsonNode at, List<JsonNode> into) {
        if (at.isContainer()) {
            into.add(at);
            at.forEach(child -> collect(child, into));
        }
    }

    /** Now and then another id, another value, or text that is none. */
    String address(String right) {
        return switch (random.nextInt(12)) {
            case 0 -> right.replaceFirst("[0-9a-f-]{36}", new UUID(0, 0).toString());
            case 1 -> right.replaceFirst("[0-9a-f-]{36}", "..%2F..%2Fetc");
            case 2 -> right.replaceFirst("=[^&]*", "=%ff%fe");
            case 3 -> right.replaceFirst("=[^&]*", "=");
            case 4 -> right.replaceFirst("=[^&]*", "=1e400");
            case 5 -> right.replaceFirst("=[^&]*", "=-1");
            case 6 -> right + (right.contains("?") ? "&" : "?") + "channels=0,0,0&px=99999999&from=-1e9&to=1e9";
            default -> right;
        };
    }
}
