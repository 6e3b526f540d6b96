package app.frenum.core.finding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something to be said.
 *
 * @param code what
 * @param terms what it speaks of, by the names of the code's parameters
 */
public record Finding(FindingCode code, Map<String, Term> terms) {
    /**
     * @param terms one for each of the code's parameters, in their order
     * @throws IllegalArgumentException when there are more or fewer
     */
    public static Finding of(FindingCode code, Term... terms) {
        List<String> names = code.parameters();
        if (names.size() != terms.length) {
            throw new IllegalArgumentException(
                    code.key() + " speaks of " + names + ", and was given " + terms.length + " terms");
        }
        Map<String, Term> byName = new LinkedHashMap<>();
        for (int i = 0; i < terms.length; i++) {
            byName.put(names.get(i), terms[i]);
        }
        return new Finding(code, byName);
    }

    /** One after another, in the middle of a sentence. */
    public static Term all(List<Finding> findings) {
        List<Term> said = new ArrayList<>();
        findings.forEach(f -> said.add(new Term.Said(f)));
        return new Term.All(said);
    }
}
