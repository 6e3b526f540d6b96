package app.frenum.formats.sheet;

import app.frenum.core.quantity.Quantity;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** A sheet whose every stop is out of range by one factor was written in another unit than its header says. */
public final class SheetUnits {
    private static final double MILES = 1.609344;
    private static final double FEET = 3.28084;
    private static final double SPREAD = 0.08;
    private static final int FEWEST = 3;
    /** Between these, m/s², lie the means of real stops; a factor of 3.28 takes most of them out. */
    private static final double HARDEST = 14;

    private static final double USUAL_LOW = 3.5;
    private static final double USUAL_HIGH = 13;

    private SheetUnits() {}

    /** What seems to be wrong and the factor that would put it right; empty where nothing does. */
    public static Optional<String> suspicion(List<SheetStop> stops, Optional<Quantity> nominalOtherwise) {
        double[] speed = ratios(stops, s -> entry(s) / nominal(s, nominalOtherwise));
        if (isOne(speed, 1 / MILES)) {
            return Optional.of(said("entry speeds", "mph", "km/h", MILES));
        }
        if (isOne(speed, MILES)) {
            return Optional.of(said("entry speeds", "km/h", "mph", 1 / MILES));
        }
        double[] slowing = ratios(stops, s -> slowing(s, nominalOtherwise));
        boolean tooHard = slowing.length >= FEWEST
                && Arrays.stream(slowing).allMatch(a -> a > HARDEST && a / FEET > USUAL_LOW && a / FEET < USUAL_HIGH);
        if (tooHard) {
            return Optional.of(said("distances", "metres", "feet", FEET));
        }
        boolean tooSoft = slowing.length >= FEWEST
                && Arrays.stream(slowing)
                        .allMatch(a -> a < USUAL_LOW && a * FEET > USUAL_LOW * 1.4 && a * FEET < USUAL_HIGH);
        return tooSoft ? Optional.of(said("distances", "feet", "metres", 1 / FEET)) : Optional.empty();
    }

    private static String said(String what, String meant, String read, double factor) {
        return String.format(
                Locale.ROOT,
                "All %s look like %s read as %s (factor %.3g). Correct the unit in the header.",
                what,
                meant,
                read,
                factor);
    }

    private static double entry(SheetStop s) {
        return s.entrySpeed().map(Quantity::inside).orElse(Double.NaN);
    }

    private static double nominal(SheetStop s, Optional<Quantity> otherwise) {
        return s.nominalSpeed().or(() -> otherwise).map(Quantity::inside).orElse(Double.NaN);
    }

    /** Mean deceleration by distance from the nominal speed, m/s². */
    private static double slowing(SheetStop s, Optional<Quantity> otherwise) {
        double v = nominal(s, otherwise);
        return v * v / (2 * s.distance().map(Quantity::inside).orElse(Double.NaN));
    }

    private static double[] ratios(List<SheetStop> stops, ToDoubleFunction<SheetStop> of) {
        return stops.stream().mapToDouble(of).filter(Double::isFinite).toArray();
    }

    private static boolean isOne(double[] ratios, double factor) {
        return ratios.length >= FEWEST && Arrays.stream(ratios).allMatch(r -> Math.abs(r / factor - 1) < SPREAD);
    }
}
