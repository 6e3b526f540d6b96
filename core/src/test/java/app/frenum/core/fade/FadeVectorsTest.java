package app.frenum.core.fade;

import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.numbers;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.PedalCurve;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Against worked numbers from an independent implementation. */
class FadeVectorsTest {
    private static final Map<String, FadeCause> CAUSES = Map.of(
            "pad", FadeCause.PAD,
            "fluid", FadeCause.FLUID,
            "both", FadeCause.BOTH,
            "pressed less hard", FadeCause.PRESSED_LESS,
            "none", FadeCause.NONE,
            "grip-limited", FadeCause.GRIP_LIMITED,
            "slight, not settled", FadeCause.SLIGHT);

    @Test
    void fromWhichTemperatureOn() {
        for (JsonNode v : named("fade_onset")) {
            OnsetFit fit = OnsetFit.of(
                    numbers(v.get("in").get("T")), numbers(v.get("in").get("e")));
            assertThat(fit.onsetC().value()).isEqualTo(out(v, "onsetC"));
            assertThat(fit.level().value()).isCloseTo(out(v, "eps0"), withinPercentage(1e-2));
            assertThat(fit.perC().value()).isCloseTo(out(v, "k"), withinPercentage(1e-2));
            assertThat(fit.f().value()).isCloseTo(out(v, "F"), withinPercentage(1e-2));
            assertThat(fit.p().value()).isCloseTo(out(v, "p"), withinPercentage(1e-2));
            assertThat(fit.accepted()).isEqualTo(v.get("out").get("accepted").asBoolean());
        }
    }

    @Test
    void howMuchWasLostAgainstTheFirstThreeInTheGate() {
        JsonNode v = named("fade").get(0);
        double[] eps = numbers(v.get("in").get("eps"));
        double[] metres = numbers(v.get("in").get("s"));
        double[] start = numbers(v.get("in").get("startC"));
        List<FadeStop> stops = IntStream.range(0, eps.length)
                .mapToObj(i -> stop(i + 1, start[i], eps[i], metres[i]))
                .toList();
        FadeStudy study = FadeStudy.of(
                stops, FadeReference.FIRST_THREE_IN_GATE, new StartGate(OptionalDouble.of(80), OptionalDouble.of(100)));
        assertThat(study.reference()).containsExactly(0, 1, 2);
        assertThat(study.referenceValue().value()).isEqualTo(out(v, "epsRef"));
        assertThat(study.referenceM().value()).isEqualTo(out(v, "sRefM"));
        double[] fade = numbers(v.get("out").get("fade"));
        double[] growth = numbers(v.get("out").get("growthM"));
        for (int i = 0; i < eps.length; i++) {
            assertThat(1 - study.levels().get(i).level().value()).isCloseTo(fade[i], within(1e-9));
            assertThat(study.levels().get(i).growthM().value()).isCloseTo(growth[i], within(1e-9));
        }
        assertThat(study.referenceMfdd().value()).isEqualTo(7);
        assertThat(study.growthHalfM().value()).isPositive();
        // The last three together are at 91.5 %: a loss, but not yet one to call pad fade.
        assertThat(study.cause().cause()).isEqualTo(FadeCause.SLIGHT);
    }

    @Test
    void everyMeasureHasItsUncertainty() {
        FadeStop stop = stop(1, 80, 0.14, 40);
        assertThat(FadeMeasure.BY_DECELERATION.uncertaintyOf(stop).value()).isEqualTo(0.1);
        // One part in a hundred of the distance is one part in a hundred of its inverse.
        assertThat(FadeMeasure.BY_DISTANCE.uncertaintyOf(stop).value()
                        / FadeMeasure.BY_DISTANCE.of(stop).value())
                .isCloseTo(0.01, within(1e-12));
        assertThat(FadeMeasure.PER_BAR.uncertaintyOf(stop).isKnown()).isFalse();
    }

    private static FadeStop stop(int number, double startC, double effectiveness, double distanceM) {
        Figure unknown = Figure.unknown("not logged");
        return new FadeStop(
                number,
                "",
                Figure.of(startC),
                Figure.of(startC + 25),
                Figure.of(effectiveness),
                unknown,
                Figure.of(7),
                Figure.of(0.1),
                Figure.of(distanceM),
                Figure.of(0.4),
                Figure.of(25),
                Figure.of(55),
                new PedalCurve(List.of(), List.of()),
                Optional.empty(),
                Optional.empty(),
                false);
    }

    private static final Map<FadeCause, FadeCause> UNKNOWN_PEDAL = Map.of(
            FadeCause.PAD, FadeCause.PAD_OR_FLUID,
            FadeCause.PRESSED_LESS, FadeCause.PRESSED_LESS_OR_FLUID,
            FadeCause.NONE, FadeCause.NONE_SEEN);

    @Test
    void why() {
        for (JsonNode v : named("fade_cause")) {
            JsonNode in = v.get("in");
            CauseReading reading = CauseReading.of(new CauseReading.Evidence(
                    FadeMeasure.PER_BAR,
                    figure(in, "relEps"),
                    figure(in, "relP"),
                    figure(in, "relTravel"),
                    Figure.of(30),
                    feel(in.path("pedal").asText()),
                    Optional.empty(),
                    in.path("grip").asBoolean()));
            JsonNode out = v.get("out");
            // The vectors take an unknown pedal for a normal one; since then the handbook says that unknown is not
            // normal.
            boolean pedalKnown = in.has("relTravel") || in.has("pedal");
            FadeCause told = CAUSES.get(out.get("cause").asText());
            assertThat(reading.cause())
                    .as(v.toString())
                    .isEqualTo(pedalKnown ? told : UNKNOWN_PEDAL.getOrDefault(told, told));
            if (out.has("alsoPressedLessHard")) {
                assertThat(reading.pressedLess())
                        .isEqualTo(out.get("alsoPressedLessHard").asBoolean());
            }
            if (out.has("surer")) {
                assertThat(reading.evidence().toString().contains("PRESSURE_FELL_WITH_PEDAL"))
                        .isEqualTo(out.get("surer").asBoolean());
            }
        }
    }

    private static Figure figure(JsonNode in, String name) {
        return in.has(name) ? Figure.of(in.get(name).asDouble()) : Figure.unknown("not logged");
    }

    private static Optional<PedalFeel> feel(String label) {
        return Arrays.stream(PedalFeel.values())
                .filter(f -> f.label().equals(label))
                .findFirst();
    }
}
