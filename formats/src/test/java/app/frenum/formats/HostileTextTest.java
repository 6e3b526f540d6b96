package app.frenum.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Quantity;
import app.frenum.formats.log.LogCsvReader;
import app.frenum.formats.sheet.StopSheetReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Text made to cost more than its length; a reader whose time grows with the square takes many minutes over these. */
class HostileTextTest {
    private static final Duration FAR_MORE_THAN_NEEDED = Duration.ofSeconds(20);
    private static final int LONG = 200_000;

    @TempDir
    private Path folder;

    static Stream<String> longOnes() {
        return Stream.of(
                "1".repeat(LONG),
                "1".repeat(LONG) + "x",
                "1.".repeat(LONG / 2),
                " ".repeat(LONG) + "x",
                "[".repeat(LONG),
                "(".repeat(LONG / 2) + ")".repeat(LONG / 2),
                "+".repeat(LONG),
                "Z".repeat(LONG),
                "-12:00".repeat(LONG / 6),
                "\t".repeat(LONG));
    }

    private Path log(String text) throws Exception {
        return Files.writeString(folder.resolve("x.csv"), text);
    }

    @ParameterizedTest
    @MethodSource("longOnes")
    void aLongCellIsRefusedAtOnce(String cell) {
        assertTimeoutPreemptively(FAR_MORE_THAN_NEEDED, () -> {
            refused(log("time [s],speed [km/h]\n0," + quoted(cell) + "\n1,2\n"));
            refused(log("time [s],speed [km/h]\n" + quoted(cell) + ",1\n1,2\n"));
        });
    }

    @ParameterizedTest
    @MethodSource("longOnes")
    void aLongHeaderIsRefusedAtOnce(String cell) {
        String shorter = cell.substring(0, 16_000);
        assertTimeoutPreemptively(FAR_MORE_THAN_NEEDED, () -> {
            refused(log("time [s]," + quoted(shorter) + "\n0,1\n"));
            assertThatThrownBy(() -> StopSheetReader.read(log("configuration," + quoted(shorter) + "\nA,1\n")))
                    .isInstanceOf(BadInput.class);
            StopSheetReader.looksLikeSheet(log(shorter + "\n"));
        });
    }

    private static String quoted(String cell) {
        return "\"" + cell + "\"";
    }

    private static void refused(Path file) {
        assertThatThrownBy(() -> LogCsvReader.read(file, Map.of(), n -> {})).isInstanceOf(BadInput.class);
    }

    @ParameterizedTest
    @MethodSource("longOnes")
    void aLongQuantityIsRefusedAtOnce(String text) {
        assertTimeoutPreemptively(
                FAR_MORE_THAN_NEEDED,
                () -> assertThatThrownBy(() -> Quantity.parse(text, Dimension.SPEED))
                        .isInstanceOf(IllegalArgumentException.class));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "speed [km/h]|speed|km/h",
                "speed (km/h) |speed|km/h",
                "  speed  |speed|''",
                "speed [km/h|speed [km/h|''",
                "speed] [km/h]|speed]|km/h",
                "a [b] (c)|a [b]|c",
                "[s]|''|s",
                "disc [front [°C]|disc|front [°C",
                "]|]|''",
                "''|''|''"
            })
    void aHeaderCellIsANameAndTheLastBracketsAreItsUnit(String cell, String name, String unit) {
        assertThat(HeaderCell.of(cell)).isEqualTo(new HeaderCell(name, unit));
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u0001", "\u007F", "\u0085", "\uFFFE", "\uFDD0", "\uD800"})
    void whatCannotBeShownIsRefusedWithItsPlace(String foreign) {
        assertThat(PlainText.firstForeign("Tarn" + foreign + "2.0")).isPresent();
        assertThat(PlainText.cleaned("Tarn" + foreign + " 2.0")).isEqualTo("Tarn 2.0");
    }

    @Test
    void plainTextOfAnyLanguageStaysAsItIs() {
        String text = "Søn 制動 “Marrow Flats”\n\t– 180 kg \uD83D\uDE97";
        assertThat(PlainText.firstForeign(text)).isEmpty();
        assertThat(PlainText.cleaned(text)).isSameAs(text);
    }

    @Test
    void aNoteThatCannotBeShownIsRefusedByLineAndColumn() throws Exception {
        assertThatThrownBy(() ->
                        StopSheetReader.read(log("configuration,distance [m],note\nA,44.1,fine\nA,44.2,bad\u0002\n")))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("line 3, column 3")
                .hasMessageContaining("U+0002");
    }
}
