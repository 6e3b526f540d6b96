package app.frenum.formats.sheet;

import app.frenum.core.log.HeaderWords;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Rows below the stops that sum them up, such as a mean; they are no stops. */
final class SummaryRows {
    private static final Set<String> NAMES = Set.of(
            "sum",
            "total",
            "totals",
            "mean",
            "average",
            "avg",
            "median",
            "min",
            "max",
            "minimum",
            "maximum",
            "sd",
            "std",
            "stdev",
            "std dev",
            "stddev",
            "spread",
            "range",
            "best",
            "worst",
            "difference",
            "diff",
            "delta",
            "count",
            "result",
            "n",
            "mittelwert",
            "mittel",
            "schnitt",
            "durchschnitt",
            "standardabweichung",
            "summe",
            "spannweite",
            "moyenne",
            "ecart type",
            "somme",
            "media",
            "promedio",
            "desviacion",
            "desviacion estandar",
            "suma",
            "deviazione standard",
            "somma",
            "gemiddelde",
            "standaardafwijking",
            "totaal",
            "desvio padrao",
            "soma");
    private static final String BEGINNINGS =
            "(mean|average|avg|mittelwert|moyenne|promedio|gemiddelde|standard deviation|st(an)?d(ard)? dev) .*";

    private SummaryRows() {}

    /** What the row calls itself, by its first cell that is not empty; empty where it is a stop. */
    static Optional<String> named(List<String> cells) {
        return cells.stream()
                .map(String::strip)
                .filter(c -> !c.isEmpty())
                .findFirst()
                .map(c -> HeaderWords.plain(c).replaceAll("[^\\p{L}]+", " ").strip())
                .filter(word -> NAMES.contains(word) || word.matches(BEGINNINGS));
    }
}
