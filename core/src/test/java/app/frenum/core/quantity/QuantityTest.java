package app.frenum.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class QuantityTest {
    @ParameterizedTest
    @CsvSource({
        "90 km/h, SPEED, 25",
        "60mph, SPEED, 26.8224",
        "'2,5 m', LENGTH, 2.5",
        "150 ft, LENGTH, 45.72",
        "1000 psi, PRESSURE, 68.9475729",
        "212 °F, TEMPERATURE, 100",
        "-40 degC, TEMPERATURE, -40",
        "0.8 g, DECELERATION, 7.84532",
        "2 %, RATIO, 0.02",
        "120 lb, MASS, 54.4310844"
    })
    void readsWhatPeopleWrite(String text, Dimension dimension, double inside) {
        assertThat(Quantity.parse(text, dimension).inside()).isCloseTo(inside, within(1e-6 * Math.abs(inside)));
    }

    @ParameterizedTest
    @CsvSource({
        "fast, SPEED, is not a speed",
        "90, SPEED, has no unit",
        "90 bar, SPEED, is not a unit of speed",
        "90 furlongs, LENGTH, is not a unit of length",
        "'', LENGTH, is not a length"
    })
    void saysWhatWasReadAndWhatIsPossible(String text, Dimension dimension, String message) {
        assertThatThrownBy(() -> Quantity.parse(text, dimension))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(message);
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void everyUnitGoesThereAndBack(Unit unit) {
        assertThat(unit.fromInside(unit.toInside(12.75))).isCloseTo(12.75, within(1e-9));
        assertThat(unit.dimension().inside().toInside(3)).isEqualTo(3);
    }

    @Test
    void aFigureIsAValueOrAReasonAndNeverNeither() {
        assertThat(Figure.of(Double.NaN).isKnown()).isFalse();
        assertThat(Figure.of(1 / 0.0).reason()).isNotBlank();
        Figure unknown = Figure.unknown("no pressure was logged");
        assertThat(unknown.map(x -> x * 2)).isEqualTo(unknown);
        assertThatThrownBy(unknown::value).hasMessageContaining("no pressure was logged");
        assertThat(Figure.of(4).map(Math::sqrt).value()).isEqualTo(2);
    }
}
