package app.frenum.core.plan;

import app.frenum.core.garage.Part;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The predicted heat of one configuration held against what its parts can stand.
 *
 * @param fitted the configuration
 * @param number of it in the plan
 * @param clock the day
 * @param out where readings go
 */
record HeatReadings(Forecast.Fitted fitted, int number, DayClock clock, List<Forecast.HeatReading> out) {
    private static final double SECONDS_PER_MINUTE = 60;

    /** Against the window of an axle's pads and the limit chosen for discs. */
    void axle(String axle, Slot pads, DiscDay disc, Optional<Double> limitC) {
        double[] peaks = IntStream.range(0, clock.items().size())
                .filter(i -> clock.items().get(i).configuration() == number
                        && clock.items().get(i).kind() == DayClock.Kind.RUN)
                .mapToDouble(i -> disc.swings().get(i).endC())
                .sorted()
                .toArray();
        if (peaks.length == 0) {
            return;
        }
        double hottest = peaks[peaks.length - 1];
        figure(pads, PartField.PAD_WINDOW_HIGH)
                .ifPresent(high -> add(
                        hottest > high,
                        "%s discs reach %.0f °C at most; the pads work up to %.0f °C",
                        axle,
                        hottest,
                        high));
        limitC.ifPresent(limit -> add(
                hottest > limit, "%s discs reach %.0f °C at most; the limit chosen is %.0f °C", axle, hottest, limit));
        figure(pads, PartField.PAD_WINDOW_LOW)
                .filter(low -> hottest < low)
                .ifPresent(low ->
                        add(true, "%s discs reach %.0f °C at most; these pads work from %.0f °C", axle, hottest, low));
    }

    /**
     * Fluid is heated through the pads and the caliper, which are not predicted. But it cannot get hotter than the disc
     * that heats it, so a disc below the wet boiling point rules boiling out, and the minutes above it say how long the
     * heat can soak in.
     */
    void fluid(DiscDay disc) {
        Optional<Double> wet = figure(Slot.FLUID, PartField.WET_BOILING_POINT);
        Optional<Double> boils = wet.or(() -> figure(Slot.FLUID, PartField.DRY_BOILING_POINT));
        boils.ifPresent(limit -> {
            String which = wet.isPresent() ? "wet" : "dry";
            double minutes = disc.secondsAbove(number, limit) / SECONDS_PER_MINUTE;
            if (minutes == 0) {
                add(false, "front discs stay below the fluid's %s boiling point of %.0f °C", which, limit);
            } else {
                add(
                        true,
                        "front discs are above the fluid's %s boiling point of %.0f °C for %.0f min in all; how much of it the fluid feels is not predicted, so watch the pedal",
                        which,
                        limit,
                        Math.max(1, minutes));
            }
        });
    }

    private Optional<Double> figure(Slot slot, PartField field) {
        return Optional.ofNullable(fitted.spec().parts().get(slot))
                .map(Part::figures)
                .map(f -> f.get(field))
                .map(q -> q.inside());
    }

    @SuppressWarnings("AnnotateFormatMethod")
    private void add(boolean caution, String words, Object... values) {
        out.add(new Forecast.HeatReading(fitted.name(), String.format(Locale.ROOT, words, values), caution));
    }
}
