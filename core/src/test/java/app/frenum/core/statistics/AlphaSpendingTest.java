package app.frenum.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AlphaSpendingTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5, 8, 13, 21, 30})
    void whatIsStoredOfThePlannedEndIsWhatIsComputed(int looks) {
        assertThat(AlphaSpending.endP(looks)).isCloseTo(AlphaSpending.nominalP(looks, looks), within(1e-5));
    }
}
