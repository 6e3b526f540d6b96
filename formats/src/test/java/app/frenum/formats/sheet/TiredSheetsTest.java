package app.frenum.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.Resolution;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.series.LikeStops;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets as tired people type them: doubles, summaries, spellings, other units, other languages. */
class TiredSheetsTest {
    @TempDir
    private Path folder;

    private StopSheet sheet(String text) throws Exception {
        return StopSheetReader.read(Files.writeString(folder.resolve("sheet.csv"), text));
    }

    @Test
    void aRowThatRepeatsAnotherOrItsNumberIsPointedAt() throws Exception {
        StopSheet sheet = sheet("""
                configuration,stop,entry speed [km/h],distance [m]
                stock,1,100,41.2
                stock,1,100,41.2
                stock,2,99,41.5
                stock,2,101,41.9
                hard,1,100,41.2
                """);
        List<Optional<SheetDoubles.Repeat>> doubles = SheetDoubles.of(sheet.stops());
        assertThat(doubles.get(1)).contains(new SheetDoubles.Repeat(0, true));
        assertThat(doubles.get(3)).contains(new SheetDoubles.Repeat(2, false));
        assertThat(List.of(doubles.get(0), doubles.get(2), doubles.get(4))).allMatch(Optional::isEmpty);
    }

    @Test
    void equalReadingsWithoutNumbersAreNoDoubles() throws Exception {
        StopSheet sheet = sheet("configuration,distance [m]\nstock,41\nstock,41\n");
        assertThat(SheetDoubles.of(sheet.stops())).allMatch(Optional::isEmpty);
    }

    @Test
    void summariesBelowTheStopsAreSkippedAndSaid() throws Exception {
        StopSheet sheet =
                sheet("configuration,distance [m]\nstock,41.2\nstock,41.6\nmean,41.4\nStd. dev.,0.28\nMittelwert,41\n");
        assertThat(sheet.stops()).hasSize(2);
        assertThat(sheet.summaries()).containsExactly("row 4 (mean)", "row 5 (std dev)", "row 6 (mittelwert)");
    }

    @Test
    void spellingsOfOneNameAreOne() {
        assertThat(SheetNames.respelled(List.of("Stock", "stock ", "Stock-pads", "stock pads", "Stöck", "C++", "C")))
                .isEqualTo(Map.of("stock ", "Stock", "stock pads", "Stock-pads", "Stöck", "Stock"));
    }

    @Test
    void milesAndFeetUnderAWrongHeaderAreNamedWithTheirFactor() throws Exception {
        Optional<Quantity> hundred = Optional.of(new Quantity(100, Unit.KILOMETRES_PER_HOUR));
        StopSheet miles = sheet("configuration,entry speed [km/h],distance [m]\na,62,41\na,61.5,42\na,62.3,41.5\n");
        assertThat(SheetUnits.suspicion(miles.stops(), hundred))
                .hasValueSatisfying(s -> assertThat(s).contains("mph", "1.61"));
        StopSheet feet = sheet("configuration,distance [m]\na,137\na,139\na,135\n");
        assertThat(SheetUnits.suspicion(feet.stops(), hundred))
                .hasValueSatisfying(s -> assertThat(s).contains("feet read as metres"));
        StopSheet right = sheet("configuration,entry speed [km/h],distance [m]\na,99,41\na,101,42\na,100,41.5\n");
        assertThat(SheetUnits.suspicion(right.stops(), hundred)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Konfiguration;Geschwindigkeit [km/h];Bremsweg [m]",
                "configuration;vitesse [km/h];distance d'arrêt [m]",
                "configuración;velocidad [km/h];distancia de frenado [m]",
                "configurazione;velocità [km/h];spazio di frenata [m]",
                "configuratie;snelheid [km/h];remweg [m]",
                "configuração;velocidade [km/h];distância de travagem [m]"
            })
    void headersOfSixLanguagesAreReadWithTheirCommas(String header) throws Exception {
        StopSheet sheet = sheet(header + "\nA;100,4;41,25\nA;99,6;41,5\n");
        assertThat(sheet.leftOut()).isEmpty();
        assertThat(sheet.stops().get(0).distance().orElseThrow().entered()).isEqualTo(41.25);
        assertThat(sheet.stops().get(0).entrySpeed().orElseThrow().entered()).isEqualTo(100.4);
    }

    @Test
    void sixtyTwoMilesAndAHundredKilometresAnHourAreOneSpeed() throws Exception {
        StopSheet sheet = sheet("""
                configuration,nominal speed,distance [m]
                a,62 mph,41.2
                a,100 km/h,41.4
                b,62 mph,40.2
                b,100 km/h,40.4
                """);
        assertThat(LikeStops.toCompare(SheetStops.of(sheet, Optional.empty()))).hasSize(1);
    }

    @Test
    void wholeNumbersWithADecimalWereReadToATenth() throws Exception {
        StopSheet tenths = sheet("configuration,distance [m]\na,44.0\na,43.0\na,45.0\n");
        StopSheet whole = sheet("configuration,distance [m]\na,44\na,43\na,45\n");
        assertThat(Resolution.of(read(tenths))).isEqualTo(0.1);
        assertThat(Resolution.of(read(whole))).isEqualTo(1);
    }

    private static List<Quantity> read(StopSheet sheet) {
        return sheet.stops().stream().map(s -> s.distance().orElseThrow()).toList();
    }
}
