package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class JudderGrowthTest {
    private static final Figure NONE = Figure.unknown("too few turns");

    /** A series whose second order has these amplitudes, m/s²; the others stand still. */
    private static List<Judder> series(Double... second) {
        return Arrays.stream(second)
                .map(a -> List.of(Figure.of(0.1), a == null ? NONE : Figure.of(a), Figure.of(0.2), NONE))
                .map(orders -> new Judder(orders, orders, orders))
                .toList();
    }

    @Test
    void onlyTheOrderThatGrowsIsNamed() {
        List<JudderGrowth> growing = JudderGrowth.of(series(0.10, 0.14, 0.19, 0.22, 0.27, 0.30));
        assertThat(growing).hasSize(1);
        assertThat(growing.get(0).order()).isEqualTo(2);
        assertThat(growing.get(0).perStop()).isCloseTo(0.04, within(0.002));
        assertThat(growing.get(0).low()).isBetween(0.02, growing.get(0).perStop());
        assertThat(growing.get(0).high()).isBetween(growing.get(0).perStop(), 0.06);
        assertThat(growing.get(0).finding("B").terms()).containsKeys("side", "order", "perStop", "low", "high");
    }

    @Test
    void whatShrinksOrCouldBeChanceIsNot() {
        assertThat(JudderGrowth.of(series(0.30, 0.27, 0.22, 0.19, 0.14, 0.10))).isEmpty();
        assertThat(JudderGrowth.of(series(0.10, 0.14, 0.11, 0.15, 0.12, 0.13))).isEmpty();
        // Four in order come by chance once in twelve.
        assertThat(JudderGrowth.of(series(0.10, 0.14, 0.19, 0.22))).isEmpty();
    }

    @Test
    void stopsWithoutTheOrderAreLeftOutOfIt() {
        assertThat(JudderGrowth.of(series(0.10, null, 0.14, 0.19, null, 0.22, 0.27)))
                .singleElement()
                .satisfies(g -> assertThat(g.perStop()).isCloseTo(0.042, within(0.005)));
    }
}
