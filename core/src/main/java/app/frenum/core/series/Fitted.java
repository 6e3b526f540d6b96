package app.frenum.core.series;

import java.util.Map;
import java.util.Set;

/**
 * What a configuration is, to those who compare it.
 *
 * @param name as people call it
 * @param factors what it consists of: factor to level
 * @param notBedded names of parts that are new and not bedded in
 */
public record Fitted(String name, Map<String, String> factors, Set<String> notBedded) {
    /** Only its name is known. */
    public static Fitted named(String name) {
        return new Fitted(name, Map.of(), Set.of());
    }
}
