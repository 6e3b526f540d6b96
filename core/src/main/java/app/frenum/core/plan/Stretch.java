package app.frenum.core.plan;

import java.util.ArrayList;
import java.util.List;

/**
 * Neighbouring items of a day of one kind, configuration and phase: the few stretches that a person plans with. Waits
 * belong to the runs they are for.
 *
 * @param kind never {@link DayClock.Kind#WAIT}
 * @param configuration 0 is the baseline
 * @param phase its name; empty for changes of parts and bedding
 * @param runs how many
 * @param fromS from the start of the day
 * @param toS from the start of the day
 */
public record Stretch(DayClock.Kind kind, int configuration, String phase, int runs, double fromS, double toS) {
    /** A day as its stretches, in order. */
    public static List<Stretch> of(DayClock clock) {
        List<Stretch> out = new ArrayList<>();
        for (DayClock.Item item : clock.items()) {
            Stretch own = of(item);
            int last = out.size() - 1;
            if (last >= 0 && out.get(last).isLike(own)) {
                out.set(last, out.get(last).and(own));
            } else {
                out.add(own);
            }
        }
        return List.copyOf(out);
    }

    private static Stretch of(DayClock.Item i) {
        boolean run = i.kind() == DayClock.Kind.RUN;
        DayClock.Kind kind = i.kind() == DayClock.Kind.WAIT ? DayClock.Kind.RUN : i.kind();
        return new Stretch(kind, i.configuration(), i.phase(), run ? 1 : 0, i.startS(), i.startS() + i.durationS());
    }

    private boolean isLike(Stretch next) {
        return kind == next.kind && configuration == next.configuration && phase.equals(next.phase);
    }

    private Stretch and(Stretch next) {
        return new Stretch(kind, configuration, phase, runs + next.runs, fromS, next.toS);
    }
}
