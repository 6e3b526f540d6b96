package app.frenum.formats.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A JSON text with one thing changed, in every way there is: each value, each name, each entry missing. */
final class Changes {
    private static final JsonMapper JSON = new JsonMapper();

    private static final int LONG = 100;

    private final JsonNode root;
    private final List<String> texts = new ArrayList<>();

    private Changes(JsonNode root) {
        this.root = root;
    }

    static List<String> of(String text) {
        Changes changes = new Changes(JSON.readTree(text));
        changes.within(changes.root);
        return changes.texts;
    }

    private void within(JsonNode node) {
        if (node instanceof ObjectNode object) {
            for (String name : Set.copyOf(object.propertyNames())) {
                JsonNode value = object.get(name);
                others(value, other -> object.set(name, other));
                object.remove(name);
                add();
                object.set(name + "s", value);
                add();
                object.remove(name + "s");
                object.set(name, value);
                within(value);
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                JsonNode value = array.get(i);
                others(value, other -> array.set(at, other));
                array.remove(i);
                add();
                array.insert(i, value);
                within(value);
            }
        }
    }

    /** Puts other values in the place of one, and the one back. */
    private void others(JsonNode value, Consumer<JsonNode> put) {
        for (JsonNode other : others(value)) {
            put.accept(other);
            add();
        }
        put.accept(value);
    }

    private static List<JsonNode> others(JsonNode value) {
        if (value.isNumber()) {
            return List.of(JSON.getNodeFactory().numberNode(value.asDouble() + 1e-9 * Math.max(1, value.asDouble())));
        }
        if (value.isBoolean()) {
            return List.of(JSON.getNodeFactory().booleanNode(!value.asBoolean()));
        }
        if (!value.isString()) {
            return value.isNull() ? List.of(JSON.getNodeFactory().numberNode(3)) : List.of();
        }
        List<JsonNode> all = new ArrayList<>();
        String text = value.asString();
        // Of a short text its first and last letter will do; of a signature each.
        int step = text.length() > LONG ? 1 : Math.max(1, text.length() - 1);
        for (int i = 0; i < text.length(); i += step) {
            char c = text.charAt(i);
            all.add(JSON.getNodeFactory()
                    .stringNode(text.substring(0, i) + (c == 'A' ? 'B' : 'A') + text.substring(i + 1)));
        }
        return all;
    }

    private void add() {
        texts.add(JSON.writeValueAsString(root));
    }
}
