package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.WelchTest;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Another way to look at the same stops, and the verdict it gives. All of them are worked out and counted at once, so that a
 * verdict that was found by trying many ways cannot pass for the only one.
 *
 * @param way what is done otherwise
 * @param verdict that this gives
 */
public record Alternative(Way way, Verdict verdict) {
    private static final double STRICT = 0.99;
    private static final double LOOSE = 0.90;

    /** What is done otherwise. The names are part of the open formats. */
    public enum Way implements FindingCode {
        AS_IT_STANDS,
        HALF_THE_MARGIN,
        TWICE_THE_MARGIN,
        STRICTER,
        LOOSER,
        DRIFT_TAKEN_OUT,
        BLOCKS_TAKEN_OUT,
        START_TEMPERATURE_TAKEN_OUT,
        AIR_TAKEN_OUT,
        STRUCK_OUT_IN,
        FIRST_STOP_OUT;

        @Override
        public List<String> parameters() {
            return List.of();
        }
    }

    /**
     * @param at which of the sides is the candidate
     * @param withStruckOut the same sides with what people struck out counted; the same where nothing was
     * @return as it stands first; only that where nothing may be compared
     */
    public static List<Alternative> of(List<Side> sides, int at, List<Side> withStruckOut, Margin margin, Look look) {
        Comparison asItStands = compared(sides, at, margin, look);
        List<Alternative> all = new ArrayList<>(List.of(new Alternative(Way.AS_IT_STANDS, asItStands.verdict())));
        if (asItStands.verdict() == Verdict.NOT_COMPARABLE) {
            return all;
        }
        all.add(other(Way.HALF_THE_MARGIN, compared(sides, at, times(margin, 0.5), look)));
        all.add(other(Way.TWICE_THE_MARGIN, compared(sides, at, times(margin, 2), look)));
        all.add(new Alternative(Way.STRICTER, at(asItStands, sides.get(0), STRICT)));
        all.add(new Alternative(Way.LOOSER, at(asItStands, sides.get(0), LOOSE)));
        asItStands
                .order()
                .ifPresent(o -> all.add(new Alternative(
                        Way.DRIFT_TAKEN_OUT, without(o.difference(), o.interval(), asItStands, sides.get(0)))));
        Adjusted.of(sides.get(0), sides.get(at), asItStands.level())
                .forEach(j -> j.interval()
                        .ifPresent(range -> all.add(new Alternative(
                                way(j.taken()), without(j.difference().value(), range, asItStands, sides.get(0))))));
        if (counted(sides) != counted(withStruckOut)) {
            all.add(other(Way.STRUCK_OUT_IN, compared(withStruckOut, at, margin, look)));
        }
        List<Side> later = sides.stream().map(Alternative::withoutFirst).toList();
        if (later.get(0).values().length > 2 && later.get(at).values().length > 2) {
            all.add(other(Way.FIRST_STOP_OUT, compared(later, at, margin, Look.COMPLETE)));
        }
        return List.copyOf(all);
    }

    private static Alternative other(Way way, Comparison c) {
        return new Alternative(way, c.verdict());
    }

    private static Comparison compared(List<Side> sides, int at, Margin margin, Look look) {
        return Comparisons.of(sides.get(0), sides.subList(1, sides.size()), margin, look)
                .get(at - 1);
    }

    private static Margin times(Margin margin, double times) {
        return new Margin(times * margin.size(), margin.ofBaseline());
    }

    private static long counted(List<Side> sides) {
        return sides.stream().mapToLong(s -> s.values().length).sum();
    }

    private static Verdict.Sense sense(Side baseline) {
        return baseline.basis() == DistanceBasis.TIME_ONLY
                ? Verdict.Sense.MORE_IS_BETTER
                : Verdict.Sense.SHORTER_IS_BETTER;
    }

    private static Verdict at(Comparison c, Side baseline, double level) {
        WelchTest test = c.test().orElseThrow();
        return Verdict.of(
                test.difference(),
                test.interval(level),
                c.equivalenceP().orElse(1) <= 1 - level,
                c.instrumentFloor(),
                c.margin().value(),
                c.holmP().orElse(1) <= 1 - level,
                sense(baseline));
    }

    private static Way way(Adjusted.Taken taken) {
        return switch (taken) {
            case BLOCKS -> Way.BLOCKS_TAKEN_OUT;
            case DRIFT -> Way.DRIFT_TAKEN_OUT;
            case START_TEMPERATURE -> Way.START_TEMPERATURE_TAKEN_OUT;
            case AMBIENT -> Way.AIR_TAKEN_OUT;
        };
    }

    /** A difference that something else explains is none that is shown. */
    private static Verdict without(double difference, Interval range, Comparison c, Side baseline) {
        return Verdict.of(
                difference,
                range,
                range.isWithin(c.margin().orElse(0)),
                c.instrumentFloor(),
                c.margin().orElse(0),
                true,
                sense(baseline));
    }

    private static Side withoutFirst(Side side) {
        int first = side.stops()
                .indexOf(side.stops().stream()
                        .filter(ComparedStop::counts)
                        .findFirst()
                        .orElse(null));
        return new Side(
                side.configuration(),
                side.basis(),
                side.nominalSpeed(),
                side.grade(),
                side.factors(),
                side.newPartsNotBedded(),
                side.resolution(),
                IntStream.range(0, side.stops().size())
                        .filter(i -> i != first)
                        .mapToObj(side.stops()::get)
                        .toList());
    }
}
