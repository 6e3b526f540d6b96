package app.frenum.server.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LettersTest {
    @ParameterizedTest
    @CsvSource({"0,A", "5,F", "6,G", "25,Z", "26,AA", "27,AB", "51,AZ", "52,BA", "701,ZZ", "702,AAA"})
    void goOnAfterZ(int place, String letter) {
        assertThat(Letters.of(place)).isEqualTo(letter);
    }

    @Test
    void noTwoAreAlike() {
        assertThat(IntStream.range(0, 1000).mapToObj(Letters::of)).doesNotHaveDuplicates();
    }
}
