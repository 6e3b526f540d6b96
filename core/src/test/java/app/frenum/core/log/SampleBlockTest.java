package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SampleBlockTest {
    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** What comes out is bit for bit what went in: decimals, odd numbers, holes, any length. */
    @ParameterizedTest
    @MethodSource("seeds")
    void givesBackWhatItTook(int seed) {
        Random random = new Random(seed);
        int n = 1 + random.nextInt(SampleBlock.ROWS);
        double power = Math.pow(10, random.nextInt(6));
        boolean odd = seed % 7 == 3;
        double[] values = new double[n];
        for (int i = 0; i < n; i++) {
            double decimal = Math.round((random.nextGaussian() * 300 + Math.sin(i / 90.0) * 1000) * power) / power;
            values[i] =
                    random.nextInt(12) == 0 && seed % 3 == 0 ? Double.NaN : odd ? random.nextGaussian() / 3 : decimal;
        }
        SampleBlock block = SampleBlock.of(0, values, n);
        assertThat(block.unpack()).containsExactly(values);
        double highest =
                Arrays.stream(values).filter(x -> !Double.isNaN(x)).max().orElse(Double.NaN);
        assertThat(block.highest()).isEqualTo(highest);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void packsASlowSignalIntoLittleMoreThanAByteASample(int seed) {
        Random random = new Random(seed);
        double[] values = new double[SampleBlock.ROWS];
        for (int i = 0; i < values.length; i++) {
            values[i] = Math.round((90 + 10 * Math.sin(i / 500.0) + random.nextGaussian() * 0.1) * 100) / 100.0;
        }
        assertThat(SampleBlock.of(0, values, values.length).packed().length).isLessThan(values.length * 3 / 2);
    }
}
