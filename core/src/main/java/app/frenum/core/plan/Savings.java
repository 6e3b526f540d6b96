package app.frenum.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.function.ToDoubleFunction;

/** What to leave out of a day that is longer than its slot, and what each saves. */
public final class Savings {
    private static final int FEWEST_STOPS = 3;

    private Savings() {}

    /** What can be left out. */
    public enum Kind {
        FEWER_STOPS,
        NO_RETURN_TO_BASELINE,
        BED_IN_BEFORE
    }

    /**
     * One way to make a day shorter.
     *
     * @param stopsEach what is left of each configuration
     * @param endS how long the day is then
     * @param fits whether that is within the slot
     */
    public record Saving(Kind kind, int stopsEach, double endS, boolean fits) {}

    /** What a day could be: stops of each, the order, and whether parts are bedded in before. */
    public record Choice(int stopsEach, RunOrder order, boolean beddedBefore) {}

    /**
     * @param planned the day as planned
     * @param slotS how long the slot is
     * @param endOf how long a day of some choice takes, s
     */
    public static List<Saving> of(Choice planned, double slotS, ToDoubleFunction<Choice> endOf) {
        if (endOf.applyAsDouble(planned) <= slotS) {
            return List.of();
        }
        List<Saving> out = new ArrayList<>();
        if (!planned.beddedBefore()) {
            add(out, Kind.BED_IN_BEFORE, new Choice(planned.stopsEach(), planned.order(), true), slotS, endOf);
        }
        if (planned.order() != RunOrder.ONE_AFTER_ANOTHER) {
            Choice straight = new Choice(planned.stopsEach(), RunOrder.ONE_AFTER_ANOTHER, planned.beddedBefore());
            add(out, Kind.NO_RETURN_TO_BASELINE, straight, slotS, endOf);
        }
        IntFunction<Choice> fewer = n -> new Choice(n, planned.order(), planned.beddedBefore());
        int n = planned.stopsEach() - 1;
        while (n > FEWEST_STOPS && endOf.applyAsDouble(fewer.apply(n)) > slotS) {
            n--;
        }
        if (n >= FEWEST_STOPS) {
            add(out, Kind.FEWER_STOPS, fewer.apply(n), slotS, endOf);
        }
        return out;
    }

    private static void add(List<Saving> out, Kind kind, Choice choice, double slotS, ToDoubleFunction<Choice> endOf) {
        double end = endOf.applyAsDouble(choice);
        out.add(new Saving(kind, choice.stopsEach(), end, end <= slotS));
    }
}
