package app.frenum.core.fade;

import static app.frenum.core.fade.FadeAnswerFinding.*;
import static app.frenum.core.finding.Term.said;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a series read for fade comes to, to be said in so many sentences wherever it is shown.
 *
 * @param sentence what it lost, and what must be said before anything else
 * @param onset from when on, or up to where nothing was seen
 * @param growth how much longer it takes by the end; says nothing where distances are unknown
 * @param trend from stop to stop, and over start temperature
 */
public record FadeAnswer(Finding sentence, Finding onset, Finding growth, Finding trend) {
    /** A loss smaller than this is not worth a word. */
    private static final double SHOWS = 0.05;

    private static final double PER_C = 10;
    private static final double PER_TREND_C = 100;
    private static final double HARDLY = 0.001;

    /** @param name what the side is called */
    public static FadeAnswer of(FadeStudy study, String name) {
        return new FadeAnswer(
                sentence(study, Term.name(name)), onset(study), growth(study), trend(study, Term.name(name)));
    }

    private static Finding sentence(FadeStudy study, Term side) {
        FadeCause cause = study.cause().cause();
        Figure late = study.cause().relEffectiveness();
        Optional<Finding> first = first(cause, side);
        if (cause == FadeCause.GRIP_LIMITED) {
            return Finding.of(GRIP_LIMITED, side);
        }
        if (!late.isKnown()) {
            return first.map(what -> Finding.of(THAT, said(what))).orElse(Finding.of(TOO_FEW, side));
        }
        double loss = 1 - late.value();
        Term by = Term.share(loss);
        Figure seen = study.onset().accepted() ? study.onset().onsetC() : Figure.unknown("no onset is seen");
        Term from = said(seen.isKnown() ? Finding.of(FROM, Term.temperature(seen.value())) : Finding.of(NOTHING));
        if (first.isPresent()) {
            return loss < SHOWS
                    ? Finding.of(THAT, said(first.get()))
                    : Finding.of(THAT_WITH_LOSS, said(first.get()), by, from);
        }
        if (loss < SHOWS) {
            return seen.isKnown()
                    ? Finding.of(BEGINS, side, Term.temperature(seen.value()), by)
                    : Finding.of(NONE_SHOWS, side);
        }
        // A slight loss that more stops would have to settle is not called fade anywhere.
        return cause == FadeCause.SLIGHT ? Finding.of(SLIGHT, side, by) : Finding.of(FADES, side, from, by);
    }

    /** What all sides come to, in their order; of those that come to the same nothing it is said once. */
    public static List<Finding> together(List<FadeAnswer> answers) {
        List<Finding> all = answers.stream().map(FadeAnswer::sentence).toList();
        return once(once(all, TOO_FEW, ALL_TOO_FEW), NONE_SHOWS, NONE_SHOWS_OF_ALL);
    }

    private static List<Finding> once(List<Finding> all, FadeAnswerFinding one, FadeAnswerFinding several) {
        List<Term> sides = all.stream()
                .filter(f -> f.code() == one)
                .map(f -> Objects.requireNonNull(f.terms().get("side")))
                .toList();
        if (sides.size() < 2) {
            return all;
        }
        return Stream.concat(
                        all.stream().filter(f -> f.code() != one), Stream.of(Finding.of(several, new Term.All(sides))))
                .toList();
    }

    /** Where the fluid may have boiled, or the cause cannot be told. */
    private static Optional<Finding> first(FadeCause cause, Term side) {
        return switch (cause) {
            case FLUID -> Optional.of(Finding.of(FLUID, side));
            case BOTH -> Optional.of(Finding.of(BOTH, side));
            case PAD_OR_FLUID -> Optional.of(Finding.of(PAD_OR_FLUID, side));
            case FADE_OR_LESS_PRESSURE -> Optional.of(Finding.of(FADE_OR_LESS_PRESSURE, side));
            case PRESSED_LESS_OR_FLUID -> Optional.of(Finding.of(PRESSED_LESS_OR_FLUID, side));
            default -> Optional.empty();
        };
    }

    private static Finding onset(FadeStudy study) {
        OnsetFit fit = study.onset();
        if (fit.accepted() && fit.onsetC().isKnown()) {
            double at = fit.onsetC().value();
            // Beside a loss that is not settled nothing is called fade without an if.
            return Finding.of(
                    study.cause().cause() == FadeCause.SLIGHT ? ONSET_IF_FADE : ONSET,
                    Term.temperature(at),
                    Term.temperature(fit.lowC().orElse(at)),
                    Term.temperature(fit.highC().orElse(at)),
                    new Term.Amount(AmountKind.SHARE, PER_C * fit.perC().orElse(0), 0.001),
                    Term.temperatureApart(PER_C));
        }
        return fit.hottestC().isKnown()
                ? Finding.of(NO_ONSET_UP_TO, Term.temperature(fit.hottestC().value()))
                : Finding.of(NO_ONSET_TOLD, Term.name(fit.hottestC().reason()));
    }

    private static Finding growth(FadeStudy study) {
        if (!study.growthM().isKnown()) {
            return Finding.of(NOTHING);
        }
        double grown = study.growthM().value();
        Figure half = study.growthHalfM();
        Term change = Term.distance(Math.abs(grown), 0.1).within(half);
        if (half.isKnown() && Math.abs(grown) <= half.value()) {
            return Finding.of(NOT_TOLD_APART, said(Finding.of(grown < 0 ? BY_SHORTER : BY_LONGER, change)));
        }
        if (grown <= 0) {
            return Finding.of(SHORTER, change);
        }
        Figure carried = study.speedCarriedMps();
        return Finding.of(
                LONGER,
                change,
                said(carried.isKnown() ? Finding.of(CARRIED, Term.speed(carried.value())) : Finding.of(NOTHING)));
    }

    private static Finding trend(FadeStudy study, Term side) {
        TrendLine line = study.perStop();
        Term byHeat = said(byHeat(study.per100C()));
        if (!line.slope().isKnown()) {
            return Finding.of(NO_TREND, side, Term.name(line.slope().reason()), byHeat);
        }
        double slope = line.slope().value();
        return Finding.of(
                TREND,
                side,
                thousandths(slope),
                thousandths(line.low().orElse(slope)),
                thousandths(line.high().orElse(slope)),
                said(chance(study.perStopP())),
                byHeat);
    }

    private static Finding chance(Figure p) {
        if (!p.isKnown()) {
            return Finding.of(NOTHING);
        }
        return p.value() < HARDLY
                ? Finding.of(HARDLY_BY_CHANCE)
                : Finding.of(BY_CHANCE, Term.count(Math.max(1, Math.round(100 * p.value()))));
    }

    private static Finding byHeat(TrendLine per100C) {
        if (!per100C.slope().isKnown()) {
            return Finding.of(NOTHING);
        }
        double slope = per100C.slope().value();
        return Finding.of(
                BY_HEAT,
                thousandths(slope),
                thousandths(per100C.low().orElse(slope)),
                thousandths(per100C.high().orElse(slope)),
                Term.temperatureApart(PER_TREND_C));
    }

    private static Term thousandths(double share) {
        return new Term.Amount(AmountKind.SHARE, share, 0.001);
    }

    /** One configuration against the first: at like stops, and at the hottest that both have been. */
    public static Finding against(FadeDifference d, String name) {
        Term byStop = said(points(d.byStop(), d.byStopHalf()));
        Finding stops = d.fromStop() == d.toStop()
                ? Finding.of(AT_STOP, Term.count(d.toStop()), byStop)
                : Finding.of(AT_STOPS, Term.count(d.fromStop()), Term.count(d.toStop()), byStop);
        Finding heat = d.atC().isKnown()
                ? Finding.of(
                        AT_TEMPERATURE,
                        Term.temperature(d.atC().value()),
                        said(points(d.byTemperature(), d.byTemperatureHalf())))
                : Finding.of(AT_LIKE_TEMPERATURE_NOT_KNOWN, Term.name(d.atC().reason()));
        return Finding.of(AGAINST, Term.name(name), said(stops), said(heat));
    }

    private static Finding points(Figure value, Figure half) {
        if (!value.isKnown()) {
            return Finding.of(NOT_KNOWN, Term.name(value.reason()));
        }
        return Finding.of(
                value.value() < 0 ? LESS : MORE,
                Term.share(Math.abs(value.value())).within(half));
    }

    /**
     * What series were read from, against which stops, and what was left out.
     *
     * @param struckOut stops that people left out
     * @param atAnotherSpeed stops that began too far from the nominal speed
     */
    public static Finding readFrom(
            Collection<FadeMeasure> measures, FadeReference reference, int struckOut, int atAnotherSpeed) {
        return Finding.of(
                READ_FROM,
                Finding.all(
                        measures.stream().distinct().map(FadeAnswer::measure).toList()),
                said(Finding.of(reference == FadeReference.FIRST_STOP ? STOP_1 : FIRST_THREE)),
                leftOut(STRUCK_OUT, struckOut),
                leftOut(AT_ANOTHER_SPEED, atAnotherSpeed));
    }

    private static Finding measure(FadeMeasure measure) {
        return Finding.of(
                switch (measure) {
                    case PER_BAR -> PER_BAR;
                    case BY_DECELERATION -> BY_DECELERATION;
                    case BY_DISTANCE -> BY_DISTANCE;
                });
    }

    private static Term leftOut(FadeAnswerFinding which, int n) {
        return said(n == 0 ? Finding.of(NOTHING) : Finding.of(which, Term.count(n)));
    }
}
