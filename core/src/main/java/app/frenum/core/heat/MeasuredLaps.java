package app.frenum.core.heat;

import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Laps as they were driven: the brakings of a log put to the corners of its lap.
 *
 * @param lapM length of a lap
 * @param laps how many were begun
 * @param corners in the order of the lap
 */
public record MeasuredLaps(Figure lapM, int laps, List<LapCorner> corners) {
    /** A braking this far from where a corner is braked for, m, is for another corner. */
    private static final double NEAR_M = 90;
    /** A corner that is braked for in fewer than this share of the laps is traffic, not a corner. */
    private static final double OFTEN = 0.5;

    /**
     * One braking of the log.
     *
     * @param onsetS when it began
     * @param v1 from, m/s
     * @param v2 to, m/s
     * @param troughC of each disc, at its onset
     * @param peakC of each disc
     */
    public record Braking(
            double onsetS,
            double v1,
            double v2,
            Map<WheelPosition, Double> troughC,
            Map<WheelPosition, Double> peakC) {}

    /**
     * One corner, over all laps.
     *
     * @param atM where it is braked for, from the first of the lap's brakings
     * @param v1 from, m/s
     * @param v2 to, m/s
     * @param energyJ that the brakes took out of the vehicle
     * @param gapS to the next braking
     * @param troughC per disc, in the last lap
     * @param peakC per disc, in the last lap
     * @param sensorU standard uncertainty of the hottest of these by its sensor, °C
     */
    public record LapCorner(
            double atM,
            Summary v1,
            Summary v2,
            Summary energyJ,
            Summary gapS,
            Map<WheelPosition, Double> troughC,
            Map<WheelPosition, Double> peakC,
            Figure sensorU) {}

    private record Placed(Braking braking, double drivenM, double gapS) {}

    /**
     * Puts brakings to corners.
     *
     * @param brakings in order
     * @param driven distance over time, m
     * @param lapM length of the lap; unknown when none could be found
     * @param massKg of the vehicle as driven
     */
    public static MeasuredLaps of(List<Braking> brakings, Signal driven, Figure lapM, Figure massKg) {
        if (!lapM.isKnown() || brakings.isEmpty()) {
            return new MeasuredLaps(lapM.isKnown() ? Figure.unknown("no braking was found") : lapM, 0, List.of());
        }
        List<Placed> placed = placed(brakings, driven);
        double start = placed.get(0).drivenM();
        List<List<Placed>> groups = grouped(placed, lapM.value());
        int laps = (int) ((placed.get(placed.size() - 1).drivenM() - start) / lapM.value()) + 1;
        List<LapCorner> corners = groups.stream()
                .filter(g -> g.size() >= Math.max(2, OFTEN * laps))
                .map(g -> corner(g, phase(g.get(0).drivenM() - start, lapM.value()), massKg))
                .sorted(Comparator.comparingDouble(LapCorner::atM))
                .toList();
        return new MeasuredLaps(lapM, laps, corners);
    }

    private static List<Placed> placed(List<Braking> brakings, Signal driven) {
        List<Placed> all = new ArrayList<>();
        for (int i = 0; i < brakings.size(); i++) {
            Braking b = brakings.get(i);
            double gap = i + 1 < brakings.size() ? brakings.get(i + 1).onsetS() - b.onsetS() : Double.NaN;
            all.add(new Placed(b, driven.at(b.onsetS()), gap));
        }
        return all;
    }

    private static double phase(double drivenM, double lapM) {
        return drivenM - lapM * Math.floor(drivenM / lapM);
    }

    /** Each braking goes to the corner whose last one is a whole number of laps away, as nearly as can be. */
    private static List<List<Placed>> grouped(List<Placed> placed, double lapM) {
        List<List<Placed>> groups = new ArrayList<>();
        for (Placed p : placed) {
            Optional<List<Placed>> own = groups.stream()
                    .min(Comparator.comparingDouble(g -> off(g, p, lapM)))
                    .filter(g -> off(g, p, lapM) < NEAR_M);
            own.orElseGet(() -> {
                        List<Placed> fresh = new ArrayList<>();
                        groups.add(fresh);
                        return fresh;
                    })
                    .add(p);
        }
        return groups;
    }

    private static double off(List<Placed> group, Placed p, double lapM) {
        double laps = (p.drivenM() - group.get(group.size() - 1).drivenM()) / lapM;
        // The same corner comes again a lap later, not at once.
        return laps < 0.5 ? Double.POSITIVE_INFINITY : Math.abs(laps - Math.rint(laps)) * lapM;
    }

    private static LapCorner corner(List<Placed> group, double atM, Figure massKg) {
        Braking last = group.get(group.size() - 1).braking();
        double[] energies = massKg.isKnown()
                ? group.stream()
                        .mapToDouble(p -> DiscRise.energyJ(
                                massKg.value(), p.braking().v1(), p.braking().v2()))
                        .toArray()
                : new double[0];
        return new LapCorner(
                atM,
                Summary.of(group.stream().mapToDouble(p -> p.braking().v1()).toArray()),
                Summary.of(group.stream().mapToDouble(p -> p.braking().v2()).toArray()),
                Summary.of(energies),
                Summary.of(group.stream()
                        .mapToDouble(Placed::gapS)
                        .filter(g -> !Double.isNaN(g))
                        .toArray()),
                last.troughC(),
                last.peakC(),
                last.peakC().values().stream()
                        .max(Double::compare)
                        .map(c -> Figure.of(PeakSource.SENSOR.uncertaintyC(c)))
                        .orElse(Figure.unknown("no disc temperature was logged")));
    }

    /** The brakings of a lap in the mean of the laps, as {@link LapHeat} takes them; empty when there is none. */
    public List<LapHeat.Event> events() {
        return corners.stream()
                .filter(c -> c.gapS().n() > 0)
                .map(c -> new LapHeat.Event(
                        c.v1().mean().value(),
                        c.v2().mean().value(),
                        c.gapS().mean().value()))
                .toList();
    }
}
