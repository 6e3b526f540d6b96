package app.frenum.server.guard;

import app.frenum.formats.PlainText;
import java.util.Optional;
import java.util.OptionalInt;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** Looks through JSON from outside once, whatever it is for: its text is plain text, and its numbers and nesting are sane. */
final class JsonBody {
    private static final JsonFactory FACTORY = new JsonFactory();
    private static final int DEEPEST = 100;
    private static final int LONGEST_NUMBER = 60;
    private static final int MOST_EXPONENT_DIGITS = 3;

    private JsonBody() {}

    /** What is wrong with it; empty too for what is no JSON, which its reader says better. */
    static Optional<String> problem(byte[] body) {
        try (JsonParser from = FACTORY.createParser(ObjectReadContext.empty(), body)) {
            int depth = 0;
            for (JsonToken token = from.nextToken(); token != null; token = from.nextToken()) {
                depth += token.isStructStart() ? 1 : token.isStructEnd() ? -1 : 0;
                Optional<String> found = depth > DEEPEST
                        ? Optional.of("It nests deeper than %d levels.".formatted(DEEPEST))
                        : problem(from, token);
                if (found.isPresent()) {
                    return found;
                }
            }
            return Optional.empty();
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }

    private static Optional<String> problem(JsonParser from, JsonToken token) {
        if (token == JsonToken.VALUE_STRING || token == JsonToken.PROPERTY_NAME) {
            OptionalInt foreign = PlainText.firstForeign(from.getString());
            return foreign.isPresent() ? Optional.of(PlainText.problem(foreign.getAsInt())) : Optional.empty();
        }
        if (token.isNumeric() && isBeyondAllMeasure(from.getString())) {
            return Optional.of("A number in it is beyond anything that can be measured.");
        }
        return Optional.empty();
    }

    private static boolean isBeyondAllMeasure(String number) {
        int e = Math.max(number.indexOf('e'), number.indexOf('E'));
        String exponent = e < 0 ? "" : number.substring(e + 1).replaceFirst("^[+-]?0*", "");
        return number.length() > LONGEST_NUMBER || exponent.length() > MOST_EXPONENT_DIGITS;
    }
}
