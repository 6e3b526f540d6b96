package app.frenum.server.report;

import app.frenum.core.plan.Stretch;
import app.frenum.core.procedure.Cycle;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.formats.words.PhaseWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Repeats of a cycle on paper: from one inspection to the next in one block, with a box to tick for each. */
final class PaperCycles {
    private final List<Phase> group;
    private final List<String> names;
    /** Repeats that stand on the paper already, by configuration. */
    private final Map<Integer, Integer> before = new HashMap<>();

    PaperCycles(Procedure procedure, List<String> names) {
        this.names = names;
        group = procedure.cycle().map(c -> driven(procedure, c)).orElse(List.of());
    }

    private static List<Phase> driven(Procedure procedure, Cycle cycle) {
        return procedure.phases().subList(cycle.first(), cycle.last() + 1).stream()
                .filter(p -> p.kind() != Phase.Kind.INSPECTION)
                .toList();
    }

    /** How many stretches from here on belong to repeats that follow each other; 0 where this one belongs to none. */
    int from(List<Stretch> stretches, int first) {
        int n = 0;
        while (first + n < stretches.size() && follows(stretches.get(first + n), stretches.get(first))) {
            n++;
        }
        return n;
    }

    private boolean follows(Stretch s, Stretch first) {
        return s.configuration() == first.configuration()
                && group.stream().anyMatch(p -> p.name().equals(s.phase()));
    }

    /** By the first of its phases that brakes; neighbours of one phase are one stretch. */
    private int repeats(List<Stretch> of) {
        Phase counted =
                group.stream().filter(p -> p.kind().isBraking()).findFirst().orElseThrow();
        int runs = of.stream()
                .filter(s -> s.phase().equals(counted.name()))
                .mapToInt(Stretch::runs)
                .sum();
        return runs / counted.repeats();
    }

    RunCard.Block block(int number, List<Stretch> of) {
        int configuration = of.get(0).configuration();
        int repeats = repeats(of);
        int seen = before.merge(configuration, repeats, Integer::sum) - repeats;
        Stretch last = of.get(of.size() - 1);
        List<String> words = new ArrayList<>();
        group.forEach(p -> words.add(p.name() + ", " + PhaseWords.of(p, p.repeats()) + ", " + PhaseWords.of(p.gate())));
        return new RunCard.Block(
                "%d. %s: cycles %d to %d".formatted(number, names.get(configuration), seen + 1, seen + repeats),
                "from %s, %s"
                        .formatted(
                                RunCard.hoursMinutes(of.get(0).fromS()),
                                RunCard.hoursMinutes(last.toS() - of.get(0).fromS())),
                words.stream().collect(Collectors.joining("; then ", "Each time ", ".")),
                List.of(),
                IntStream.rangeClosed(seen + 1, seen + repeats).boxed().toList());
    }
}
