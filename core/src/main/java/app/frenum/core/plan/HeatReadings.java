package app.frenum.core.plan;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.garage.Part;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import java.util.List;
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
                .ifPresent(high -> reach(PlanFinding.PADS_UP_TO, axle, hottest, high, hottest > high));
        limitC.ifPresent(limit -> reach(PlanFinding.DISCS_UP_TO, axle, hottest, limit, hottest > limit));
        figure(pads, PartField.PAD_WINDOW_LOW)
                .filter(low -> hottest < low)
                .ifPresent(low -> reach(PlanFinding.PADS_FROM, axle, hottest, low, true));
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
            double minutes = disc.secondsAbove(number, limit) / SECONDS_PER_MINUTE;
            Term point = Term.temperature(limit);
            if (minutes == 0) {
                PlanFinding below = wet.isPresent() ? PlanFinding.BELOW_WET_BOILING : PlanFinding.BELOW_DRY_BOILING;
                add(false, Finding.of(below, point));
            } else {
                PlanFinding above = wet.isPresent() ? PlanFinding.ABOVE_WET_BOILING : PlanFinding.ABOVE_DRY_BOILING;
                double shown = SECONDS_PER_MINUTE * Math.max(1, minutes);
                add(true, Finding.of(above, point, new Term.Amount(AmountKind.MINUTES, shown, SECONDS_PER_MINUTE)));
            }
        });
    }

    private Optional<Double> figure(Slot slot, PartField field) {
        return Optional.ofNullable(fitted.spec().parts().get(slot))
                .map(Part::figures)
                .map(f -> f.get(field))
                .map(q -> q.inside());
    }

    private void reach(PlanFinding code, String axle, double hottest, double limit, boolean caution) {
        add(caution, Finding.of(code, Term.name(axle), Term.temperature(hottest), Term.temperature(limit)));
    }

    private void add(boolean caution, Finding finding) {
        out.add(new Forecast.HeatReading(fitted.name(), finding, caution));
    }
}
