package app.frenum.core.plan;

import app.frenum.core.heat.Cooling;
import app.frenum.core.procedure.Phase;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * One disc through a day that is already laid out: for the discs that no gate waits for, and for how long a disc stays
 * hot.
 *
 * @param swings one per item of the clock
 * @param coolings every stretch of cooling in between
 * @param cooling of this disc
 */
public record DiscDay(List<Swing> swings, List<Stretch> coolings, Cooling cooling) {
    /**
     * What one item does to a disc.
     *
     * @param startC at the brake point, or at the start of what is not a run
     * @param endC after braking, or at the end of what is not a run
     */
    public record Swing(double startC, double endC) {}

    /** Cooling from a temperature for a time, in an item of a configuration. */
    record Stretch(int configuration, double fromC, double seconds) {}

    /** Follows a disc through the items, starting at the temperature of the air. */
    public static DiscDay of(DayClock clock, Day day, Day.Heat heat) {
        Map<String, Phase> phases =
                day.procedure().phases().stream().collect(Collectors.toMap(Phase::name, Function.identity()));
        List<Swing> swings = new ArrayList<>();
        List<Stretch> coolings = new ArrayList<>();
        Cooling cooling = heat.cooling();
        double disc = cooling.ambientC();
        for (DayClock.Item item : clock.items()) {
            double before = 0;
            double rise = 0;
            if (item.kind() == DayClock.Kind.RUN) {
                Phase phase = Objects.requireNonNull(phases.get(item.phase()), item.phase());
                before = day.motion().runUpS(phase.from().inside());
                rise = heat.rise(phase);
            }
            coolings.add(new Stretch(item.configuration(), disc, before));
            double start = cooling.after(disc, before);
            double rest = item.durationS() - before;
            coolings.add(new Stretch(item.configuration(), start + rise, rest));
            disc = cooling.after(start + rise, rest);
            swings.add(new Swing(start, item.kind() == DayClock.Kind.RUN ? start + rise : disc));
        }
        return new DiscDay(List.copyOf(swings), List.copyOf(coolings), cooling);
    }

    /** How long the disc is hotter than {@code limitC} with one configuration, s. */
    double secondsAbove(int configuration, double limitC) {
        return coolings.stream()
                .filter(c -> c.configuration() == configuration && c.fromC() > limitC)
                .mapToDouble(c -> Math.min(
                        c.seconds(), cooling.waitUntil(c.fromC(), limitC).orElse(c.seconds())))
                .sum();
    }
}
