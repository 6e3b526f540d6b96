package app.frenum.core.procedure;

import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import java.util.function.Function;

/** Which figure of a stop a limit bounds. */
public enum LimitedFigure {
    DECELERATION("Mean fully developed deceleration", Dimension.DECELERATION, LimitedStop::mfdd),
    DISTANCE("Stopping distance at the test speed", Dimension.LENGTH, LimitedStop::distanceM),
    SHARE_OF_BASELINE("Effect, % of the baseline stops", Dimension.RATIO, LimitedStop::share),
    FRONT_BIAS("Front brake bias, % of line pressure", Dimension.RATIO, LimitedStop::frontBias),
    /** Nothing that Frenum reads measures it: whoever reads a force gauge holds it against the limit. */
    PEDAL_FORCE(
            "Pedal force",
            Dimension.FORCE,
            stop -> Figure.unknown("pedal force is not read from stops; compare the limit with your own gauge"));

    private final String label;
    private final Dimension dimension;
    private final Function<LimitedStop, Figure> figure;

    LimitedFigure(String label, Dimension dimension, Function<LimitedStop, Figure> figure) {
        this.label = label;
        this.dimension = dimension;
        this.figure = figure;
    }

    /** As it stands in a form. */
    public String label() {
        return label;
    }

    /** What a limit in this unit is of, where nobody said: of a share, that of the baseline stops. */
    static LimitedFigure of(Quantity limit) {
        for (LimitedFigure f : values()) {
            if (f.isMeasuredIn(limit)) {
                return f;
            }
        }
        throw new IllegalArgumentException("no figure of a stop is measured in " + limit.unit());
    }

    boolean isMeasuredIn(Quantity limit) {
        return limit.unit().dimension() == dimension;
    }

    /** The figure of one stop, in the inside unit. */
    Figure of(LimitedStop stop) {
        return figure.apply(stop);
    }
}
