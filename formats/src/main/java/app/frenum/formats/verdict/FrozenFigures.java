package app.frenum.formats.verdict;

import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.HowSure;
import app.frenum.core.compare.Verdict;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What came of a comparison when it was signed; differences are candidate − baseline. */
public record FrozenFigures(
        @Nullable Double difference,
        @Nullable Double low,
        @Nullable Double high,
        double level,
        @Nullable Double holmP,
        @Nullable Double permutationP,
        Verdict verdict,
        boolean worthwhile,
        HowSure howSure) {
    private static final double ALIKE = 1e-9;

    static FrozenFigures of(Comparison c) {
        return new FrozenFigures(
                c.test().map(t -> t.difference()).orElse(null),
                c.interval().map(i -> i.low()).orElse(null),
                c.interval().map(i -> i.high()).orElse(null),
                c.level(),
                c.holmP().orNull(),
                c.permutationP().orNull(),
                c.verdict(),
                c.worthwhile(),
                c.howSure());
    }

    /** Whether another working out came to the same. */
    public boolean holds(FrozenFigures other) {
        return verdict == other.verdict
                && worthwhile == other.worthwhile
                && howSure == other.howSure
                && Stream.of(
                                new Double[] {difference, other.difference},
                                new Double[] {low, other.low},
                                new Double[] {high, other.high},
                                new Double[] {holmP, other.holmP},
                                new Double[] {permutationP, other.permutationP})
                        .allMatch(p -> p[0] == null || p[1] == null
                                ? p[0] == null && p[1] == null
                                : Math.abs(p[0] - p[1]) <= ALIKE * Math.max(1, Math.abs(p[0])));
    }
}
