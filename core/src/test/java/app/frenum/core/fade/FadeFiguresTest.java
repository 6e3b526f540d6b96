package app.frenum.core.fade;

import app.frenum.core.Kept;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every figure of a series read for fade, for each cause, as it stands. */
class FadeFiguresTest {
    @ParameterizedTest
    @EnumSource
    void everyFigureStands(CauseAccuracyTest.Truth truth) {
        List<FadeStop> series = truth.series(5);
        FadeStudy study = FadeStudy.of(series, FadeReference.FIRST_THREE_IN_GATE, StartGate.OPEN);
        FadeStudy byFirst = FadeStudy.of(series, FadeReference.FIRST_STOP, StartGate.OPEN);
        new Kept()
                .add("study", study)
                .add("answer", FadeAnswer.of(study, "A"))
                .add("against", FadeDifference.of(byFirst, study))
                .stands("fade/" + truth);
    }
}
