package app.frenum.core.heat;

import static app.frenum.core.heat.HeatAnswerFinding.*;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a series read for heat comes to, to be said in so many sentences wherever it is shown.
 *
 * @param hottest how hot it got, and what that is to its front pads
 * @param share how the heat was divided between the axles
 * @param frontRear how much hotter the front discs were than the rear; says nothing where either is unknown
 * @param bareReadLow how far bare metal read too low here; says nothing where that was not seen
 */
public record HeatAnswer(Finding hottest, Finding share, Finding frontRear, Finding bareReadLow) {
    private static final int EACH_BY_ITSELF = 3;
    private static final double A_TENTH_OF_A_MINUTE_S = 6;
    /** Shorter times are said in seconds. */
    private static final double SHORT_S = 120;

    /**
     * @param side what it is called
     * @param windowTopC up to where its front pads are made for, where that is known
     */
    public static HeatAnswer of(HeatStudy study, String side, OptionalDouble windowTopC) {
        return new HeatAnswer(
                hottest(study, Term.name(side), windowTopC),
                share(study.share()),
                frontRear(study.frontRear()),
                bareReadLow(study.bareBelowC()));
    }

    /**
     * When it would be ready for the next stop after its hottest: {@link Cooling#waitUntil} with the time constant its
     * front discs showed while rolling. Says nothing where that, the temperature or the gate is not known, or was never left.
     *
     * @param gateC up to where a stop may begin
     * @param tauS time constant, with the ends of its 95 % interval where there are any
     */
    public Finding readyAgain(
            String side, OptionalDouble gateC, double ambientC, Figure tauS, Figure lowS, Figure highS) {
        if (hottest.code() != REACHED || gateC.isEmpty() || !tauS.isKnown()) {
            return Finding.of(NOTHING);
        }
        double gate = gateC.getAsDouble();
        Function<Figure, Figure> wait = tau -> new Cooling(tau.value(), ambientC).waitUntil(celsius(hottest), gate);
        Figure middle = wait.apply(tauS);
        if (!middle.isKnown() || middle.value() == 0) {
            return Finding.of(NOTHING);
        }
        return lowS.isKnown() && highS.isKnown() && lowS.value() > 0
                ? Finding.of(
                        READY_AGAIN,
                        Term.name(side),
                        Term.temperature(gate),
                        lasting(middle),
                        lasting(wait.apply(lowS)),
                        lasting(wait.apply(highS)))
                : Finding.of(READY_AGAIN_ABOUT, Term.name(side), Term.temperature(gate), lasting(middle));
    }

    private static Term lasting(Figure seconds) {
        return seconds.value() < SHORT_S
                ? Term.seconds(seconds.value())
                : new Term.Amount(AmountKind.MINUTES, seconds.value(), A_TENTH_OF_A_MINUTE_S);
    }

    /**
     * What all sides come to: each by itself where they are few, else the hottest, and from where to where the others got.
     *
     * @param readyAgain of each, in the same order
     */
    public static List<Finding> together(List<HeatAnswer> answers, List<Finding> readyAgain) {
        List<Finding> all = answers.stream().map(HeatAnswer::hottest).toList();
        if (all.size() <= EACH_BY_ITSELF) {
            return IntStream.range(0, all.size())
                    .boxed()
                    .flatMap(i -> Stream.of(all.get(i), readyAgain.get(i)))
                    .filter(f -> f.code() != NOTHING)
                    .toList();
        }
        List<Finding> out = new ArrayList<>();
        List<Finding> known = all.stream()
                .filter(f -> f.code() == REACHED)
                .sorted(Comparator.comparingDouble(HeatAnswer::celsius).reversed())
                .toList();
        if (!known.isEmpty()) {
            out.add(known.get(0));
        }
        if (known.size() > 1) {
            out.add(Finding.of(
                    OTHERS_REACHED,
                    Term.temperature(celsius(known.get(known.size() - 1))),
                    Term.temperature(celsius(known.get(1)))));
        }
        List<Term> unknown = all.stream()
                .filter(f -> f.code() == NO_TEMPERATURE)
                .map(f -> Objects.requireNonNull(f.terms().get("side")))
                .toList();
        if (!unknown.isEmpty()) {
            out.add(Finding.of(NO_TEMPERATURE_OF, new Term.All(unknown)));
        }
        return out;
    }

    private static double celsius(Finding reached) {
        return ((Term.Amount) Objects.requireNonNull(reached.terms().get("hottest"))).inside();
    }

    /** Over which stops means are taken; says nothing where they are over all of them. */
    public static Finding averaged(double nominalMps, String load, int others) {
        if (others == 0) {
            return Finding.of(NOTHING);
        }
        return load.isEmpty()
                ? Finding.of(AVERAGED, Term.speed(nominalMps), Term.count(others))
                : Finding.of(AVERAGED_WITH_LOAD, Term.speed(nominalMps), Term.name(load), Term.count(others));
    }

    private record Peak(int stop, WheelPosition wheel, double celsius) {}

    private static Finding hottest(HeatStudy study, Term side, OptionalDouble windowTopC) {
        List<Peak> peaks = new ArrayList<>();
        for (HeatStudy.Stop stop : study.stops()) {
            for (Map.Entry<WheelPosition, HeatStudy.Disc> disc : stop.discs().entrySet()) {
                if (disc.getValue().peakC().isKnown()) {
                    peaks.add(new Peak(
                            stop.number(),
                            disc.getKey(),
                            disc.getValue().peakC().value()));
                }
            }
        }
        if (peaks.isEmpty()) {
            return Finding.of(NO_TEMPERATURE, side);
        }
        Peak top = peaks.stream().max(Comparator.comparingDouble(Peak::celsius)).orElseThrow();
        return Finding.of(
                REACHED,
                side,
                Term.temperature(top.celsius()),
                Term.name(top.wheel().label()),
                Term.count(top.stop()),
                Term.said(toItsPads(study, peaks, windowTopC)));
    }

    private static Finding toItsPads(HeatStudy study, List<Peak> peaks, OptionalDouble windowTopC) {
        List<Peak> fronts = peaks.stream().filter(p -> p.wheel().isFront()).toList();
        if (windowTopC.isEmpty() || fronts.isEmpty()) {
            return Finding.of(NOTHING);
        }
        long over = fronts.stream()
                .filter(p -> p.celsius() > windowTopC.getAsDouble())
                .map(Peak::stop)
                .distinct()
                .count();
        return over == 0
                ? Finding.of(NEVER_OVER_ITS_PADS)
                : Finding.of(
                        PEAKED_OVER_ITS_PADS,
                        Term.count(over),
                        Term.count(study.stops().size()));
    }

    private static Finding share(HeatStudy.Share share) {
        Finding layout = share.layoutFront().isKnown()
                ? Finding.of(BY_LAYOUT, tenths(share.layoutFront().value()))
                : Finding.of(NOTHING);
        if (!share.measuredFront().isKnown()) {
            return Finding.of(SHARE_NOT_KNOWN, Term.name(share.measuredFront().reason()), Term.said(layout));
        }
        return Finding.of(
                SHARE,
                tenths(share.measuredFront().value()).within(share.measuredU().map(u -> 2 * u)),
                Term.said(layout));
    }

    private static Term.Amount tenths(double share) {
        return new Term.Amount(AmountKind.SHARE, share, 0.001);
    }

    private static Finding frontRear(HeatStudy.FrontRear of) {
        if (of.peakC().n() == 0) {
            return Finding.of(NOTHING);
        }
        return Finding.of(
                FRONT_REAR,
                Term.said(apart(of.peakC())),
                Term.said(
                        of.troughC().n() == 0
                                ? Finding.of(NOTHING)
                                : Finding.of(BEGIN, Term.said(apart(of.troughC())))));
    }

    private static Finding apart(Summary of) {
        double mean = of.mean().value();
        return Finding.of(mean < 0 ? COOLER : HOTTER, Term.temperatureApart(Math.abs(mean)), Term.said(spread(of)));
    }

    private static Finding spread(Summary of) {
        return of.sd().isKnown()
                ? Finding.of(SPREAD, Term.temperatureApart(of.sd().value()), Term.count(of.n()))
                : Finding.of(SEEN_ONCE);
    }

    private static Finding bareReadLow(Summary of) {
        return of.n() == 0
                ? Finding.of(NOTHING)
                : Finding.of(BARE_READ_LOW, Term.temperatureApart(of.mean().value()), Term.said(spread(of)));
    }
}
