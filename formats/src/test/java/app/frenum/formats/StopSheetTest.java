package app.frenum.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.compare.Instrument;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.formats.sheet.StopSheetWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StopSheetTest {
    @TempDir
    private Path folder;

    private List<SheetStop> read(String text) throws IOException, BadInput {
        return StopSheetReader.read(Files.writeString(folder.resolve("sheet.csv"), text))
                .stops();
    }

    @Test
    void writtenAndReadAgainItIsTheSame() throws Exception {
        List<SheetStop> stops = read("""
                configuration,series,stop,date,basis,instrument,nominal speed [mph],entry speed [mph],distance [ft],start temperature front left [°F],surface,ambient [°C],tyre pressure front [psi],struck out,reason,note
                "pads, \"\"B\"\"\",2,7,2026-05-01,ONSET_TO_REST,wheel,60,60.5,151.25,212,dry,14.5,35,x,wind,"'=HYPERLINK(1)"
                plain,1,,,,,60,,149,,damp,,,,,
                """);
        StringWriter out = new StringWriter();
        StopSheetWriter.write(stops, out);
        List<SheetStop> again = read(out.toString());
        assertThat(again).usingRecursiveComparison().ignoringFields("line").isEqualTo(stops);
        assertThat(stops.get(0).note()).contains("=HYPERLINK(1)");
        assertThat(out.toString()).contains("'=HYPERLINK(1)");
    }

    @Test
    void decimalCommasAndSemicolonsAreFoundByLooking() throws Exception {
        List<SheetStop> stops =
                read("\uFEFFconfiguration;distance [m];struck out\nA;41,25;nein\n".replace("nein", "no"));
        assertThat(stops.get(0).distance().orElseThrow().entered()).isEqualTo(41.25);
    }

    @Test
    void tyresAreColdOrWarmAsSaidOrAsRead() throws Exception {
        List<SheetStop> stops = read(
                "configuration,distance [m],tyres,tread temperature [°F],air [°C]\nA,40,w,,14\nA,41,,140,14\nA,42,,140,\nA,43,,,14\n");
        assertThat(stops)
                .extracting(s -> s.entry().surroundings().tyres())
                .containsExactly(
                        Optional.of(TyreState.WARM), Optional.of(TyreState.WARM), Optional.empty(), Optional.empty());
        assertThatThrownBy(() -> read("configuration,distance [m],tyres\nA,40,62\n"))
                .hasMessageContaining("Use cold or warm; degrees belong into \"tyre temperature\"");
    }

    @Test
    void whichAxleLockedFirstIsReadAsPeopleWriteIt() throws Exception {
        List<SheetStop> stops = read("configuration,distance [m],lock up\nA,40,f\nA,41,Rear first\nA,42,none\nA,43,\n");
        assertThat(stops)
                .extracting(SheetStop::lockedFirst)
                .containsExactly(Optional.of(Axle.FRONT), Optional.of(Axle.REAR), Optional.empty(), Optional.empty());
    }

    @Test
    void timesAloneMakeAStopwatchSeries() throws Exception {
        SheetStop stop =
                read("configuration,nominal speed [km/h],time [s]\nA,72,2.9\n").get(0);
        assertThat(stop.basis()).isEqualTo(DistanceBasis.TIME_ONLY);
        assertThat(stop.instrument()).isEqualTo(Instrument.STOPWATCH);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "configuration,distance [m],struck out\\nA,40,maybe|line 2, column 3",
                "configuration,distance [m],basis\\nA,40,cone|line 2, column 3",
                "configuration,distance [m],locked first\\nA,40,left|Use front, rear",
                "configuration,distance [m],basis\\nA,40,ONSET_TO_REST\\nA,40,SPEED_WINDOW|line 3, column 3",
                "configuration,distance [m]\\nA,-4|must be",
                "configuration,distance [m]\\nA,4O|line 2, column 2",
                "configuration,distance [m],entry speed [km/h]\\nA,40,1004|must be",
                "configuration,distance\\nA,40|has no unit",
                "configuration,distance [s]\\nA,40|not a unit",
                "configuration,note\\nA,x|needs a column \"distance [m]\" or \"time [s]\"",
                "wheel,brake dist. [m]\\nA,40|Nearest here: \"brake dist.\" for \"distance\"",
                "distance [m]\\n40|\"configuration\"",
                "configuration,distance [m]\\n,40|line 2, column 1",
                "configuration,distance [m]\\nA,|neither a distance nor a time",
                "configuration,distance [m]|no stops"
            })
    void whatCannotBeTakenIsRefusedWithItsPlace(String text, String message) {
        assertThatThrownBy(() -> read(text.replace("\\n", "\n")))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(message);
    }
}
