package app.frenum.core.series;

import app.frenum.core.compare.Resolution;
import app.frenum.core.compare.Side;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Stops of a test that may be read together: of every configuration only such as were measured alike, from one nominal speed,
 * in one phase, with one load. It is made here and nowhere else, so that nothing that takes it can be handed a mixture.
 */
public final class LikeStops {
    /** Nominal speeds nearer than this share are one. */
    private static final double SAME_SPEED = 0.005;

    private static final double KEY_STEP_MPS = 0.2;

    private final DistanceBasis basis;
    private final Figure nominalSpeed;
    private final List<DrivenStop> stops;

    private LikeStops(DistanceBasis basis, Figure nominalSpeed, List<DrivenStop> stops) {
        this.basis = basis;
        this.nominalSpeed = nominalSpeed;
        this.stops = List.copyOf(stops);
    }

    private static LikeStops of(List<DrivenStop> alike) {
        return new LikeStops(alike.get(0).basis(), alike.get(0).driven().nominalSpeed(), alike);
    }

    /** What tells this group of a test from its others; the same as long as such stops are there. */
    public String key() {
        return "%s %s %s"
                .formatted(Math.round(nominalSpeed.orElse(0) / KEY_STEP_MPS), phase().orElse("-"), load().orElse("-"));
    }

    /** Nothing was driven yet of what is asked for. */
    public static LikeStops none(DistanceBasis basis, Figure nominalSpeed) {
        return new LikeStops(basis, nominalSpeed, List.of());
    }

    /**
     * Groups of stops that may be compared, in the order in which each first appears; snubs have no distance to compare. Where every configuration has one kind of stop
     * only, and these differ, they stay together: their comparison says what blocks it.
     */
    public static List<LikeStops> toCompare(List<DrivenStop> driven) {
        List<DrivenStop> all = driven.stream().filter(DrivenStop::isStop).toList();
        Alike.Kinds kinds = new Alike.Kinds(all);
        boolean oneEach = all.stream()
                .collect(Collectors.groupingBy(
                        s -> s.driven().configuration(), Collectors.mapping(kinds::of, Collectors.toSet())))
                .values()
                .stream()
                .allMatch(own -> own.size() == 1);
        return oneEach && !all.isEmpty() ? List.of(of(all)) : grouped(all, kinds::of);
    }

    /** Groups that are followed through all phases of a procedure, as fade and heat are, in the order of first appearance. */
    public static List<LikeStops> throughPhases(List<DrivenStop> all) {
        return grouped(all, new Alike.Kinds(all)::throughPhases);
    }

    private static List<LikeStops> grouped(List<DrivenStop> all, Function<DrivenStop, Alike> kind) {
        Map<Alike, List<DrivenStop>> groups = new LinkedHashMap<>();
        all.forEach(s ->
                groups.computeIfAbsent(kind.apply(s), k -> new ArrayList<>()).add(s));
        return groups.values().stream().map(LikeStops::of).toList();
    }

    /** What a test asks for first, then what was driven most. */
    public static Comparator<LikeStops> askedForFirst(DistanceBasis basis, double nominalMps) {
        return Comparator.comparing((LikeStops g) -> !g.isFrom(nominalMps))
                .thenComparing(g -> g.basis != basis)
                .thenComparing(g -> -g.stops.size());
    }

    private boolean isFrom(double nominalMps) {
        return Math.abs(nominalSpeed.orElse(0) / nominalMps - 1) < SAME_SPEED;
    }

    /** Where distances are counted from, or that only times were taken. */
    public DistanceBasis basis() {
        return basis;
    }

    /** m/s. */
    public Figure nominalSpeed() {
        return nominalSpeed;
    }

    /** The phase they were driven in, where that tells them from others. */
    public Optional<String> phase() {
        return stops.stream().findFirst().flatMap(s -> s.driven().phase());
    }

    public Optional<String> load() {
        return stops.stream().findFirst().flatMap(s -> s.driven().surroundings().load());
    }

    /** In the order given. */
    public List<DrivenStop> stops() {
        return stops;
    }

    /** In the order of first appearance. */
    public List<String> configurations() {
        return stops.stream().map(s -> s.driven().configuration()).distinct().toList();
    }

    public List<DrivenStop> of(String configuration) {
        return stops.stream()
                .filter(s -> s.driven().configuration().equals(configuration))
                .toList();
    }

    /**
     * The stops of one configuration as one side of a comparison; snubs have no stopping distance and stay out.
     *
     * @param grade of the lane in driving direction
     * @param includeStruckOut count struck-out stops as if nobody had taken them out
     */
    public Side side(String configuration, Fitted fitted, Figure grade, boolean includeStruckOut) {
        List<DrivenStop> own = of(configuration);
        DistanceBasis ownBasis = own.isEmpty() ? basis : own.get(0).basis();
        Figure ownNominal = own.isEmpty() ? nominalSpeed : own.get(0).driven().nominalSpeed();
        return new Side(
                fitted.name(),
                ownBasis,
                ownNominal,
                grade,
                fitted.factors(),
                fitted.notBedded(),
                resolution(own, ownBasis, ownNominal),
                own.stream()
                        .filter(DrivenStop::isStop)
                        .map(s -> s.compared(includeStruckOut))
                        .toList());
    }

    /** The last digit that people read, in the unit that is compared; a logger's where one measured any of them. */
    private static double resolution(List<DrivenStop> stops, DistanceBasis basis, Figure nominal) {
        List<Quantity> read = stops.stream()
                .map(DrivenStop::reading)
                .flatMap(Optional::stream)
                .toList();
        boolean byHand =
                !stops.isEmpty() && stops.stream().allMatch(s -> s.logged().isEmpty());
        if (!byHand) {
            return Side.LOGGED_RESOLUTION;
        }
        if (basis != DistanceBasis.TIME_ONLY) {
            return Resolution.of(read);
        }
        double mean = read.stream().mapToDouble(Quantity::inside).average().orElse(1);
        return nominal.orElse(0) / (mean * mean) * Resolution.of(read);
    }
}
