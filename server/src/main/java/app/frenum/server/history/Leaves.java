package app.frenum.server.history;

import app.frenum.core.quantity.Unit;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a column holds, leaf by leaf: a document by the names in it, an amount as somebody entered it. */
final class Leaves {
    /** A note is kept elsewhere in full. */
    private static final int LONGEST = 500;

    private static final String UNIT = "unit";
    /** Of a document, in which version it was written; nobody said that. */
    private static final String NOT_SAID = "$";

    private final JsonMapper json;
    private final Map<String, String> found = new TreeMap<>();

    private Leaves(JsonMapper json) {
        this.json = json;
    }

    /** By name; the names within a document follow its own, each after a dot. Empty for what is null. */
    static Map<String, String> of(JsonMapper json, String name, @Nullable Object value) {
        Leaves leaves = new Leaves(json);
        if (value instanceof byte[] bytes) {
            leaves.put(name, bytes.length + " bytes");
        } else if (value instanceof String text) {
            leaves.document(text).ifPresentOrElse(d -> leaves.walk(name, d), () -> leaves.put(name, text));
        } else if (value instanceof Collection<?> all) {
            String joined = all.stream().map(String::valueOf).collect(Collectors.joining(", "));
            if (!joined.isEmpty()) {
                leaves.put(name, joined);
            }
        } else if (value != null && !value.getClass().isArray()) {
            leaves.put(name, value.toString());
        }
        return leaves.found;
    }

    private Optional<JsonNode> document(String text) {
        if (!text.startsWith("{")) {
            return Optional.empty();
        }
        try {
            return Optional.of(json.readTree(text));
        } catch (JacksonException e) {
            // Somebody called it that.
            return Optional.empty();
        }
    }

    private void walk(String path, JsonNode node) {
        if (node.isObject() && amount(node).isPresent()) {
            put(path, amount(node).get());
        } else if (node.isObject()) {
            node.properties().stream()
                    .filter(p -> !p.getKey().startsWith(NOT_SAID))
                    .forEach(p -> walk(path + "." + p.getKey(), p.getValue()));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                walk(path + "." + (i + 1), node.get(i));
            }
        } else if (!node.isNull()) {
            put(path, node.asString());
        }
    }

    private static Optional<String> amount(JsonNode node) {
        JsonNode unit = node.path(UNIT);
        JsonNode number = node.has("entered") ? node.path("entered") : node.path("value");
        return number.isNumber()
                ? Stream.of(Unit.values())
                        .filter(u -> u.name().equals(unit.asString("")))
                        .findFirst()
                        .map(u -> "%s %s"
                                .formatted(plain(number.asDouble()), u.symbol())
                                .strip())
                : Optional.empty();
    }

    private static String plain(double x) {
        return x == Math.rint(x) && Math.abs(x) < 1e9 ? Long.toString((long) x) : Double.toString(x);
    }

    private void put(String name, String text) {
        found.put(name, text.length() > LONGEST ? text.substring(0, LONGEST) + "…" : text);
    }
}
