package app.frenum.core.heat;

import app.frenum.core.statistics.Summary;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What fits of {@link Cooling} leave over at one age of the cool-down, over all cool-downs of a disc that get that far.
 * Residuals that wander off in one direction say that one time constant is not the whole story: the heat had not yet
 * gone through the disc, or the speed changed.
 *
 * @param ageS since the cool-down began, s
 * @param n how many cool-downs tell of it
 * @param medianC measured less fitted, °C
 * @param lowestC of them
 * @param highestC of them
 */
public record CoolingResidual(double ageS, int n, double medianC, double lowestC, double highestC) {
    private static final double EVERY_S = 10;

    /** Readings of one cool-down less what its fit says, °C, averaged about an age in s. */
    public record Step(double ageS, double leftC) {}

    /**
     * The residuals of one cool-down, in steps of ten seconds.
     *
     * @param fit a fit that was made
     * @param t times of its readings, s
     * @param celsius the readings, as many
     */
    static List<Step> steps(CoolingFit fit, double[] t, double[] celsius) {
        Map<Double, Double> means = IntStream.range(0, t.length)
                .boxed()
                .collect(Collectors.groupingBy(
                        i -> (Math.floor((t[i] - t[0]) / EVERY_S) + 0.5) * EVERY_S,
                        TreeMap::new,
                        Collectors.averagingDouble(i -> celsius[i] - fit.after(t[i] - t[0]))));
        return means.entrySet().stream()
                .map(e -> new Step(e.getKey(), e.getValue()))
                .toList();
    }

    /** The residuals of several cool-downs, age by age. */
    public static List<CoolingResidual> of(List<List<Step>> coolDowns) {
        return coolDowns.stream()
                .flatMap(List::stream)
                .collect(Collectors.groupingBy(
                        Step::ageS, TreeMap::new, Collectors.mapping(Step::leftC, Collectors.toList())))
                .entrySet()
                .stream()
                .map(e -> at(e.getKey(), e.getValue()))
                .toList();
    }

    private static CoolingResidual at(double ageS, List<Double> left) {
        double[] values = left.stream().mapToDouble(Double::doubleValue).toArray();
        return new CoolingResidual(
                ageS,
                values.length,
                Summary.of(values).median().value(),
                left.stream().min(Double::compare).orElseThrow(),
                left.stream().max(Double::compare).orElseThrow());
    }
}
