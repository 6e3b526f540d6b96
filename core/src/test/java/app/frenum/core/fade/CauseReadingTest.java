package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What is said of a series of which the truth is known, by what was logged of it. The late group's figures come from the truth
 * with noise, not from any car of ours. The table of docs/accuracy.md is what {@link #main} prints.
 */
class CauseReadingTest {
    /** What happened. */
    enum Truth {
        PAD,
        FLUID,
        BOTH,
        PRESSED_LESS,
        GRIP,
        NOTHING
    }

    /** What there is to tell it by. */
    enum Known {
        PRESSURE_AND_TRAVEL,
        PRESSURE,
        PRESSURE_AND_NOTES,
        NOTES,
        NOTES_AND_EFFORT,
        NEITHER
    }

    private static final Set<FadeCause> NAMES_FLUID = EnumSet.of(
            FadeCause.FLUID,
            FadeCause.BOTH,
            FadeCause.PAD_OR_FLUID,
            FadeCause.FADE_OR_LESS_PRESSURE,
            FadeCause.PRESSED_LESS_OR_FLUID);

    private static FadeCause said(Truth truth, Known known, Random random) {
        double friction = truth == Truth.PAD || truth == Truth.BOTH ? 0.70 + 0.12 * random.nextDouble() : 1;
        boolean boils = truth == Truth.FLUID || truth == Truth.BOTH;
        double pressure = boils
                ? 0.75 + 0.12 * random.nextDouble()
                : truth == Truth.PRESSED_LESS ? 0.72 + 0.12 * random.nextDouble() : 1;
        double travel = boils ? 1.3 + 0.6 * random.nextDouble() : 1;
        boolean hasPressure =
                known == Known.PRESSURE_AND_TRAVEL || known == Known.PRESSURE || known == Known.PRESSURE_AND_NOTES;
        boolean hasNotes = known == Known.NOTES || known == Known.NOTES_AND_EFFORT || known == Known.PRESSURE_AND_NOTES;
        double noise = 1 + 0.01 * random.nextGaussian();
        Figure unknown = Figure.unknown("not logged");
        Optional<PedalFeel> feel = !hasNotes
                ? Optional.empty()
                : Optional.of(
                        boils
                                ? PedalFeel.LONG_SOFT
                                : truth == Truth.PAD && known != Known.NOTES_AND_EFFORT
                                        ? PedalFeel.HARD
                                        : PedalFeel.FIRM);
        return CauseReading.of(new CauseReading.Evidence(
                        hasPressure ? FadeMeasure.PER_BAR : FadeMeasure.BY_DECELERATION,
                        Figure.of((hasPressure ? friction : friction * pressure) * noise),
                        hasPressure ? Figure.of(pressure * (1 + 0.01 * random.nextGaussian())) : unknown,
                        known == Known.PRESSURE_AND_TRAVEL
                                ? Figure.of(travel * (1 + 0.02 * random.nextGaussian()))
                                : unknown,
                        hasPressure ? Figure.of(30) : unknown,
                        feel,
                        known == Known.NOTES_AND_EFFORT ? Optional.of(truth != Truth.PRESSED_LESS) : Optional.empty(),
                        truth == Truth.GRIP))
                .cause();
    }

    private static Map<FadeCause, Integer> table(Truth truth, Known known, int series) {
        Random random =
                new Random(20_261_128L + truth.name().hashCode() + known.name().hashCode());
        Map<FadeCause, Integer> said = new EnumMap<>(FadeCause.class);
        for (int i = 0; i < series; i++) {
            said.merge(said(truth, known, random), 1, Integer::sum);
        }
        return said;
    }

    @ParameterizedTest
    @EnumSource
    void fluidIsNeverHarmlessAndGripNeverNoFade(Known known) {
        assertThat(NAMES_FLUID).containsAll(table(Truth.FLUID, known, 1000).keySet());
        assertThat(NAMES_FLUID).containsAll(table(Truth.BOTH, known, 1000).keySet());
        assertThat(table(Truth.GRIP, known, 1000)).containsOnlyKeys(FadeCause.GRIP_LIMITED);
        assertThat(table(Truth.NOTHING, known, 1000))
                .containsOnlyKeys(
                        known == Known.PRESSURE || known == Known.NEITHER ? FadeCause.NONE_SEEN : FadeCause.NONE);
    }

    @ParameterizedTest
    @EnumSource(names = {"PRESSURE_AND_TRAVEL", "PRESSURE_AND_NOTES"})
    void withPressureAndThePedalEveryCauseIsTold(Known known) {
        assertThat(table(Truth.PAD, known, 1000)).containsOnlyKeys(FadeCause.PAD);
        assertThat(table(Truth.FLUID, known, 1000)).containsOnlyKeys(FadeCause.FLUID);
        assertThat(table(Truth.BOTH, known, 1000)).containsOnlyKeys(FadeCause.BOTH);
        assertThat(table(Truth.PRESSED_LESS, known, 1000)).containsOnlyKeys(FadeCause.PRESSED_LESS);
    }

    /** Without pressure a noted effort tells fade from a driver who pressed less. */
    @Test
    void aNotedEffortStandsInForPressure() {
        assertThat(table(Truth.PAD, Known.NOTES_AND_EFFORT, 1000)).containsOnlyKeys(FadeCause.PAD);
        assertThat(table(Truth.PRESSED_LESS, Known.NOTES_AND_EFFORT, 1000))
                .containsOnlyKeys(FadeCause.FADE_OR_LESS_PRESSURE);
        assertThat(table(Truth.PAD, Known.NEITHER, 1000)).containsOnlyKeys(FadeCause.FADE_OR_LESS_PRESSURE);
    }

    public static void main(String[] arguments) {
        System.out.println("| what happened | known | said, of 1000 |");
        System.out.println("|---|---|---|");
        for (Truth truth : Truth.values()) {
            for (Known known : Known.values()) {
                System.out.printf("| %s | %s | %s |%n", truth, known, table(truth, known, 1000));
            }
        }
    }
}
