package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.fade.CauseReading;
import app.frenum.core.fade.FadeAnswer;
import app.frenum.core.fade.FadeCause;
import app.frenum.core.fade.FadeDifference;
import app.frenum.core.fade.FadeMeasure;
import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.FadeStudy;
import app.frenum.core.fade.OnsetFit;
import app.frenum.core.fade.TrendLine;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Figure;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/** What a series read for fade comes to, in words. */
class FadeAnswerTest {
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);
    private static final Wording IMPERIAL = Wording.in(UnitSystem.IMPERIAL);
    private static final Figure NONE = Figure.unknown("few stops");
    private static final OnsetFit SEEN = onset(true, 355);
    private static final OnsetFit NOT_SEEN = onset(false, 355);

    private static OnsetFit onset(boolean accepted, double at) {
        return new OnsetFit(
                accepted,
                Figure.of(at),
                Figure.of(at - 8),
                Figure.of(at + 8),
                Figure.of(1),
                Figure.of(0.0029),
                NONE,
                NONE,
                Figure.of(300));
    }

    private static final TrendLine NO_LINE = new TrendLine(NONE, NONE, NONE);

    private static FadeStudy study(Figure late, OnsetFit onset, FadeCause cause, Figure growth, Figure half) {
        return study(late, onset, cause, growth, half, NO_LINE, NONE, NO_LINE);
    }

    private static FadeStudy study(
            Figure late,
            OnsetFit onset,
            FadeCause cause,
            Figure growth,
            Figure half,
            TrendLine perStop,
            Figure p,
            TrendLine per100C) {
        CauseReading reading =
                new CauseReading(cause, late, NONE, NONE, NONE, false, CauseReading.Confidence.GOOD, List.of());
        return new FadeStudy(
                FadeMeasure.PER_BAR,
                List.of(0, 1, 2),
                NONE,
                NONE,
                NONE,
                List.of(),
                List.of(),
                perStop,
                p,
                per100C,
                onset,
                growth,
                half,
                Figure.of(10),
                reading,
                List.of(),
                NONE);
    }

    private static String sentence(Figure late, OnsetFit onset, FadeCause cause) {
        return METRIC.text(
                FadeAnswer.of(study(late, onset, cause, NONE, NONE), "A").sentence());
    }

    @Test
    void saysWhatItLostAndFromWhenOn() {
        assertThat(sentence(Figure.of(0.71), SEEN, FadeCause.PAD))
                .isEqualTo("A fades from 355 °C on and loses 29 % by its last three stops.");
        assertThat(sentence(Figure.of(0.99), NOT_SEEN, FadeCause.NONE)).isEqualTo("A loses none that shows.");
        assertThat(sentence(Figure.of(0.98), SEEN, FadeCause.NONE))
                .isEqualTo("A begins to fade at 355 °C, by 2 % so far.");
        assertThat(sentence(Figure.of(0.94), SEEN, FadeCause.SLIGHT))
                .isEqualTo("A loses 6 % by its last three stops; whether that is fade is not settled.");
        assertThat(sentence(NONE, NOT_SEEN, FadeCause.UNKNOWN)).contains("too few stops");
        assertThat(sentence(Figure.of(0.7), NOT_SEEN, FadeCause.GRIP_LIMITED)).contains("tyres");
    }

    @ParameterizedTest
    @EnumSource(
            value = FadeCause.class,
            names = {"FLUID", "BOTH", "PRESSED_LESS_OR_FLUID", "PAD_OR_FLUID"},
            mode = Mode.INCLUDE)
    void putsTheFluidBeforeEverythingElseHoweverLittleWasLost(FadeCause cause) {
        for (Figure late : List.of(Figure.of(0.7), Figure.of(0.99), NONE)) {
            assertThat(sentence(late, NOT_SEEN, cause))
                    .matches("A [^.]*fluid.*")
                    .doesNotContain("loses none");
        }
    }

    @Test
    void theOnsetHasItsRangeInEitherSystem() {
        FadeAnswer pads = FadeAnswer.of(study(Figure.of(0.7), SEEN, FadeCause.PAD, NONE, NONE), "A");
        assertThat(METRIC.text(pads.onset()))
                .isEqualTo(
                        "Fade begins at 355 °C (347 °C to 363 °C, about nine times in ten); then 2.9 % is lost every 10 °C.");
        assertThat(IMPERIAL.text(pads.onset())).contains("671 °F (657 °F to 685 °F", "2.9 % is lost every 18 °F");
        FadeAnswer none = FadeAnswer.of(study(Figure.of(1), NOT_SEEN, FadeCause.NONE, NONE, NONE), "A");
        assertThat(METRIC.text(none.onset())).isEqualTo("No onset seen up to 300 °C.");
        FadeAnswer slight = FadeAnswer.of(study(Figure.of(0.93), SEEN, FadeCause.SLIGHT, NONE, NONE), "A");
        assertThat(METRIC.text(slight.onset())).startsWith("If it is fade, it begins at 355 °C");
    }

    @Test
    void theLastStopsAreLongerOnlyWhereThatIsMoreThanChance() {
        assertThat(grown(8.5, Figure.of(3.1)))
                .isEqualTo(
                        "The last stops are 8.5 ± 3.1 m longer than the reference; where that stood, they still do 36 km/h.");
        assertThat(grown(0.8, Figure.of(2)))
                .isEqualTo("The last stops cannot be told from the reference in distance: 0.8 ± 2.0 m longer.");
        assertThat(grown(-4, Figure.of(1))).isEqualTo("The last stops are 4.0 ± 1.0 m shorter than the reference.");
        assertThat(METRIC.text(FadeAnswer.of(study(NONE, SEEN, FadeCause.PAD, NONE, NONE), "A")
                        .growth()))
                .isEmpty();
    }

    private static String grown(double metres, Figure half) {
        return METRIC.text(FadeAnswer.of(study(Figure.of(0.7), SEEN, FadeCause.PAD, Figure.of(metres), half), "A")
                .growth());
    }

    @Test
    void oneIsHeldAgainstTheFirstAtLikeStopsAndAtLikeTemperature() {
        FadeDifference d = new FadeDifference(
                10, 12, Figure.of(0.12), Figure.of(0.03), Figure.of(361), Figure.of(-0.1), Figure.of(0.02));
        assertThat(METRIC.text(FadeAnswer.against(d, "B")))
                .isEqualTo(
                        "B against A: at stops 10 to 12 it holds 12 ± 3 % more; at 361 °C, the hottest both have been, it holds 10 ± 2 % less.");
        FadeDifference thin = new FadeDifference(2, 2, NONE, NONE, Figure.unknown("no sensor"), NONE, NONE);
        assertThat(METRIC.text(FadeAnswer.against(thin, "B")))
                .isEqualTo("B against A: at stop 2 not known: few stops; at like temperature not known: no sensor.");
    }

    @Test
    void whatWasLeftOutIsCounted() {
        assertThat(METRIC.text(FadeAnswer.readFrom(
                        List.of(FadeMeasure.BY_DISTANCE, FadeMeasure.BY_DISTANCE), FadeReference.FIRST_STOP, 1, 2)))
                .isEqualTo(
                        "Read from the inverse of the distance (only a tape was there), in % of stop 1; 1 stop that people struck out left out; 2 stops from another speed left out.");
    }

    @Test
    void aTrendIsSaidWithItsRangeAndWhatChanceWouldDo() {
        TrendLine line = new TrendLine(Figure.of(-0.031), Figure.of(-0.042), Figure.of(-0.02));
        assertThat(METRIC.text(trend(line, Figure.of(0.0132), NO_LINE)))
                .isEqualTo("A: −3.1 % a stop (−4.2 % to −2.0 %), by chance alone about once in 100.");
        assertThat(METRIC.text(trend(line, Figure.of(0.034), NO_LINE))).contains("about 3 times in 100");
        assertThat(IMPERIAL.text(trend(line, Figure.of(0.0004), line)))
                .isEqualTo("A: −3.1 % a stop (−4.2 % to −2.0 %), by chance alone less than once in 1,000;"
                        + " −3.1 % every 180 °F of start temperature (−4.2 % to −2.0 %).");
        assertThat(METRIC.text(trend(NO_LINE, NONE, NO_LINE))).isEqualTo("A: few stops.");
    }

    private static Finding trend(TrendLine perStop, Figure p, TrendLine per100C) {
        return FadeAnswer.of(study(NONE, NOT_SEEN, FadeCause.NONE, NONE, NONE, perStop, p, per100C), "A")
                .trend();
    }

    @Test
    void whatComesToTheSameNothingIsSaidOnce() {
        List<FadeAnswer> answers = List.of(
                FadeAnswer.of(study(NONE, NOT_SEEN, FadeCause.UNKNOWN, NONE, NONE), "A"),
                FadeAnswer.of(study(Figure.of(0.71), SEEN, FadeCause.PAD, NONE, NONE), "B"),
                FadeAnswer.of(study(NONE, NOT_SEEN, FadeCause.UNKNOWN, NONE, NONE), "C"),
                FadeAnswer.of(study(Figure.of(0.99), NOT_SEEN, FadeCause.NONE, NONE, NONE), "D"));
        assertThat(FadeAnswer.together(answers))
                .extracting(METRIC::text)
                .containsExactly(
                        "B fades from 355 °C on and loses 29 % by its last three stops.",
                        "D loses none that shows.", "A and C have too few stops to be read for fade.");
    }
}
