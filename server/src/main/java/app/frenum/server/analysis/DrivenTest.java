package app.frenum.server.analysis;

import app.frenum.core.garage.Difference;
import app.frenum.core.garage.Slot;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.Fitted;
import app.frenum.core.series.LikeStops;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything that was driven in a test, as every reading page takes it.
 *
 * @param series of the test
 * @param configurations that have series, in the order of the first of each
 * @param stops in the order driven, struck-out ones too
 * @param seriesOf the series of each stop
 * @param phases of the procedure that stops were driven in, whether or not these tell them apart; absent where none is known
 */
public record DrivenTest(
        TestDefinition test,
        List<SeriesView> series,
        List<ConfigurationView> configurations,
        List<DrivenStop> stops,
        Map<UUID, UUID> seriesOf,
        Map<UUID, String> phases) {

    /** What a stop of the configuration calls it. */
    public static String key(ConfigurationView configuration) {
        return configuration.id().toString();
    }

    /** The phase that a stop was driven in; empty where none is known. */
    public String phaseOf(DrivenStop stop) {
        return phases.getOrDefault(stop.driven().id(), "");
    }

    /** Stops of one series, in the order driven. */
    public List<DrivenStop> of(SeriesView one) {
        return stops.stream()
                .filter(s -> one.id().equals(seriesOf.get(s.driven().id())))
                .toList();
    }

    /** Stops of one configuration that nobody struck out, in the order driven. */
    public List<DrivenStop> counted(ConfigurationView configuration) {
        return stops.stream()
                .filter(s -> s.driven().configuration().equals(key(configuration)) && !s.isStruckOut())
                .toList();
    }

    public List<SeriesView> seriesOf(ConfigurationView configuration) {
        return series.stream()
                .filter(s -> s.configurationId().equals(configuration.id()))
                .toList();
    }

    /** What may be compared, what the test asks for first; one group without stops where nothing was driven. */
    public List<LikeStops> toCompare() {
        return sorted(LikeStops.toCompare(stops));
    }

    /** What is followed through all phases, what the test asks for first; one without stops where nothing was driven. */
    public List<LikeStops> throughPhases() {
        return sorted(LikeStops.throughPhases(stops));
    }

    private List<LikeStops> sorted(List<LikeStops> groups) {
        double nominal = test.nominalSpeed().inside();
        Stream<LikeStops> any =
                groups.isEmpty() ? Stream.of(LikeStops.none(test.basis(), Figure.of(nominal))) : groups.stream();
        return any.sorted(LikeStops.askedForFirst(test.basis(), nominal)).toList();
    }

    /** What a configuration is, against what it is compared with. */
    public static Fitted fitted(ConfigurationView configuration, ConfigurationView baseline) {
        Set<String> changed = new TreeSet<>(configuration.changed());
        changed.addAll(Difference.between(baseline.spec(), configuration.spec()).factors());
        return new Fitted(
                configuration.label(),
                changed.stream().collect(Collectors.toMap(Function.identity(), c -> "changed")),
                configuration.spec().unbedded().keySet().stream()
                        .map(Slot::label)
                        .collect(Collectors.toSet()));
    }
}
