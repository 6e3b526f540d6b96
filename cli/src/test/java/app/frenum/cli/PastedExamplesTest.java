package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.formats.sheet.PastedTable;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.formats.sheet.TypedStops;
import java.nio.file.Files;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sheets that somebody else made say the same pasted as they do brought in, however the clipboard writes them. */
class PastedExamplesTest {
    @ParameterizedTest
    @CsvSource({
        "example_two_pads.csv, CSV",
        "example_two_pads.csv, TABS",
        "example_two_pads.csv, TABS_AND_COMMAS",
        "example_three_fluids.csv, CSV",
        "example_three_fluids.csv, TABS",
        "example_three_fluids.csv, TABS_AND_COMMAS"
    })
    void aPastedSheetIsTheSheet(String name, Way way) throws Exception {
        List<SheetStop> file = StopSheetReader.read(CliRun.example(name)).stops();
        PastedTable pasted = PastedTable.of(way.writes.apply(Files.readString(CliRun.example(name))));
        assertThat(pasted.isSure()).isTrue();
        assertThat(pasted.leftOut()).isEmpty();
        List<TypedStops.Column> columns = pasted.columns().stream()
                .map(c -> new TypedStops.Column(c.meaning().orElse(SheetColumn.NOTE), c.unit()))
                .toList();
        TypedStops typed = TypedStops.of(columns, pasted.rows(), List.of());
        assertThat(typed.isReadable()).isTrue();
        assertThat(typed.rows())
                .extracting(r -> r.stop().orElseThrow())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("line")
                .isEqualTo(file);
    }

    private static final String OUTSIDE_QUOTES = "(?m),(?=(?:[^\"\n]*\"[^\"\n]*\")*[^\"\n]*$)";

    /** How a program writes a table to a clipboard. */
    enum Way {
        CSV(text -> text),
        TABS(text -> text.replaceAll(OUTSIDE_QUOTES, "\t")),
        TABS_AND_COMMAS(text -> TABS.writes.apply(text).replaceAll("(\\d)\\.(\\d)", "$1,$2"));

        private final UnaryOperator<String> writes;

        Way(UnaryOperator<String> writes) {
            this.writes = writes;
        }
    }
}
