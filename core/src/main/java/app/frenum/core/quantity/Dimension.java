package app.frenum.core.quantity;

/** What kind of thing a unit measures. The name of the inside unit is that of {@link #inside()}. */
public enum Dimension {
    SPEED,
    LENGTH,
    TIME,
    DECELERATION,
    PRESSURE,
    TEMPERATURE,
    MASS,
    FORCE,
    AREA,
    ANGLE,
    ROTATION,
    RATIO,
    VOLTAGE;

    /** The unit in which the core computes this dimension: SI, but bar and °C where the trade thinks in them. */
    public Unit inside() {
        return Unit.insideOf(this);
    }
}
