package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.WheelLimit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What set the distances, and where the order of two turns over. */
class GripTest {
    private static final Figure NONE = Figure.unknown("not recorded");

    private static Side slowing(String name, double mps2, double bar, int limited) {
        return slowing(name, mps2, bar, limited, WheelLimit.NOT_REACHED);
    }

    private static Side slowing(String name, double mps2, double bar, int limited, WheelLimit otherwise) {
        return Sides.of(
                name,
                IntStream.range(0, 5)
                        .mapToObj(i -> {
                            ComparedStop s = Sides.driven(40, i + 1, 1, NONE);
                            Circumstances c = s.circumstances();
                            Figure slows = Double.isNaN(mps2) ? NONE : Figure.of(mps2 + 0.01 * i);
                            return new ComparedStop(
                                    s.value(),
                                    s.readingUncertainty(),
                                    s.entrySpeed(),
                                    slows,
                                    Double.isNaN(bar) ? NONE : Figure.of(slows.value() / bar),
                                    NONE,
                                    NONE,
                                    NONE,
                                    s.status(),
                                    s.flags(),
                                    new Circumstances(
                                            c.onsetSource(),
                                            c.instrument(),
                                            c.load(),
                                            c.surface(),
                                            c.tyres(),
                                            c.day(),
                                            c.driver(),
                                            c.direction(),
                                            c.block(),
                                            i < limited ? WheelLimit.REACHED : otherwise,
                                            c.order(),
                                            c.phase()));
                        })
                        .toList());
    }

    private static GripFinding of(Side a, Side b) {
        return (GripFinding) GripOrBrakes.of(a, b, "A", "B").code();
    }

    @Test
    void nobodyCreditsACaliperForAWarmTyre() {
        assertThat(of(slowing("A", 8, 50, 4), slowing("B", 9, 60, 5))).isEqualTo(GripFinding.TYRES_BOTH);
        assertThat(of(slowing("A", 8, 50, 0), slowing("B", 9, 60, 5))).isEqualTo(GripFinding.TYRES_ONE);
        assertThat(of(slowing("A", 7, 50, 0), slowing("B", 9, 60, 1))).isEqualTo(GripFinding.BRAKES);
        assertThat(of(slowing("A", 9, 50, 0), slowing("B", 9.05, 60, 0)))
                .as("pressed a fifth more, and no harder")
                .isEqualTo(GripFinding.NO_MORE_FOR_MORE);
        assertThat(of(slowing("A", 9, Double.NaN, 0), slowing("B", 9.05, Double.NaN, 0)))
                .as("wheels were logged, and the slowest stops far from the hardest")
                .isEqualTo(GripFinding.BRAKES);
        assertThat(of(slowing("A", Double.NaN, Double.NaN, 0), slowing("B", 9, 60, 0)))
                .isEqualTo(GripFinding.NOT_KNOWN);
        WheelLimit silent = WheelLimit.NOT_LOGGED;
        assertThat(of(slowing("A", 7, 50, 0, silent), slowing("B", 9, 60, 0, silent)))
                .as("no wheel was logged, so none is said to have turned")
                .isEqualTo(GripFinding.WHEELS_NOT_KNOWN);
        assertThat(of(slowing("A", 7, Double.NaN, 0, silent), slowing("B", 9, Double.NaN, 0, silent)))
                .isEqualTo(GripFinding.PRESSURE_NOT_KNOWN);
        assertThat(of(slowing("A", 7, 50, 0, silent), slowing("B", 9, 60, 5, silent)))
                .isEqualTo(GripFinding.TYRES_ONE_OTHER_NOT_TOLD);
    }

    /** Begins at 80 to 320 °C; each loses its own so many metres a degree. */
    private static Side byHeat(String name, double cold, double perDegree, double spread, Random random) {
        List<ComparedStop> stops = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            double celsius = 80 + 30 * i;
            double metres = cold + perDegree * celsius + spread * random.nextGaussian();
            stops.add(Sides.driven(metres, i + 1, 1, Figure.of(celsius)));
        }
        return Sides.of(name, stops);
    }

    @Test
    void theOrderTurnsOverWhereTheLinesCross() {
        // 40 + 0.01·T and 38 + 0.02·T cross at 200 °C.
        TurnOver at = TurnOver.of(
                        byHeat("A", 40, 0.01, 0.05, new Random(1)), byHeat("B", 38, 0.02, 0.05, new Random(2)))
                .orElseThrow();
        assertThat(at.atC()).isCloseTo(200, within(15.0));
        assertThat(at.candidateBetterBelow()).isTrue();
        assertThat(at.told("A", "B").code()).isEqualTo(GripFinding.TURNS_OVER);
        Random random = new Random(3);
        assertThat(TurnOver.of(byHeat("A", 40, 0.01, 0.05, random), byHeat("B", 38, 0.01, 0.05, random)))
                .as("they never meet")
                .isEmpty();
        assertThat(TurnOver.of(Sides.of("A", 40, 41, 42, 40, 41), byHeat("B", 38, 0.01, 0.05, random)))
                .as("nobody read the temperatures of one")
                .isEmpty();
    }

    @Test
    void whereTheyCrossIsHeldByItsRangeAndSeldomTheyAreSaidToCrossWhereTheyAreAlike() {
        Random random = new Random(4);
        int told = 0;
        int held = 0;
        int cried = 0;
        for (int i = 0; i < 1000; i++) {
            var at = TurnOver.of(byHeat("A", 40, 0.01, 0.4, random), byHeat("B", 38, 0.02, 0.4, random));
            told += at.isPresent() ? 1 : 0;
            held += at.filter(t -> t.interval().low() <= 200
                                    && 200 <= t.interval().high())
                            .isPresent()
                    ? 1
                    : 0;
            cried += TurnOver.of(byHeat("A", 40, 0.01, 0.4, random), byHeat("B", 40, 0.01, 0.4, random))
                            .isPresent()
                    ? 1
                    : 0;
        }
        assertThat(told).isGreaterThan(900);
        assertThat(held / (double) told).isBetween(0.93, 0.97);
        assertThat(cried).isLessThan(60);
    }
}
