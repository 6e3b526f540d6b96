package app.frenum.formats.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import app.frenum.core.compare.Verdict;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import app.frenum.formats.BadInput;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VerdictFileTest {
    private static FrozenStop stop(double metres) {
        return new FrozenStop(
                metres,
                0.02,
                25.0,
                null,
                null,
                80.0,
                null,
                null,
                ComparedStop.Status.COUNTS,
                Set.of(FlagCode.NO_PRESSURE),
                "mark",
                Instrument.TAPE,
                null,
                "dry",
                "2026-06-20",
                null,
                null,
                1,
                false,
                0,
                null,
                null,
                null);
    }

    private static FrozenSide side(String name, double... metres) {
        return new FrozenSide(
                name,
                DistanceBasis.ONSET_TO_REST,
                25.0,
                null,
                Map.of("pads", "changed"),
                Set.of(),
                0.01,
                Arrays.stream(metres).mapToObj(VerdictFileTest::stop).toList());
    }

    private static FrozenVerdict signed() {
        List<FrozenSide> sides = List.of(
                side("As bought", 45, 45.2, 44.8, 45.1),
                side("Pads, \"grün\"", 43, 43.2, 42.8, 43.1),
                side("C", 45, 45.1, 44.9, 45.2));
        List<Side> thawed = sides.stream().map(FrozenSide::thawed).toList();
        return new FrozenVerdict(
                FrozenVerdict.FORMAT,
                FrozenVerdict.VERSION,
                "Do they help?",
                "Tarn 2.0",
                1,
                false,
                0,
                sides,
                1,
                FrozenVerdict.figures(thawed, 1, new Margin(1, false), Look.COMPLETE),
                7,
                6,
                "Club driver",
                "2026-06-20T12:00:00Z");
    }

    private static VerdictFile.Verified read(String text) throws BadInput, IOException {
        return VerdictFile.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void comesBackAsItWasSignedAndFollowsFromItsStops() throws Exception {
        FrozenVerdict verdict = signed();
        assertThat(verdict.figures().verdict()).isEqualTo(Verdict.GAIN_SHOWN);
        VerdictFile.Verified found = read(VerdictFile.write(verdict));
        assertThat(found.verdict()).isEqualTo(verdict);
        assertThat(found.isAsSigned()).isTrue();
        assertThat(found.comesToTheSame()).isTrue();
        // The order and the spaces of the text do not count, what it says does.
        assertThat(read(VerdictFile.write(verdict).replaceAll("\\n\\s*", "")).isAsSigned())
                .isTrue();
    }

    @Test
    void aLetterThatWasChangedIsSeenAndSoIsAFigureWithANewChecksum() throws Exception {
        String text = VerdictFile.write(signed());
        assertThat(read(text.replace("Club driver", "Club secretary")).isAsSigned())
                .isFalse();
        VerdictFile.Verified longer = read(text.replaceFirst("\"value\" : 43.2", "\"value\" : 44.9"));
        assertThat(longer.isAsSigned()).isFalse();
        assertThat(longer.comesToTheSame()).isFalse();
        VerdictFile.Verified forged = read(VerdictFile.write(longer.verdict()));
        assertThat(forged.isAsSigned()).isTrue();
        assertThat(forged.comesToTheSame())
                .as("figures that do not follow from the stops")
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "[]",
                "{}",
                "{\"verdict\": 3}",
                "{\"verdict\": {\"format\": \"frenum-verdict\"}}",
                "{\"verdict\": {\"format\": \"frenum-verdict\", \"sides\": [], \"candidate\": 1}}",
                "{\"verdict\": {\"format\": \"frenum-verdict\", \"run\": \"rm\"}}"
            })
    void whatIsNoVerdictIsRefused(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(BadInput.class).hasMessageContaining("not a signed verdict");
    }
}
