package app.frenum.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.sheet.CellFault;
import app.frenum.formats.sheet.PastedTable;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.TypedStops;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What lies on people's clipboards. */
class PastedTableTest {
    private static PastedTable paste(String text) throws BadInput {
        return PastedTable.of(text);
    }

    private static String meanings(PastedTable table) {
        return table.columns().stream()
                .map(c -> c.meaning().map(SheetColumn::title).orElse("?")
                        + c.unit().map(u -> " [" + u.symbol() + "]").orElse(""))
                .collect(Collectors.joining(", "));
    }

    /** As the grid takes it, with a unit where the table has none. */
    private static TypedStops typed(PastedTable table, Unit distance) {
        List<TypedStops.Column> columns = table.columns().stream()
                .map(c -> new TypedStops.Column(
                        c.meaning().orElse(SheetColumn.NOTE),
                        c.unit()
                                .or(() -> c.meaning()
                                        .filter(SheetColumn.DISTANCE::equals)
                                        .map(m -> distance))
                                .or(() -> c.meaning().flatMap(SheetColumn::usualUnit))))
                .toList();
        return TypedStops.of(columns, table.rows(), List.of("old pads", "new pads"));
    }

    private static List<Double> metres(TypedStops stops) {
        return stops.rows().stream()
                .map(r -> Math.round(100
                                * r.stop()
                                        .orElseThrow()
                                        .distance()
                                        .orElseThrow()
                                        .inside())
                        / 100.0)
                .toList();
    }

    @Test
    void aSpreadsheetWithHeaderAndUnitsLandsWithoutAsking() throws BadInput {
        PastedTable t = paste(
                "Setup\tSpeed (km/h)\tStopping distance [m]\tNotes\nold pads\t100\t44.1\t\nnew pads\t99\t42.8\tgusty\n");
        assertThat(t.isSure()).isTrue();
        assertThat(meanings(t)).isEqualTo("configuration, entry speed [km/h], distance [m], note");
        assertThat(metres(typed(t, Unit.METRES))).containsExactly(44.1, 42.8);
    }

    @Test
    void decimalCommasBesideTabs() throws BadInput {
        PastedTable t = paste("Pads\tDistance, m\r\nA\t44,1\r\nA\t44,35\r\nB\t41,9\r\n");
        assertThat(t.isSure()).isTrue();
        TypedStops stops = typed(t, Unit.METRES);
        assertThat(metres(stops)).containsExactly(44.1, 44.35, 41.9);
        assertThat(stops.rows().get(2).stop().orElseThrow().configuration()).isEqualTo("new pads");
    }

    @Test
    void unitsInEveryCellDecideWhatAColumnIs() throws BadInput {
        PastedTable t = paste("old\t60 mph\t145 ft\nold\t60 mph\t146 ft\nnew\t61 mph\t139ft\nnew\t60 mph\t140 ft\n");
        assertThat(t.isSure()).isFalse();
        assertThat(meanings(t)).isEqualTo("configuration, entry speed, distance");
        assertThat(metres(typed(t, Unit.METRES))).containsExactly(44.2, 44.5, 42.37, 42.67);
    }

    @Test
    void oneColumnOfStopwatchTimes() throws BadInput {
        PastedTable t = paste("3.4 s\n3.6 s\n3.5 s\n");
        assertThat(t.isSure()).isTrue();
        assertThat(meanings(t)).isEqualTo("time");
        assertThat(typed(t, Unit.METRES)
                        .rows()
                        .get(1)
                        .stop()
                        .orElseThrow()
                        .time()
                        .orElseThrow()
                        .entered())
                .isEqualTo(3.6);
    }

    @Test
    void bareNumbersInOneColumnAreAskedAbout() throws BadInput {
        PastedTable t = paste("44,1\n43,9\n44,0\n");
        assertThat(t.isSure()).isFalse();
        assertThat(t.rows()).containsExactly(List.of("44,1"), List.of("43,9"), List.of("44,0"));
        assertThat(meanings(t)).isEqualTo("?");
    }

    @Test
    void mergedHeadersOverThreeRows() throws BadInput {
        PastedTable t = paste("""
                Marrow Flats\t\tbefore\t\tafter
                setup\tdistance\tFL\tFR\tFL\tFR\tread after
                \tm\t°C\t°C\t°C\t°C\ts
                A\t44.1\t90\t92\t310\t305\t40
                B\t43.0\t88\t91\t290\t287\t35
                """);
        assertThat(meanings(t))
                .isEqualTo("configuration, distance [m], start temperature front left [°C],"
                        + " start temperature front right [°C], end temperature front left [°C],"
                        + " end temperature front right [°C], seconds after rest [s]");
        SheetStop b = typed(t, Unit.METRES).rows().get(1).stop().orElseThrow();
        assertThat(b.endTemperatures()).hasSize(2);
        assertThat(b.secondsAfterRest().orElseThrow().entered()).isEqualTo(35);
    }

    @Test
    void sumsBelowAreLeftOutAndNamed() throws BadInput {
        PastedTable t = paste("Which\tDistance (ft)\nA\t145\nA\t147\nB\t140\n\nAverage\t144\nStd. Dev.\t3.6\nn\t3\n");
        assertThat(t.rows()).hasSize(3);
        assertThat(t.leftOut()).extracting(PastedTable.LeftOut::row).contains(6, 7);
        assertThat(t.leftOut().get(0).why()).contains("average");
    }

    @Test
    void anEnDashIsAnEmptyCell() throws BadInput {
        TypedStops stops = typed(paste("config\tdistance [m]\ttime [s]\nA\t44.1\t–\nB\t43.2\t—\n"), Unit.METRES);
        assertThat(stops.isReadable()).isTrue();
        assertThat(stops.rows().get(0).stop().orElseThrow().time()).isEmpty();
    }

    @Test
    void quotedCellsKeepTheirTabsAndLines() throws BadInput {
        PastedTable t = paste("config\tdistance [m]\tnote\nA\t44.1\t\"late,\nthen \"\"hard\"\"\"\nA\t44.3\t\n");
        assertThat(t.rows().get(0)).containsExactly("A", "44.1", "late, then \"hard\"");
    }

    @Test
    void csvTextWithSemicolonsAndCommas() throws BadInput {
        PastedTable t = paste("Variant;Bremsweg [m];Speed [km/h]\nalt;44,1;100\nneu;42,9;101\n");
        assertThat(meanings(t)).isEqualTo("configuration, distance [m], entry speed [km/h]");
        assertThat(t.columns().get(1).sure()).isTrue();
        assertThat(metres(typed(t, Unit.METRES))).containsExactly(44.1, 42.9);
    }

    @Test
    void aNumberedListWithEmptyConfigurationsBelowTheFirst() throws BadInput {
        PastedTable t = paste("No.\tPads\tDist (m)\n1\told pads\t44.1\n2\t\t44.4\n3\tnew pads\t42.7\n4\t\t42.9\n");
        assertThat(t.isSure()).isTrue();
        assertThat(typed(t, Unit.METRES).rows())
                .extracting(r -> r.stop().orElseThrow().configuration())
                .containsExactly("old pads", "old pads", "new pads", "new pads");
    }

    @Test
    void aRowThatCannotBeReadStillSaysOfWhichThoseBelowAre() {
        List<TypedStops.Column> columns = List.of(
                new TypedStops.Column(SheetColumn.CONFIGURATION, Optional.empty()),
                new TypedStops.Column(SheetColumn.DISTANCE, Optional.of(Unit.METRES)));
        List<List<String>> cells = List.of(
                List.of("", "44.1"),
                List.of("b", "4O.0"),
                List.of("", "40.1"),
                List.of("", "?"),
                List.of("", "40.2"),
                List.of("A", ""),
                List.of("", "44.2"),
                List.of());
        assertThat(TypedStops.of(columns, cells, List.of("old", "new")).rows())
                .extracting(r -> r.stop().map(SheetStop::configuration).orElse("-"))
                .containsExactly("old", "-", "new", "-", "new", "-", "old", "-");
    }

    @Test
    void twoColumnsOfOneMeaningAreAskedAbout() throws BadInput {
        PastedTable t = paste("config\tdistance [m]\tdistance [ft]\nA\t44.1\t144.7\n");
        assertThat(t.isSure()).isFalse();
        assertThat(meanings(t)).isEqualTo("configuration, distance [m], ? [ft]");
    }

    @Test
    void aTitleThatItsUnitContradictsIsNotBelieved() throws BadInput {
        assertThat(meanings(paste("config\tV [m]\nA\t44.1\n"))).isEqualTo("configuration, distance [m]");
    }

    @Test
    void whatCannotBeTakenIsSaidOfItsCell() throws BadInput {
        TypedStops stops = typed(
                paste("config\tdistance [m]\tspeed [km/h]\tpedal\nA\t4O.1\t1000\tspongy\nA\t44.1 s\t100\thard\n"),
                Unit.METRES);
        assertThat(stops.rows().get(0).faults())
                .extracting(CellFault::column)
                .contains(Optional.of(SheetColumn.DISTANCE), Optional.of(SheetColumn.ENTRY_SPEED));
        assertThat(stops.rows().get(1).faults().get(0).problem()).contains("\"44.1 s\" is not in a unit of distance");
        assertThat(stops.isReadable()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   \n\t\n", "config\tdistance [m]\n", "a\u0001\t1\n"})
    void whatIsNoTableIsRefused(String text) {
        assertThatThrownBy(() -> paste(text)).isInstanceOf(BadInput.class);
    }

    @Test
    void aHugeClipboardIsRefusedQuickly() {
        assertThatThrownBy(() -> paste("1\t".repeat(600_000))).hasMessageContaining("file");
        assertThatThrownBy(() -> paste("1\n".repeat(3_000))).hasMessageContaining("rows");
    }
}
