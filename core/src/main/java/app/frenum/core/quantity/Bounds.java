package app.frenum.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;

/**
 * Between what and what a figure can make sense.
 *
 * @param dimension what it measures
 * @param low lowest, in the inside unit
 * @param high highest, in the inside unit
 * @param usual the unit people enter it in, and are told the bounds in
 */
public record Bounds(Dimension dimension, double low, double high, Unit usual) {
    public Bounds {
        if (usual.dimension() != dimension || !(low < high)) {
            throw new IllegalArgumentException("bounds from %s to %s %s are none".formatted(low, high, usual));
        }
    }

    public static Bounds of(double low, double high, Unit usual) {
        return new Bounds(usual.dimension(), usual.toInside(low), usual.toInside(high), usual);
    }

    /** What is wrong with an entry, worded for people; empty when nothing is. */
    public Optional<String> problem(Quantity entered) {
        if (entered.unit().dimension() != dimension) {
            return Optional.of(
                    "%s is not a unit of this; use %s.".formatted(entered.unit().symbol(), Unit.known(dimension)));
        }
        double inside = entered.inside();
        if (inside >= low && inside <= high) {
            return Optional.empty();
        }
        Unit u = entered.unit();
        return Optional.of("%s %s read. It must be %s to %s %s."
                .formatted(
                        asTyped(entered.entered()),
                        u.symbol(),
                        plain(u.fromInside(low)),
                        plain(u.fromInside(high)),
                        u.symbol())
                .replaceAll(" +", " ")
                .replace(" .", "."));
    }

    /** The same, added to what was found wrong so far. */
    public void check(Quantity entered, String field, List<FieldProblem> found) {
        problem(entered).ifPresent(message -> found.add(new FieldProblem(field, message)));
    }

    /** A bound in up to four significant digits, without an exponent. */
    private static String plain(double x) {
        return new BigDecimal(x).round(new MathContext(4)).stripTrailingZeros().toPlainString();
    }

    /** As it was entered: 99999 told as 100000 would look like somebody else's figure. */
    private static String asTyped(double x) {
        BigDecimal exact = BigDecimal.valueOf(x).stripTrailingZeros();
        return exact.precision() - exact.scale() > 12 ? exact.toString() : exact.toPlainString();
    }
}
