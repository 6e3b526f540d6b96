package app.frenum.cli;

import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.sheet.SheetSides;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Stops that are alike, compared.
 *
 * @param sides the baseline first, where the group has it
 * @param comparisons none where the group has no baseline
 * @param group what they have in common; empty where the sheet has one group only
 */
record ComparedGroup(List<Side> sides, List<Comparison> comparisons, Optional<SheetSides.Group> group) {

    /** What is worth having, on a basis. */
    @FunctionalInterface
    interface Margins {
        Margin of(DistanceBasis basis) throws FrenumCli.BadRequest;
    }

    static ComparedGroup of(List<Side> sides, Margins margins) throws FrenumCli.BadRequest {
        return new ComparedGroup(sides, compared(sides, margins), Optional.empty());
    }

    static ComparedGroup of(SheetSides.Group group, String baseline, boolean oneOfSeveral, Margins margins)
            throws FrenumCli.BadRequest {
        List<Side> sides = new ArrayList<>(group.sides().stream()
                .filter(s -> s.configuration().equals(baseline))
                .toList());
        boolean hasBaseline = !sides.isEmpty();
        sides.addAll(group.sides().stream()
                .filter(s -> !s.configuration().equals(baseline))
                .toList());
        return new ComparedGroup(
                sides,
                hasBaseline ? compared(sides, margins) : List.of(),
                oneOfSeveral ? Optional.of(group) : Optional.empty());
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
