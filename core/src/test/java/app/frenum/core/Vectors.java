package app.frenum.core;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Worked inputs and outputs from an independent implementation in Python; see {@code vectors.json}. */
public final class Vectors {
    private Vectors() {}

    /** Every vector of a name, as {@code {"in": …, "out": …}}. */
    public static List<JsonNode> named(String name) {
        try {
            List<JsonNode> out = new ArrayList<>();
            for (JsonNode v : new ObjectMapper()
                    .readTree(Path.of("src/test/resources/vectors.json").toFile())
                    .get("vectors")) {
                if (v.get("name").asText().equals(name)) {
                    out.add(v);
                }
            }
            if (out.isEmpty()) {
                throw new AssertionError("there is no vector called " + name);
            }
            return out;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static double in(JsonNode vector, String key) {
        return vector.get("in").get(key).asDouble();
    }

    public static double out(JsonNode vector, String key) {
        return vector.get("out").get(key).asDouble();
    }

    public static double[] numbers(JsonNode array) {
        double[] out = new double[array.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = array.get(i).asDouble();
        }
        return out;
    }
}
