package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.Adjusted.Taken;
import app.frenum.core.compare.Factors.Effect;
import app.frenum.core.compare.Factors.Series;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Sheets as people type them, worked out by another program's least squares: numpy's {@code lstsq}, scipy's quantiles. */
class WorkedElsewhereTest {
    private static final double[][] STOCK = {
        {37.97, 88}, {37.91, 91}, {39.45, 85}, {39.81, 88}, {38.46, 90}, {38.53, 91}, {38.07, 89}
    };
    private static final double[][] HARDER = {
        {36.31, 85}, {36.93, 86}, {36.03, 86}, {37.73, 95}, {36.99, 86}, {36.83, 84}, {37.48, 88}
    };

    private static Side side(String name, double[][] metresAndStart) {
        List<ComparedStop> stops = new ArrayList<>();
        for (double[] s : metresAndStart) {
            stops.add(Sides.driven(s[0], 0, 1, Figure.of(s[1])));
        }
        return Sides.of(name, stops);
    }

    @Test
    void twoPadsAtTheSameStartTemperature() {
        Adjusted warm = Adjusted.of(side("stock pads", STOCK), side("harder pads", HARDER), 0.95).stream()
                .filter(a -> a.taken() == Taken.START_TEMPERATURE)
                .findFirst()
                .orElseThrow();
        assertThat(warm.difference().value()).isCloseTo(-1.64079576, within(1e-7));
        assertThat(warm.interval().orElseThrow().low()).isCloseTo(-2.502010727, within(1e-4));
        assertThat(warm.interval().orElseThrow().high()).isCloseTo(-0.779580785, within(1e-4));
        assertThat(TurnOver.of(side("stock pads", STOCK), side("harder pads", HARDER)))
                .as("one was better at every temperature that was driven")
                .isEmpty();
    }

    private static Series series(String car, String tyre, double... metres) {
        return new Series(car + tyre, car + tyre, Map.of(Factors.VEHICLE, car, "tyre", tyre), metres);
    }

    @Test
    void threeCarsOnTyresThatNotEachOfThemHad() {
        Factors factors = Factors.of(
                List.of(
                        series("hatch", "hard", 61.2, 60.4, 61.9, 60.8),
                        series("hatch", "soft", 57.1, 57.9, 56.6),
                        series("estate", "hard", 66.3, 65.1, 67.0, 66.1, 65.5),
                        series("estate", "medium", 63.9, 64.8),
                        series("van", "medium", 70.2, 71.5, 69.8),
                        series("van", "soft", 66.8, 68.1, 67.3, 66.9)),
                Set.of("tyre"),
                Set.of());
        Map<String, Double> share = factors.effects().stream().collect(Collectors.toMap(Effect::level, Effect::share));
        assertThat(share.get("estate")).isCloseTo(0.07892663632521368, within(1e-9));
        assertThat(share.get("van")).isCloseTo(0.17856062596834765, within(1e-9));
        assertThat(share.get("soft")).isCloseTo(-0.06536161341219682, within(1e-9));
        assertThat(share.get("medium")).isCloseTo(-0.022580849342541676, within(1e-9));
    }
}
