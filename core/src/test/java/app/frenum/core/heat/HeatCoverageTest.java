package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Discs that roll, stand, or roll and then stand, each with a time constant of its own that nobody told Frenum. The table of
 * docs/accuracy.md is what {@link #main} prints.
 */
class HeatCoverageTest {
    private static final double BELIEVED_TAU = 200;
    private static final double AIR = 15;

    /** What the car does after the stop. */
    enum Car {
        ROLLS,
        STANDS,
        ROLLS_THEN_STANDS
    }

    /** A disc whose rolling and standing time constants are near those that are believed, and not those. */
    private record Disc(double rolling, double standing, double rollsFor) {
        static Disc of(Car car, Random random) {
            double rolling = BELIEVED_TAU * (1 + 0.1 * random.nextGaussian());
            double standing = 3 * rolling * Math.exp(Math.log(1.6) / 2 * random.nextGaussian());
            double rolls = car == Car.ROLLS ? 1e9 : car == Car.STANDS ? 0 : 20 + 60 * random.nextDouble();
            return new Disc(rolling, standing, rolls);
        }

        /** What the car does from the stop on, as its card is told; empty where nobody tells it. */
        Optional<Motion> told(boolean told) {
            return told ? Optional.of(rollsFor > 0 ? Motion.ROLLING : Motion.STANDING) : Optional.empty();
        }

        double after(double fromC, double t) {
            double rolled = Math.min(t, rollsFor);
            return AIR + (fromC - AIR) * Math.exp(-rolled / rolling - (t - rolled) / standing);
        }

        double until(double fromC, double gateC) {
            double turns = Math.log((fromC - AIR) / (gateC - AIR));
            double rolled = Math.min(rollsFor, turns * rolling);
            return rolled + (turns - rolled / rolling) * standing;
        }
    }

    private static double[] peaksHeld(Car car, boolean told, int n) {
        Random random = new Random(11);
        int held = 0;
        double width = 0;
        for (int i = 0; i < n; i++) {
            Disc disc = Disc.of(car, random);
            double late = 20 + 100 * random.nextDouble();
            double truth = 250 + 200 * random.nextDouble();
            double read = disc.after(truth, late) + 5 * random.nextGaussian();
            Cooling.Peak peak =
                    Regimes.of(BELIEVED_TAU).peakBefore(new Cooling.Peak(read, 5), late, AIR, 2, disc.told(told));
            held += Math.abs(peak.celsius() - truth) <= 2 * peak.uncertaintyC() ? 1 : 0;
            width += 4 * peak.uncertaintyC() / n;
        }
        return new double[] {held / (double) n, width};
    }

    private static double[] readyHeld(Car car, boolean told, int n) {
        Random random = new Random(12);
        int held = 0;
        double width = 0;
        for (int i = 0; i < n; i++) {
            Disc disc = Disc.of(car, random);
            double now = 200 + 150 * random.nextDouble();
            ReadyAt ready = ReadyAt.of(
                    List.of(new ReadyAt.Reading(0, now + 5 * random.nextGaussian(), 5)),
                    100,
                    AIR,
                    Regimes.of(BELIEVED_TAU),
                    disc.told(told));
            held += Math.abs(ready.atS().value() - disc.until(now, 100))
                            <= ready.plusMinusS().value()
                    ? 1
                    : 0;
            width += 2 * ready.plusMinusS().value() / n;
        }
        return new double[] {held / (double) n, width};
    }

    /** How often the interval of a fitted time constant holds the truth where the noise of neighbours is alike. */
    private static double tauHeld(double resemblance, int n) {
        Random random = new Random(13);
        int held = 0;
        int fits = 0;
        for (int i = 0; i < n; i++) {
            double[] t = new double[40];
            double[] c = new double[t.length];
            double noise = 0;
            for (int k = 0; k < t.length; k++) {
                t[k] = 10 * k;
                noise = resemblance * noise + Math.sqrt(1 - resemblance * resemblance) * random.nextGaussian();
                c[k] = new Cooling(170, AIR).after(310, t[k]) + 2 * noise;
            }
            CoolingFit fit = CoolingFit.of(t, c, OptionalDouble.of(AIR));
            if (fit.tauS().isKnown()) {
                fits++;
                held += fit.tauLowS().value() <= 170 && fit.tauHighS().value() >= 170 ? 1 : 0;
            }
        }
        return held / (double) fits;
    }

    @ParameterizedTest
    @EnumSource
    void aLateReadingAndAReadyTimeHoldTheTruthWhateverTheCarDoes(Car car) {
        assertThat(peaksHeld(car, false, 1000)[0]).isGreaterThan(0.93);
        assertThat(readyHeld(car, false, 1000)[0]).isGreaterThan(0.93);
    }

    @ParameterizedTest
    @EnumSource(names = {"ROLLS", "STANDS"})
    void toldWhatTheCarDoesTheyHoldItInLess(Car car) {
        double[] peaks = peaksHeld(car, true, 1000);
        double[] ready = readyHeld(car, true, 1000);
        assertThat(peaks[0]).isGreaterThan(0.93);
        assertThat(ready[0]).isGreaterThan(0.93);
        // Standing is known to a factor of two only, so that saying it narrows little.
        double narrower = car == Car.ROLLS ? 0.8 : 1.2;
        assertThat(peaks[1]).isLessThan(narrower * peaksHeld(car, false, 1000)[1]);
        assertThat(ready[1]).isLessThan(narrower * readyHeld(car, false, 1000)[1]);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.5, 0.8})
    void aTimeConstantsIntervalHoldsTheTruthWhereNoiseIsAlike(double resemblance) {
        assertThat(tauHeld(resemblance, 400)).isGreaterThan(0.85);
    }

    public static void main(String[] arguments) {
        System.out.println(
                "| the car | told so | late reading, ± holds it | its width, °C | ready at, ± holds it | its width, s |");
        System.out.println("|---|---|---|---|---|---|");
        for (Car car : Car.values()) {
            for (boolean told : car == Car.ROLLS_THEN_STANDS ? new boolean[] {false} : new boolean[] {false, true}) {
                double[] peaks = peaksHeld(car, told, 5000);
                double[] ready = readyHeld(car, told, 5000);
                System.out.printf(
                        Locale.ROOT,
                        "| %s | %s | %.1f %% | %.0f | %.1f %% | %.0f |%n",
                        car,
                        told ? "yes" : "no",
                        100 * peaks[0],
                        peaks[1],
                        100 * ready[0],
                        ready[1]);
            }
        }
        for (double r : new double[] {0, 0.5, 0.8}) {
            System.out.printf(Locale.ROOT, "tau, noise alike by %.1f: %.1f %%%n", r, 100 * tauHeld(r, 2000));
        }
    }
}
