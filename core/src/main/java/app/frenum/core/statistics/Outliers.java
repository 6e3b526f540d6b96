package app.frenum.core.statistics;

import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.List;

/**
 * Stops that stand apart: pointed at, never removed. Modified z, {@code 0.6745·(x − median)/MAD}, over 3.5.
 * Source: B. Iglewicz, D. C. Hoaglin, How to Detect and Handle Outliers, 1993, p. 11.
 */
public final class Outliers {
    private static final double LIMIT = 3.5;

    private Outliers() {}

    public static List<Figure> modifiedZ(double... x) {
        double median = Summary.median(x);
        double mad =
                Summary.median(Arrays.stream(x).map(v -> Math.abs(v - median)).toArray());
        return Arrays.stream(x)
                .mapToObj(v -> mad > 0 ? Figure.of(0.6745 * (v - median) / mad) : Figure.unknown("MAD is 0"))
                .toList();
    }

    public static long count(double... x) {
        return x.length < 3
                ? 0
                : modifiedZ(x).stream()
                        .filter(z -> Math.abs(z.orElse(0)) > LIMIT)
                        .count();
    }
}
