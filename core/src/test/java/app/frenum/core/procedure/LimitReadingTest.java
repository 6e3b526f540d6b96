package app.frenum.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitReadingTest {
    /** Stops of such decelerations, the first three the reference. */
    private static List<LimitedStop> stops(double[] mfdd, String... phases) {
        double reference = (mfdd[0] + mfdd[1] + mfdd[2]) / 3;
        return IntStream.range(0, mfdd.length)
                .mapToObj(i -> new LimitedStop(
                        phases[i],
                        Figure.of(mfdd[i]),
                        Figure.of(300 / mfdd[i]),
                        Figure.of(mfdd[i] / reference),
                        Figure.of(0.6 + i / 100.0)))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "true, 6, METRES_PER_SECOND_SQUARED, MET, NOT_MET",
        "true, 0.5, STANDARD_GRAVITY, MET, MET",
        "false, 45, METRES, MET, NOT_MET",
        "true, 80, PERCENT, MET, NOT_MET",
        "false, 500, NEWTONS, CANNOT_TELL, CANNOT_TELL",
    })
    void theWeakestStopOfAPhaseDecides(boolean atLeast, double value, Unit unit, String cold, String hot) {
        List<LimitedStop> driven = stops(new double[] {8, 7.8, 7.9, 6.5, 5.6}, "cold", "cold", "cold", "hot", "hot");
        List<LimitReading> read = LimitReading.of(
                driven,
                List.of(new Procedure.Limit("it", atLeast, new Quantity(value, unit), "our code", Optional.empty())));
        assertThat(read).extracting(LimitReading::phase).containsExactly("cold", "hot");
        assertThat(read).extracting(r -> r.verdict().name()).containsExactly(cold, hot);
    }

    @Test
    void aLimitOfOnePhaseIsHeldAgainstThatAloneDrivenOrNot() {
        Quantity least = new Quantity(7, Unit.METRES_PER_SECOND_SQUARED);
        List<LimitReading> read = LimitReading.of(
                stops(new double[] {8, 7.8, 5.6}, "cold", "cold", "hot"),
                List.of(
                        new Procedure.Limit("cold", true, least, "our code", Optional.of("cold")),
                        new Procedure.Limit("recovered", true, least, "our code", Optional.of("recovered"))));
        assertThat(read)
                .extracting(LimitReading::phase, LimitReading::n, LimitReading::verdict)
                .containsExactly(
                        tuple("cold", 2, LimitReading.Verdict.MET),
                        tuple("recovered", 0, LimitReading.Verdict.NOT_YET_DRIVEN));
    }

    @Test
    void everyReadingHasItsStopsAndItsWorst() {
        LimitReading read = LimitReading.of(
                        stops(new double[] {8, 7.8, 7.9}, "cold", "cold", "cold"),
                        List.of(new Procedure.Limit(
                                "mean",
                                true,
                                new Quantity(7.85, Unit.METRES_PER_SECOND_SQUARED),
                                "our code",
                                Optional.empty())))
                .get(0);
        assertThat(read.n()).isEqualTo(3);
        assertThat(read.worst().value()).isEqualTo(7.8);
        assertThat(read.verdict()).isEqualTo(LimitReading.Verdict.NOT_MET);
    }

    @Test
    void aShareIsOfTheBaselineStopsOrOfTheLinePressureAsTheLimitSays() {
        Quantity least = new Quantity(62, Unit.PERCENT);
        List<LimitReading> read = LimitReading.of(
                stops(new double[] {8, 7.8, 4.6}, "cold", "cold", "hot"),
                List.of(
                        new Procedure.Limit(
                                "hot",
                                true,
                                least,
                                "our code",
                                Optional.of("hot"),
                                Optional.of(LimitedFigure.SHARE_OF_BASELINE)),
                        new Procedure.Limit(
                                "bias",
                                true,
                                least,
                                "our code",
                                Optional.of("cold"),
                                Optional.of(LimitedFigure.FRONT_BIAS))));
        assertThat(read)
                .extracting(LimitReading::verdict)
                .containsExactly(LimitReading.Verdict.MET, LimitReading.Verdict.NOT_MET);
        assertThat(read.get(1).worst().value()).isEqualTo(0.6);
    }

    @Test
    void aLimitOfEveryPhaseIsNotDrivenWhereNothingWas() {
        LimitReading read = LimitReading.of(
                        List.of(),
                        List.of(new Procedure.Limit(
                                "mean",
                                true,
                                new Quantity(5, Unit.METRES_PER_SECOND_SQUARED),
                                "our code",
                                Optional.empty())))
                .get(0);
        assertThat(read.verdict()).isEqualTo(LimitReading.Verdict.NOT_YET_DRIVEN);
        assertThat(read.worst().isKnown()).isFalse();
    }
}
