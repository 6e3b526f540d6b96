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
import app.frenum.formats.signature.SigningKey;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VerdictFileTest {
    private static final SigningKey KEY = SigningKey.generate();

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
                "2026-06-20T12:00:00Z",
                new SignedAs("ENGINEER", FrozenVerdict.RULES, "bench"));
    }

    private static VerdictFile.Verified read(String text) throws BadInput, IOException {
        return VerdictFile.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void comesBackAsItWasSignedAndFollowsFromItsStops() throws Exception {
        FrozenVerdict verdict = signed();
        assertThat(verdict.figures().verdict()).isEqualTo(Verdict.GAIN_SHOWN);
        VerdictFile.Verified found = read(VerdictFile.sign(verdict, KEY));
        assertThat(found.verdict()).isEqualTo(verdict);
        assertThat(found.key()).contains(KEY.verifyingKey());
        assertThat(found.isUnaltered()).isTrue();
        assertThat(found.isReproduced()).isTrue();
        // The order and the spaces of the text do not count, what it says does.
        assertThat(read(VerdictFile.sign(verdict, KEY).replaceAll("\\n\\s*", ""))
                        .isUnaltered())
                .isTrue();
    }

    @Test
    void figuresThatDoNotFollowFromTheStopsAreSeenWhoeverSignedThem() throws Exception {
        String text = VerdictFile.sign(signed(), KEY);
        VerdictFile.Verified longer = read(text.replaceFirst("\"value\" : 43.2", "\"value\" : 44.9"));
        assertThat(longer.isUnaltered()).isFalse();
        VerdictFile.Verified forged = read(VerdictFile.sign(longer.verdict(), KEY));
        assertThat(forged.isUnaltered()).isTrue();
        assertThat(forged.isReproduced()).isFalse();
    }

    /** Every value of the file changed, every name, every entry taken out, and every letter of the signature. */
    @Test
    void everySingleChangeIsRefused() throws Exception {
        String text = VerdictFile.sign(signed(), KEY);
        List<String> changed = Changes.of(text);
        assertThat(changed).hasSizeGreaterThan(400).doesNotContain(text);
        for (String one : changed) {
            assertThat(isRefused(one)).as(one).isTrue();
        }
        // Two values of one name: which of them counts would be the reader's choice.
        assertThatThrownBy(() -> read(text.replaceFirst("\"question\"", "\"question\" : \"Other?\", \"question\"")))
                .isInstanceOf(BadInput.class);
    }

    private static boolean isRefused(String text) throws IOException {
        try {
            return !read(text).isUnaltered();
        } catch (BadInput e) {
            return true;
        }
    }

    @Test
    void anotherKeyGivesAnotherSignatureAndSaysSo() throws Exception {
        SigningKey other = SigningKey.generate();
        VerdictFile.Verified found = read(VerdictFile.sign(signed(), other));
        assertThat(found.isUnaltered()).isTrue();
        assertThat(found.key()).contains(other.verifyingKey()).isNotEqualTo(Optional.of(KEY.verifyingKey()));
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
