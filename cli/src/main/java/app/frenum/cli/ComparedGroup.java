package app.frenum.cli;

import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.Fitted;
import app.frenum.core.series.LikeStops;
import app.frenum.core.stop.DistanceBasis;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Stops that are alike, compared.
 *
 * @param sides the baseline first, where the group has it
 * @param comparisons none where the group has no baseline
 * @param group what they have in common; empty where the sheet has one group only
 */
record ComparedGroup(List<Side> sides, List<Comparison> comparisons, Optional<LikeStops> group) {

    /** What is worth having, on a basis. */
    @FunctionalInterface
    interface Margins {
        Margin of(DistanceBasis basis) throws FrenumCli.BadRequest;
    }

    static ComparedGroup ofSheet(LikeStops group, String baseline, boolean oneOfSeveral, Margins margins)
            throws FrenumCli.BadRequest {
        Map<String, Fitted> configurations = new LinkedHashMap<>();
        group.configurations().stream()
                .sorted(Comparator.comparing(n -> !n.equals(baseline)))
                .forEach(n -> configurations.put(n, Fitted.named(n)));
        ComparedGroup compared = of(group, configurations, oneOfSeveral, margins);
        return configurations.containsKey(baseline)
                ? compared
                : new ComparedGroup(compared.sides(), List.of(), compared.group());
    }

    /** @param configurations by their keys, the baseline first */
    static ComparedGroup of(LikeStops group, Map<String, Fitted> configurations, boolean oneOfSeveral, Margins margins)
            throws FrenumCli.BadRequest {
        Figure grade = Figure.unknown("the grade of the lane is not known");
        List<Side> sides = configurations.entrySet().stream()
                .map(e -> group.side(e.getKey(), e.getValue(), grade, false))
                .toList();
        return new ComparedGroup(sides, compared(sides, margins), oneOfSeveral ? Optional.of(group) : Optional.empty());
    }

    private static List<Comparison> compared(List<Side> sides, Margins margins) throws FrenumCli.BadRequest {
        return Comparisons.of(
                sides.get(0),
                sides.subList(1, sides.size()),
                margins.of(sides.get(0).basis()));
    }

    /** Such as "from 48.3 km/h, cold". */
    Optional<String> name() {
        return group.map(g -> (g.nominalSpeed().isKnown()
                        ? String.format(
                                Locale.ROOT,
                                "from %.1f km/h",
                                3.6 * g.nominalSpeed().value())
                        : "no nominal speed")
                + g.phase().map(p -> ", " + p).orElse("")
                + g.load().map(l -> ", " + l).orElse(""));
    }
}
