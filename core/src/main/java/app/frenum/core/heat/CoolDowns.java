package app.frenum.core.heat;

import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.SoundTemperature;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * The cool-downs between the stops of a log, fitted disc by disc. A cool-down begins some seconds after a stop, once the
 * heat has gone through the disc, and ends where the next stop begins.
 */
public final class CoolDowns {
    /** Until then the surface is still giving its flash heat to the inside of the disc. */
    private static final double SOAK_S = 15;

    private static final double EVERY_S = 2;
    /** No disc cools with a time constant under 30 s, so that less can never be fitted: half of it, or 1.5 times where the air is free. */
    private static final double SHORTEST_S = 15;

    private static final double SHORTEST_FREE_S = 45;
    /** A disc is warmed again by so much, and by more than its sensor's noise. */
    private static final double WARMED_C = 3;

    private static final double NOISES = 8;
    /** Half of normal deviates are within so many standard deviations. */
    private static final double MEDIAN_OF_NORMAL = 0.6745;

    private CoolDowns() {}

    /**
     * One disc between two stops.
     *
     * @param wheel which disc
     * @param fromS where it begins in the log
     * @param toS where it ends
     * @param motion whether the car rolled or stood; empty where no speed was logged
     * @param meanMps mean speed meanwhile
     * @param fit its time constant, or why there is none
     * @param left what the fit leaves over, step by step; empty when there is none
     */
    public record CoolDown(
            WheelPosition wheel,
            double fromS,
            double toS,
            Optional<Motion> motion,
            Figure meanMps,
            CoolingFit fit,
            List<CoolingResidual.Step> left) {
        /** Whether the car stood; where nobody knows it is taken to have rolled, as it mostly does. */
        public boolean stood() {
            return motion.filter(m -> m == Motion.STANDING).isPresent();
        }
    }

    /** A stretch without braking, s. */
    public record Stretch(double fromS, double toS) {}

    /**
     * Fits every disc that has a sensor over every stretch.
     *
     * @param between stretches without braking, each from the end of a stop
     * @param ambientC as measured; empty to leave it free
     */
    public static List<CoolDown> of(Log log, List<Stretch> between, OptionalDouble ambientC) {
        List<Supplier<CoolDown>> all = new ArrayList<>();
        for (Stretch s : between) {
            if (s.toS() - s.fromS() > SOAK_S + EVERY_S) {
                for (Part part : parts(log, new Stretch(s.fromS() + SOAK_S, s.toS()))) {
                    for (WheelPosition w : WheelPosition.values()) {
                        Signal disc = SoundTemperature.of(log, Role.discTemperature(w), part.fromS(), part.toS())
                                .signal();
                        if (!disc.isEmpty()) {
                            all.add(() -> fitted(w, part, disc, ambientC));
                        }
                    }
                }
            }
        }
        // A log is read by one thread; the fits, which take longer, are made on all there are.
        return all.parallelStream().map(Supplier::get).toList();
    }

    /** What is fitted by itself: rolling and standing are two ways of cooling. */
    private record Part(double fromS, double toS, Optional<Motion> motion, Figure meanMps) {}

    private static List<Part> parts(Log log, Stretch s) {
        Signal speed = log.signal(Role.SPEED, s.fromS(), s.toS());
        List<Motion.Spell> spells = Motion.spells(speed, s.fromS(), s.toS());
        if (spells.size() < 2) {
            return List.of(new Part(
                    s.fromS(),
                    s.toS(),
                    spells.stream().map(Motion.Spell::motion).findFirst(),
                    meanSpeed(speed)));
        }
        return spells.stream()
                .filter(p -> p.lengthS() >= SHORTEST_S)
                .map(p -> new Part(
                        p.fromS(),
                        p.toS(),
                        Optional.of(p.motion()),
                        meanSpeed(log.signal(Role.SPEED, p.fromS(), p.toS()))))
                .toList();
    }

    private static Figure meanSpeed(Signal speed) {
        return speed.size() < 2
                ? Figure.unknown("no speed was logged")
                : Figure.of(speed.mean(speed.first(), speed.last()));
    }

    private static CoolDown fitted(WheelPosition wheel, Part s, Signal disc, OptionalDouble ambientC) {
        double span = disc.last() - disc.first();
        double shortest = ambientC.isPresent() ? SHORTEST_S : SHORTEST_FREE_S;
        if (span < shortest) {
            CoolingFit none =
                    CoolingFit.none("the cool-downs are too short: let the disc cool for longer and go on logging");
            return new CoolDown(wheel, s.fromS(), s.toS(), s.motion(), s.meanMps(), none, List.of());
        }
        int n = (int) (span / EVERY_S);
        double[] t = new double[n];
        double[] c = new double[n];
        for (int i = 0; i < n; i++) {
            double from = disc.first() + i * EVERY_S;
            t[i] = from + EVERY_S / 2;
            c[i] = disc.mean(from, from + EVERY_S);
        }
        int end = untilWarmedAgain(c);
        double[] ages = Arrays.copyOf(t, end);
        double[] cooling = Arrays.copyOf(c, end);
        CoolingFit fit = CoolingFit.of(ages, cooling, ambientC);
        return new CoolDown(
                wheel,
                s.fromS(),
                s.toS(),
                s.motion(),
                s.meanMps(),
                fit,
                fit.tauS().isKnown() ? CoolingResidual.steps(fit, ages, cooling) : List.of());
    }

    /** How many readings there are until somebody braked again, if only to turn round: from then on the disc warms. */
    private static int untilWarmedAgain(double[] celsius) {
        double warmed = Math.max(WARMED_C, NOISES * noise(celsius));
        int coldest = 0;
        for (int i = 1; i < celsius.length; i++) {
            if (celsius[i] > celsius[coldest] + warmed) {
                return coldest + 1;
            }
            if (celsius[i] < celsius[coldest]) {
                coldest = i;
            }
        }
        return celsius.length;
    }

    /** Of one reading, by how far each is from the line through its neighbours, which an even slope does not move. */
    private static double noise(double[] celsius) {
        double[] off = IntStream.range(1, Math.max(1, celsius.length - 1))
                .mapToDouble(i -> Math.abs(celsius[i + 1] - 2 * celsius[i] + celsius[i - 1]))
                .toArray();
        return off.length == 0 ? 0 : Summary.of(off).median().value() / (MEDIAN_OF_NORMAL * Math.sqrt(6));
    }
}
