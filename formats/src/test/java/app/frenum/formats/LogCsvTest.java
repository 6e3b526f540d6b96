package app.frenum.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.log.HealthCode;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Role;
import app.frenum.core.log.SampleBlock;
import app.frenum.formats.log.LogCsvReader;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.words.Wording;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogCsvTest {
    @TempDir
    private Path folder;

    private LogFile read(String text) throws Exception {
        return LogCsvReader.read(Files.writeString(folder.resolve("log.csv"), text), Map.of(), n -> {});
    }

    @Test
    void notesUnitsSeparatorsAndMissingMarksAreUnderstood() throws Exception {
        try (LogFile log = read(
                "# car: estate\n\nzeit;\n".replace("zeit;\n", "")
                        + "time [ms];speed [km/h];Brake_Pressure_F [psi];RPM\n0;36,0;--;900\n10;n/a;145,0;x\n20;72,0;0;910\n")) {
            assertThat(log.header().notes()).containsEntry("car", "estate");
            assertThat(log.log().times(0, 3)).containsExactly(0, 0.01, 0.02);
            assertThat(log.log().values(0, 0, 3)).containsExactly(10, Double.NaN, 20);
            assertThat(log.log().channels())
                    .extracting(c -> c.role())
                    .containsExactly(Role.SPEED, Role.PRESSURE_FRONT, Role.EXTRA);
            assertThat(log.log().values(1, 1, 2)[0]).isBetween(9.99, 10.0);
        }
    }

    @Test
    void isoTimesCountFromTheFirstRow() throws Exception {
        try (LogFile log = read(
                "timestamp,speed [m/s]\n2026-06-20T10:00:00.000Z,1\n2026-06-20T10:00:00.040Z,1\n2026-06-20T10:01:00Z,2\n")) {
            assertThat(log.log().times(0, 3)).containsExactly(0, 0.04, 60);
        }
    }

    @Test
    void usableFlawsAreLeftOutAndReported() throws Exception {
        StringBuilder text = new StringBuilder("time [s],speed [m/s],brake switch\n");
        for (int i = 0; i < 400; i++) {
            text.append("%.2f,%d,%s%n".formatted(i * 0.01, i / 5, i > 100 ? "on" : "off"));
        }
        String flawed =
                text.toString().replace("1.00,20,off", "1.00,20,off\n1.00,20,off\n1.00,19,off\n1.005,5") + "4.00,7";
        try (LogFile log = read(flawed)) {
            assertThat(log.log().rows()).isEqualTo(400);
            assertThat(log.health())
                    .extracting(HealthFinding::code)
                    .containsExactlyInAnyOrder(
                            HealthCode.DUPLICATE_ROWS,
                            HealthCode.TIME_REPEATS,
                            HealthCode.RAGGED_ROW,
                            HealthCode.TRUNCATED_LAST_ROW);
        }
    }

    @Test
    void aLogOfManyBlocksReadsBackAsItWasWritten() throws Exception {
        Random random = new Random(1);
        int n = 3 * SampleBlock.ROWS + 17;
        StringBuilder text = new StringBuilder("time [s],speed [m/s]\n");
        double[] speed = new double[n];
        for (int i = 0; i < n; i++) {
            speed[i] = Math.round(random.nextDouble() * 1e5) / 1e3;
            text.append(i * 10 / 1000.0).append(',').append(speed[i]).append('\n');
        }
        try (LogFile log = read(text.toString())) {
            assertThat(log.log().values(0, 0, n)).containsExactly(speed);
            assertThat(log.log().rowAt(40.96)).isEqualTo(4096);
            assertThat(log.log().rowAt(1e9)).isEqualTo(n);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "12.34",
        "-0.5",
        "1e3",
        "1.5E-4",
        "123456789012345678",
        ".5",
        "-7",
        "0.1000000000000000055511151231257827"
    })
    void numbersReadAsJavaReadsThem(String text) {
        assertThat(NumberText.parse(text, '.')).isEqualTo(Double.parseDouble(text));
    }

    @ParameterizedTest
    @CsvSource({"1.2.3", "0x10", "1e99999", "Infinity", "12f", "+", "=2"})
    void whatIsNoNumberIsNone(String text) {
        assertThat(NumberText.parse(text, '.')).isEqualTo(NumberText.NOT_A_NUMBER);
    }

    @Test
    void quotesThatNeverCloseAreRefusedWithoutReadingTheRestIntoOneCell() {
        assertThatThrownBy(() -> read("time [s],speed [m/s]\n0,1\n0.1,\"2\n0.2,3\n"))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("line 3");
    }

    @Test
    void aTimeThatStandsStillIsRefusedWithItsPlace() {
        StringBuilder text = new StringBuilder("time [s],speed [m/s]\n");
        for (int i = 0; i < 500; i++) {
            text.append(i / 100).append(',').append(30 - i * 0.01).append('\n');
        }
        assertThatThrownBy(() -> read(text.toString()))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("line 3, column 1")
                .hasMessageContaining("time stands still: 495 of 500 rows");
    }

    @Test
    void aColumnThatIsThereTwiceIsNamedAndTheFirstIsRead() throws Exception {
        try (LogFile log = read("time [s],speed [m/s],vehicle speed [m/s]\n0,10,20\n1,11,21\n")) {
            assertThat(log.log().channels()).extracting(c -> c.role()).containsExactly(Role.SPEED, Role.EXTRA);
            assertThat(log.health()).singleElement().satisfies(f -> {
                assertThat(f.code()).isEqualTo(HealthCode.COLUMN_TWICE);
                assertThat(Wording.in(UnitSystem.METRIC).text(f.finding()))
                        .contains("columns 2 and 3 (\"vehicle speed\")")
                        .contains("column 2 is the one");
            });
        }
    }

    @ParameterizedTest
    @CsvSource({"3", "4000"}) // in what is looked at first, and far behind it
    void aNulByteNamesItsLine(int line) {
        StringBuilder text = new StringBuilder("time [s],speed [m/s]\n");
        for (int i = 2; i <= 5000; i++) {
            text.append(i).append(',').append(i == line ? "1\0" : "1.25").append(",a long note\n");
        }
        assertThatThrownBy(() -> read(text.toString().replace("[m/s]\n", "[m/s],note\n")))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("line " + line);
    }
}
