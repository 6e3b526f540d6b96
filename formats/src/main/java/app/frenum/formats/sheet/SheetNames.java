package app.frenum.formats.sheet;

import app.frenum.core.log.HeaderWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Configuration names that differ in case, spaces or punctuation alone are taken for one, under the first spelling. */
public final class SheetNames {
    private SheetNames() {}

    /** For each spelling that is another of an earlier one, that earlier one; in the order of appearance. */
    public static Map<String, String> respelled(List<String> names) {
        Map<String, String> first = new LinkedHashMap<>();
        Map<String, String> respelled = new LinkedHashMap<>();
        for (String name : names) {
            String known = first.putIfAbsent(key(name), name);
            if (known != null && !known.equals(name)) {
                respelled.put(name, known);
            }
        }
        return respelled;
    }

    private static String key(String name) {
        String key = HeaderWords.plain(name).replaceAll("[^\\p{L}\\p{N}+]+", "");
        return key.isEmpty() ? name : key;
    }
}
