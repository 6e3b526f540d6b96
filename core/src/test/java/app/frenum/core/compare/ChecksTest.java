package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.Check.Level;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.WheelLimit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ChecksTest {
    /** A side of five quiet stops, of which each test changes one thing. */
    private static final class Five {
        private double value = 40;
        private double step;
        private double entry = 25;
        private double start = 90;
        private double ambient = 15;
        private double tyre = 2.4;
        private String load = "kit";
        private String surface = "dry";
        private String tyres = "cold";
        private String day = "2026-06-20";
        private String driver = "one";
        private String source = "SWITCH";
        private double grade;
        private boolean grip;
        private int struckOut;
        private int blocks = 1;
        private double blockShift;
        private Map<String, String> factors = Map.of();
        private Set<String> unbedded = Set.of();
        private double nominal = 25;
        private Instrument instrument = Instrument.LOGGER;
        private double last;

        Side side(String name) {
            List<ComparedStop> stops = new ArrayList<>();
            double[] noise = {0.2, -0.1, 0.15, -0.2, 0.05};
            for (int block = 1; block <= blocks; block++) {
                for (int i = 0; i < noise.length; i++) {
                    double v =
                            value + noise[i] + step * i + (block - 1) * blockShift + (i == noise.length - 1 ? last : 0);
                    stops.add(stop(v, block, i < struckOut ? Status.STRUCK_OUT : Status.COUNTS));
                }
            }
            return new Side(
                    name, DistanceBasis.ONSET_TO_REST, Figure.of(nominal), Figure.of(grade), factors, unbedded, stops);
        }

        private ComparedStop stop(double v, int block, Status status) {
            return new ComparedStop(
                    Figure.of(v),
                    Figure.of(0.05),
                    Figure.of(entry),
                    Figure.of(7),
                    Figure.of(0.1),
                    Figure.of(start),
                    Figure.of(ambient),
                    Figure.of(tyre),
                    status,
                    Set.of(),
                    new Circumstances(
                            Optional.of(source),
                            instrument,
                            Optional.of(load),
                            Optional.of(surface),
                            Optional.of(tyres),
                            Optional.of(day),
                            Optional.of(driver),
                            Optional.of("west"),
                            block,
                            grip ? WheelLimit.REACHED : WheelLimit.NOT_REACHED,
                            0,
                            Optional.empty()));
        }
    }

    private interface Change {
        void to(Five five);
    }

    private static Level level(CheckCode code, Change baseline, Change candidate) {
        Five a = new Five();
        Five b = new Five();
        b.value = 38;
        baseline.to(a);
        candidate.to(b);
        return Comparisons.of(a.side("A"), List.of(b.side("B")), Margin.DEFAULT).get(0).checks().stream()
                .filter(c -> c.code() == code)
                .map(Check::level)
                .findFirst()
                .orElseThrow(() -> new AssertionError(code + " was not looked at"));
    }

    private static Level level(CheckCode code, Change candidate) {
        return level(code, a -> {}, candidate);
    }

    @Test
    void quietSidesPassEverything() {
        Five a = new Five();
        Five b = new Five();
        assertThat(Checks.of(a.side("A"), b.side("B")))
                .allMatch(c -> c.level() == Level.PASS)
                .hasSizeGreaterThan(12);
    }

    @Test
    void blockers() {
        assertThat(level(CheckCode.LOAD, b -> b.load = "empty")).isEqualTo(Level.BLOCK);
        assertThat(level(CheckCode.SURFACE, b -> b.surface = "wet")).isEqualTo(Level.BLOCK);
        assertThat(level(CheckCode.ONSET_SOURCE, b -> b.source = "PRESSURE")).isEqualTo(Level.BLOCK);
        assertThat(level(CheckCode.NOMINAL_SPEED, b -> b.nominal = 27.8)).isEqualTo(Level.BLOCK);
        assertThat(level(CheckCode.TOO_FEW, b -> b.struckOut = 3)).isEqualTo(Level.BLOCK);
    }

    @Test
    void cautionsBeginJustBeyondTheirLimits() {
        assertThat(level(CheckCode.START_TEMPERATURE, b -> b.start = 110)).isEqualTo(Level.PASS);
        assertThat(level(CheckCode.START_TEMPERATURE, b -> b.start = 111)).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.AMBIENT, b -> b.ambient = 23.5)).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.TYRE_PRESSURE, b -> b.tyre = 2.56)).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.TYRE_PRESSURE, b -> b.tyre = 2.54)).isEqualTo(Level.PASS);
        assertThat(level(CheckCode.TYRES, b -> b.tyres = "cold")).isEqualTo(Level.PASS);
        assertThat(level(CheckCode.TYRES, b -> b.tyres = "warm")).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.ENTRY_SPEED, b -> b.entry = 25.3)).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.FEW_STOPS, b -> b.struckOut = 2)).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.STRUCK_OUT_SHARE, b -> b.struckOut = 1)).isEqualTo(Level.PASS);
        assertThat(level(CheckCode.STRUCK_OUT_SHARE, b -> b.struckOut = 2)).isEqualTo(Level.CAUTION);
    }

    @Test
    void whatChangedBesidesTheBrakes() {
        assertThat(level(CheckCode.OTHER_DAY, b -> b.day = "2026-06-21")).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.DRIVER, b -> b.driver = "two")).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.FACTORS, b -> b.factors = Map.of("pads", "changed")))
                .isEqualTo(Level.PASS);
        assertThat(level(CheckCode.FACTORS, b -> b.factors = Map.of("pads", "changed", "fluid", "changed")))
                .isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.BEDDING, b -> b.unbedded = Set.of("front pads")))
                .isEqualTo(Level.CAUTION);
    }

    @Test
    void aDriverWhoLearnsAndABaselineThatDrifts() {
        assertThat(level(CheckCode.LEARNING, b -> b.step = -0.5)).isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.DRIFT, a -> a.blocks = 2, b -> {})).isEqualTo(Level.PASS);
        assertThat(level(
                        CheckCode.DRIFT,
                        a -> {
                            a.blocks = 2;
                            a.blockShift = -1.5;
                        },
                        b -> {}))
                .isEqualTo(Level.CAUTION);
    }

    @Test
    void aTestThatCannotFailIsNoPass() {
        assertThat(level(CheckCode.LEARNING, b -> b.struckOut = 1)).isEqualTo(Level.NOT_KNOWN);
        assertThat(level(CheckCode.ORDER, b -> {})).isEqualTo(Level.NOT_KNOWN);
    }

    @Test
    void aSlopingLaneDrivenOneWayAndTyresThatSetTheDistance() {
        assertThat(level(CheckCode.GRADE, a -> a.grade = 0.004, b -> b.grade = 0.004))
                .isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.GRADE, a -> a.grade = 0.002, b -> b.grade = 0.002))
                .isEqualTo(Level.PASS);
        assertThat(level(CheckCode.GRIP, a -> a.grip = true, b -> b.grip = true))
                .isEqualTo(Level.CAUTION);
        assertThat(level(CheckCode.GRIP, b -> b.grip = true)).isEqualTo(Level.PASS);
    }

    @Test
    void instrumentsThatDifferAreACaution() {
        assertThat(level(CheckCode.INSTRUMENTS, b -> b.instrument = Instrument.TAPE))
                .isEqualTo(Level.CAUTION);
        assertThat(level(
                        CheckCode.INSTRUMENTS,
                        a -> a.instrument = Instrument.TAPE,
                        b -> b.instrument = Instrument.TAPE))
                .isEqualTo(Level.PASS);
    }

    @Test
    void aStopThatLiesFarFromItsOwnIsSaidAndStillCounts() {
        assertThat(level(CheckCode.OUTLIER, b -> b.last = 6)).isEqualTo(Level.CAUTION);
        Five near = new Five();
        near.last = 0.2;
        assertThat(Checks.of(new Five().side("A"), near.side("B")))
                .extracting(Check::code)
                .doesNotContain(CheckCode.OUTLIER);
        Five far = new Five();
        far.last = 6;
        assertThat(far.side("B").values()).hasSize(5);
    }
}
