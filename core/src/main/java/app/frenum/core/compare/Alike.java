package app.frenum.core.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What stops must share to be averaged at all: nominal speed, phase of the procedure and load.
 *
 * @param speedStep nominal speed in steps of half a per cent, so that 60 mph and 96.6 km/h are one; 0 where none is known
 * @param phase empty where none was written
 * @param load empty where none was written
 */
public record Alike(long speedStep, String phase, String load) {
    private static final double STEP = 0.005;

    /** @param nominalMps 0 where none is known */
    public static Alike of(double nominalMps, Optional<String> phase, Optional<String> load) {
        long step = nominalMps > 0 ? Math.round(Math.log(nominalMps) / STEP) : 0;
        return new Alike(step, phase.orElse(""), load.orElse(""));
    }

    /** Of what is followed through all phases. */
    public static Alike of(double nominalMps, Optional<String> load) {
        return of(nominalMps, Optional.empty(), load);
    }

    /** Stops in groups of what is alike, in the order in which each group first appears. */
    public static <T> List<List<T>> groups(List<T> stops, Function<T, Alike> alike) {
        Map<Alike, List<T>> groups = new LinkedHashMap<>();
        stops.forEach(s ->
                groups.computeIfAbsent(alike.apply(s), k -> new ArrayList<>()).add(s));
        return List.copyOf(groups.values());
    }

    /**
     * Stops in groups of what is alike, in the order in which each group first appears. Where every configuration has one
     * group only, and these differ, they stay together: their comparison says what blocks it.
     */
    public static <T> List<List<T>> groups(List<T> stops, Function<T, ?> configuration, Function<T, Alike> alike) {
        boolean oneEach = stops.stream()
                .collect(Collectors.groupingBy(configuration, Collectors.mapping(alike, Collectors.toSet())))
                .values()
                .stream()
                .allMatch(own -> own.size() == 1);
        return oneEach ? List.of(stops) : groups(stops, alike);
    }
}
