package app.frenum.core.procedure;

import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A limit that a person entered, held against the stops of one phase: the weakest of them decides. It says whether the
 * figure was met, not whether a code is.
 *
 * @param limit as entered; its unit says what it is of: deceleration, distance, or share of the reference
 * @param phase the stops are of; empty where they say none
 * @param n stops with such a figure
 * @param worst in the inside unit
 * @param verdict whether the worst of them meets it
 */
public record LimitReading(Procedure.Limit limit, String phase, int n, Figure worst, Verdict verdict) {
    /** What can be said of a limit. */
    public enum Verdict {
        MET,
        NOT_MET,
        CANNOT_TELL,
        NOT_YET_DRIVEN
    }

    /**
     * Every limit in the phase it is of, or in every phase of a series; one of every phase of a series that was not driven at
     * all stands once, as not driven.
     */
    public static List<LimitReading> of(List<LimitedStop> stops, List<Procedure.Limit> limits) {
        Map<String, List<LimitedStop>> byPhase = new LinkedHashMap<>();
        stops.forEach(
                s -> byPhase.computeIfAbsent(s.phase(), k -> new ArrayList<>()).add(s));
        if (byPhase.isEmpty()) {
            byPhase.put("", List.of());
        }
        return limits.stream()
                .flatMap(limit -> limit.phase()
                        .map(p -> Stream.of(of(limit, p, byPhase.getOrDefault(p, List.of()))))
                        .orElseGet(() -> byPhase.entrySet().stream().map(e -> of(limit, e.getKey(), e.getValue()))))
                .toList();
    }

    private static LimitReading of(Procedure.Limit limit, String phase, List<LimitedStop> stops) {
        double[] known = stops.stream()
                .map(s -> limit.figure().of(s))
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .sorted()
                .toArray();
        if (stops.isEmpty()) {
            return new LimitReading(
                    limit, phase, 0, Figure.unknown("no stop of this phase was driven"), Verdict.NOT_YET_DRIVEN);
        }
        if (known.length == 0) {
            Figure why = stops.stream()
                    .map(s -> limit.figure().of(s))
                    .findFirst()
                    .orElse(Figure.unknown("no stop of this phase counts"));
            return new LimitReading(limit, phase, 0, why, Verdict.CANNOT_TELL);
        }
        double worst = limit.atLeast() ? known[0] : known[known.length - 1];
        double bound = limit.value().inside();
        boolean met = limit.atLeast() ? worst >= bound : worst <= bound;
        return new LimitReading(limit, phase, known.length, Figure.of(worst), met ? Verdict.MET : Verdict.NOT_MET);
    }
}
