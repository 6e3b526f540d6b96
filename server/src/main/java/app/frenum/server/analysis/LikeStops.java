package app.frenum.server.analysis;

import app.frenum.core.compare.Alike;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The stops of a test in groups that may be read together. */
public final class LikeStops {
    /** Nominal speeds nearer than this share are one. */
    private static final double SAME_SPEED = 0.005;
    /** A stop that began further from its nominal speed than this share tells nothing of that speed. */
    private static final double ANOTHER_SPEED = 0.1;

    private LikeStops() {}

    /** What the test asks for first, then what was driven most. */
    public static Comparator<List<StopView>> order(TestDefinition test) {
        return Comparator.comparing((List<StopView> g) -> !isAskedFor(g, test)).thenComparing(g -> -g.size());
    }

    /**
     * Groups of one nominal speed and load, each through all phases, as fade and heat are followed.
     *
     * @param all in the order driven, which is kept
     */
    public static List<List<StopView>> throughPhases(TestDefinition test, List<SeriesView> series, List<StopView> all) {
        Map<UUID, SeriesView> byId = series.stream().collect(Collectors.toMap(SeriesView::id, Function.identity()));
        return Alike.groups(
                        all,
                        s -> Alike.of(
                                s.nominalMps(), s.load(byId.get(s.seriesId()).conditions())))
                .stream()
                .sorted(order(test))
                .toList();
    }

    /** Whether it was entered so far from its nominal speed that it was another stop. */
    public static boolean isAtAnotherSpeed(StopView stop) {
        return stop.entrySpeed().isKnown()
                && Math.abs(stop.entrySpeed().value() / stop.nominalMps() - 1) > ANOTHER_SPEED;
    }

    private static boolean isAskedFor(List<StopView> group, TestDefinition test) {
        return !group.isEmpty()
                && Math.abs(group.get(0).nominalMps() / test.nominalSpeed().inside() - 1) < SAME_SPEED;
    }
}
