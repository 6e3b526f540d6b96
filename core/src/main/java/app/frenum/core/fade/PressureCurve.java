package app.frenum.core.fade;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import app.frenum.core.stop.PedalCurve;
import app.frenum.core.stop.StopTrace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Something over front line pressure, of several stops: a pad that has lost its bite slows less at the same pressure, and
 * vapour in the fluid shows as more travel.
 *
 * @param stops each with its own points, in rising pressure
 * @param at every pressure that any of them had: mean over the stops that had it, and their spread
 */
public record PressureCurve(List<List<CurvePoint>> stops, List<AtPressure> at) {
    private static final double STEP_BAR = 4;
    /** Pressures that a stop only passed say nothing. */
    private static final int FEWEST_SAMPLES = 4;

    /** One stop at one pressure: bar, and the value in its inside unit. */
    public record CurvePoint(double bar, double value) {}

    /** Several stops at one pressure. */
    public record AtPressure(double bar, Figure mean, Figure sd, int n) {}

    public static PressureCurve of(List<List<CurvePoint>> stops) {
        TreeMap<Double, List<Double>> byBar = new TreeMap<>();
        stops.forEach(stop -> stop.forEach(
                p -> byBar.computeIfAbsent(p.bar(), b -> new ArrayList<>()).add(p.value())));
        List<AtPressure> at = new ArrayList<>();
        byBar.forEach((bar, values) -> {
            Summary own = Summary.of(values.stream().mapToDouble(v -> v).toArray());
            at.add(new AtPressure(bar, own.mean(), own.sd(), own.n()));
        });
        return new PressureCurve(stops.stream().filter(s -> !s.isEmpty()).toList(), at);
    }

    /** Deceleration of one stop, m/s²: the mean of every 4 bar that it was at for a few samples. */
    public static List<CurvePoint> bite(StopTrace trace) {
        double[] front = trace.lines().getOrDefault("front", new double[0]);
        double[] slowing = trace.lines().getOrDefault("deceleration", new double[0]);
        TreeMap<Long, List<Double>> byStep = new TreeMap<>();
        for (int i = 0; i < Math.min(front.length, slowing.length); i++) {
            long step = Math.round(front[i] / STEP_BAR);
            if (trace.time()[i] >= 0 && step >= 1 && Double.isFinite(slowing[i])) {
                byStep.computeIfAbsent(step, k -> new ArrayList<>()).add(slowing[i]);
            }
        }
        return byStep.entrySet().stream()
                .filter(e -> e.getValue().size() >= FEWEST_SAMPLES)
                .map(e -> new CurvePoint(
                        e.getKey() * STEP_BAR,
                        e.getValue().stream().mapToDouble(a -> a).average().orElseThrow()))
                .toList();
    }

    /** Pedal travel of one stop, m. */
    public static List<CurvePoint> travel(PedalCurve pedal) {
        return IntStream.range(0, pedal.bar().size())
                .mapToObj(
                        i -> new CurvePoint(pedal.bar().get(i), pedal.travelM().get(i)))
                .sorted(Comparator.comparingDouble(CurvePoint::bar))
                .toList();
    }
}
