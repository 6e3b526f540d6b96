package app.frenum.core.fade;

import app.frenum.core.quantity.Figure;

/**
 * Two series held against each other where they are alike; candidate less baseline, in shares of each one's own reference.
 *
 * @param atStop the last stop that both have, from 1
 * @param byStop difference of their levels there
 * @param atC the hottest that both have been, °C
 * @param byTemperature difference of their levels there, by the fitted lines
 */
public record FadeDifference(int atStop, Figure byStop, Figure atC, Figure byTemperature) {

    public static FadeDifference of(FadeStudy baseline, FadeStudy candidate) {
        int stop = Math.min(baseline.levels().size(), candidate.levels().size());
        Figure none = Figure.unknown("one side has no stops");
        Figure byStop = stop == 0
                ? none
                : less(
                        candidate.levels().get(stop - 1).level(),
                        baseline.levels().get(stop - 1).level());
        Figure common = baseline.onset().hottestC().isKnown()
                        && candidate.onset().hottestC().isKnown()
                ? Figure.of(Math.min(
                        baseline.onset().hottestC().value(),
                        candidate.onset().hottestC().value()))
                : Figure.unknown("one side's line over temperature is not known");
        Figure byTemperature = common.isKnown()
                ? less(levelAt(candidate.onset(), common.value()), levelAt(baseline.onset(), common.value()))
                : common;
        return new FadeDifference(stop, byStop, common, byTemperature);
    }

    private static Figure levelAt(OnsetFit fit, double celsius) {
        return fit.accepted()
                ? Figure.of(fit.level().value()
                        - fit.perC().value()
                                * Math.max(0, celsius - fit.onsetC().value()))
                : fit.level();
    }

    private static Figure less(Figure a, Figure b) {
        return a.isKnown() && b.isKnown() ? Figure.of(a.value() - b.value()) : a.isKnown() ? b : a;
    }
}
