package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.compare.CheckFinding;
import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.finding.Term;
import app.frenum.core.finding.UnitSystem;
import com.ibm.icu.text.MessagePattern;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every code has words, of exactly its parameters, in both systems of units. */
class WordingTest {
    private static final ResourceBundle CATALOGUE =
            ResourceBundle.getBundle("app.frenum.formats.words.findings", Locale.ENGLISH);
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);
    private static final Wording IMPERIAL = Wording.in(UnitSystem.IMPERIAL);

    static Stream<FindingCode> codes() {
        return Catalogue.codes().stream();
    }

    @ParameterizedTest
    @MethodSource("codes")
    void everyCodeHasWordsOfItsParameters(FindingCode code) {
        MessagePattern pattern = new MessagePattern(CATALOGUE.getString(code.key()));
        Set<String> spoken = IntStream.range(0, pattern.countParts())
                .mapToObj(pattern::getPart)
                .filter(p -> p.getType() == MessagePattern.Part.Type.ARG_NAME)
                .map(pattern::getSubstring)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(spoken).isEqualTo(new TreeSet<>(code.parameters()));
        Term[] samples = code.parameters().stream().map(WordingTest::sample).toArray(Term[]::new);
        assertThat(METRIC.text(Finding.of(code, samples))).doesNotContain("{", "null");
        assertThat(METRIC.text(Finding.of(code, samples)).isBlank())
                .as("what says nothing is called so")
                .isEqualTo(code.name().equals("NOTHING"));
        assertThat(IMPERIAL.text(Finding.of(code, samples))).doesNotContain("°C", "{");
    }

    /** What there are n of is counted; anything else may be an amount. */
    private static Term sample(String parameter) {
        return parameter.equals("n") ? Term.count(2) : new Term.Amount(AmountKind.TEMPERATURE, 90, 1);
    }

    @Test
    void noWordsAreForNothing() {
        Set<String> keys = codes().map(FindingCode::key).collect(Collectors.toSet());
        assertThat(CATALOGUE.keySet().stream().filter(k -> !k.startsWith("between.")))
                .isSubsetOf(keys);
    }

    /** As many digits as the step deserves, in the reader's unit too. */
    @ParameterizedTest
    @CsvSource({
        "SPEED, 25, 0.027778, 90.0 km/h, 55.9 mph",
        "DISTANCE, 40.256, 0.01, 40.26 m, 132.1 ft",
        "DISTANCE, 40.256, 0.5, 40 m, 132 ft",
        "DECELERATION, 7.126, 0.01, 7.13 m/s², 23.4 ft/s²",
        "PRESSURE, 2.412, 0.01, 2.41 bar, 35.0 psi",
        "TEMPERATURE, -3.2, 1, −3 °C, 26 °F",
        "TEMPERATURE_DIFFERENCE, 25, 1, 25 °C, 45 °F",
        "MASS, 7, 1, 7 kg, 15 lb",
        "MINUTES, 600, 60, 10 min, 10 min",
        "SHARE, 0.0034, 0.001, 0.3 %, 0.3 %",
        "TIME, 3.456, 0.01, 3.46 s, 3.46 s"
    })
    void amountsAreInTheReadersUnits(AmountKind kind, double inside, double step, String metric, String imperial) {
        Finding said = Finding.of(CheckFinding.BOTH, new Term.Amount(kind, inside, step));
        assertThat(METRIC.text(said)).isEqualTo("both " + metric);
        assertThat(IMPERIAL.text(said)).isEqualTo("both " + imperial);
    }

    @Test
    void zeroHasNoMinus() {
        Finding said = Finding.of(CheckFinding.BOTH, new Term.Amount(AmountKind.DISTANCE, -0.001, 0.01));
        assertThat(METRIC.text(said)).isEqualTo("both 0.00 m");
    }

    @Test
    void pluralsNamesAndSentencesWithinSentences() {
        assertThat(METRIC.text(Finding.of(CheckFinding.OUTLIERS, Term.name("A"), Term.count(1), Term.count(8))))
                .isEqualTo("A: 1 of 8 lies far from the rest; it still counts");
        assertThat(METRIC.text(Finding.of(CheckFinding.OUTLIERS, Term.name("A"), Term.count(2), Term.count(8))))
                .contains("2 of 8 lie far")
                .endsWith("they still count");
        Finding a = Finding.of(CheckFinding.STEADILY_SHORTER, Term.name("{n}'s"));
        Finding b = Finding.of(CheckFinding.STEADILY_LONGER, Term.name("B"));
        assertThat(METRIC.text(Finding.of(CheckFinding.TOO_FEW_TO_TELL_BUT, Finding.all(List.of(a, b)))))
                .isEqualTo("too few stops to tell; {n}'s: each shorter than the last; B: each longer than the last");
        assertThat(METRIC.text(Finding.of(CheckFinding.BY_INSTRUMENTS, Term.names(List.of("tape", "wheel")))))
                .isEqualTo("both by tape and wheel");
        assertThat(METRIC.text(Finding.of(CheckFinding.BY_INSTRUMENTS, Term.names(List.of("tape", "wheel", "eye")))))
                .isEqualTo("both by tape, wheel, and eye");
    }

    @Test
    void aFindingHasJustItsTerms() {
        assertThatThrownBy(() -> Finding.of(CheckFinding.AGAINST, Term.name("one")))
                .hasMessageContaining("CheckFinding.AGAINST speaks of [a, b]");
    }
}
