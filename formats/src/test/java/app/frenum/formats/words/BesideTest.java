package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.heat.Beside;
import app.frenum.core.quantity.Figure;
import org.junit.jupiter.api.Test;

/** A cooling device beside the baseline, in words. */
class BesideTest {
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);
    private static final Wording IMPERIAL = Wording.in(UnitSystem.IMPERIAL);
    private static final Figure NONE = Figure.unknown("not known");
    private static final Beside DRY = side(178, 3, 420, 45, 0.5, 27.8, 1e6);

    private static Beside side(
            double tau, double half, double hottest, double m, double halfM, double v, double joules) {
        return new Beside(
                Figure.of(tau),
                Figure.of(tau - half),
                Figure.of(tau + half),
                Figure.of(hottest),
                Figure.of(m),
                Figure.of(halfM),
                Figure.of(v),
                Figure.of(joules));
    }

    @Test
    void isSeenToCoolAndToLengthenTheStop() {
        Beside spray = side(120, 4, 350, 47, 0.6, 27.9, 1.02e6);
        assertThat(METRIC.text(spray.against(DRY)))
                .isEqualTo(
                        "cools faster (120 s against 178 s); its hottest front peak is 70 °C cooler; its stops are 2.0 ± 0.8 m longer.");
        assertThat(IMPERIAL.text(spray.against(DRY))).contains("126 °F cooler; its stops are 7 ± 3 ft longer");
        assertThat(spray.unlike(DRY)).isEmpty();
    }

    @Test
    void isNotSaidToDoWhatCannotBeTold() {
        assertThat(METRIC.text(side(176, 4, 415, 45.2, 0.4, 27.8, 1e6).against(DRY)))
                .contains("cools as fast, as far as can be told (176 s against 178 s)")
                .endsWith("its stops cannot be told from A’s in length (0.2 ± 0.6 m longer).");
        Beside unread = new Beside(NONE, NONE, NONE, NONE, NONE, NONE, NONE, NONE);
        assertThat(METRIC.text(unread.against(DRY)))
                .isEqualTo(
                        "how fast each cools is not known for both; the hottest peaks are not known for both; what the stops took is not known for both.");
        Beside oneStop = new Beside(NONE, NONE, NONE, NONE, Figure.of(46), NONE, NONE, NONE);
        assertThat(METRIC.text(oneStop.against(DRY))).endsWith("its mean stop is 1.0 m longer, with no range known.");
        assertThat(unread.unlike(DRY)).isEmpty();
    }

    @Test
    void isNotHeldAgainstABaselineThatWasDrivenFaster() {
        Beside slower = side(120, 4, 350, 40, 0.6, 25, 8e5);
        assertThat(METRIC.text(slower.unlike(DRY).orElseThrow()))
                .isEqualTo(
                        "Not driven alike: entry speed 90.0 km/h against 100.1 km/h; energy 800 against 1000 kJ. Hold the temperatures against that.");
        assertThat(IMPERIAL.text(slower.unlike(DRY).orElseThrow())).contains("55.9 mph against 62.2 mph");
    }
}
