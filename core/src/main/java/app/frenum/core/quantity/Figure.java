package app.frenum.core.quantity;

import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A computed figure, or the reason why it cannot be computed. Never NaN, never a stand-in 0.
 */
public sealed interface Figure {

    /** @param value the figure, always finite */
    record Known(double value) implements Figure {}

    /** @param reason why there is no figure, worded for people */
    record Unknown(String reason) implements Figure {}

    static Figure of(double value) {
        return Double.isFinite(value) ? new Known(value) : new Unknown("the data do not determine it");
    }

    static Figure unknown(String reason) {
        return new Unknown(reason);
    }

    default boolean isKnown() {
        return this instanceof Known;
    }

    /**
     * The figure itself.
     *
     * @throws IllegalStateException with the reason, when it cannot be computed: ask {@link #isKnown()} first
     */
    default double value() {
        if (this instanceof Known known) {
            return known.value();
        }
        throw new IllegalStateException("Cannot be computed: " + reason());
    }

    default double orElse(double other) {
        return this instanceof Known known ? known.value() : other;
    }

    /** The value, or null for the edges (JSON, database) that have a word for "none". */
    default @Nullable Double orNull() {
        return this instanceof Known known ? Double.valueOf(known.value()) : null;
    }

    /** Why there is no figure; empty when there is one. */
    default String reason() {
        return this instanceof Unknown unknown ? unknown.reason() : "";
    }

    default Figure map(DoubleUnaryOperator f) {
        return this instanceof Known known ? of(f.applyAsDouble(known.value())) : this;
    }
}
