package app.frenum.server.document;

import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Core records as JSON documents in the database. Each says in which version it was written; an older one is brought up
 * step by step before it is read, so that the core need know nothing of its own past.
 */
@Component
public class Documents {
    /** Where the version stands; a document without is of the first. */
    static final String VERSION = "$version";

    private static final String LIST = "list";

    private final JsonMapper json;

    public Documents(JsonMapper json) {
        this.json = json;
    }

    /** As it is kept: a record, or a list of some. */
    public String write(Object value) {
        Class<?> kind =
                value instanceof List<?> all && !all.isEmpty() ? all.get(0).getClass() : value.getClass();
        JsonNode tree = json.valueToTree(value);
        ObjectNode document =
                tree.isObject() ? (ObjectNode) tree : json.createObjectNode().set(LIST, tree);
        document.put(VERSION, History.of(kind).version());
        return json.writeValueAsString(document);
    }

    public <T> T read(String document, Class<T> kind) {
        JsonNode tree = json.readTree(document);
        return json.treeToValue(tree.isObject() ? current((ObjectNode) tree, kind) : tree, kind);
    }

    /** Of a kind that has no name of its own, such as a map, and has never been kept otherwise. */
    public <T> T read(String document, TypeReference<T> kind) {
        JsonNode tree = json.readTree(document);
        return json.treeToValue(current((ObjectNode) tree, Object.class), json.constructType(kind));
    }

    /** A list of them; one of before lists had versions is a bare array. */
    public <T> List<T> readList(String document, Class<T> kind) {
        JsonNode tree = json.readTree(document);
        JsonNode all = tree.isArray() ? tree : tree.path(LIST);
        int version = tree.path(VERSION).asInt(1);
        all.forEach(one -> History.of(kind).bringUp((ObjectNode) one, version));
        JavaType list = json.getTypeFactory().constructCollectionType(List.class, kind);
        return json.treeToValue(all, list);
    }

    private static ObjectNode current(ObjectNode document, Class<?> kind) {
        int version = document.path(VERSION).asInt(1);
        document.remove(VERSION);
        History.of(kind).bringUp(document, version);
        return document;
    }
}
