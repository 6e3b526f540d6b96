package app.frenum.core.fade;

import java.util.OptionalDouble;

/**
 * Between which start temperatures a stop may be a reference, °C. A stop whose start temperature is not known is let in:
 * there is nothing to hold against it.
 */
public record StartGate(OptionalDouble coldestC, OptionalDouble hottestC) {
    public static final StartGate OPEN = new StartGate(OptionalDouble.empty(), OptionalDouble.empty());

    boolean admits(FadeStop stop) {
        double c = stop.startC().orElse(Double.NaN);
        return Double.isNaN(c) || c >= coldestC.orElse(-1e9) && c <= hottestC.orElse(1e9);
    }
}
