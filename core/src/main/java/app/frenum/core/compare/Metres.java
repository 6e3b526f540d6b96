package app.frenum.core.compare;

import app.frenum.core.stop.Corrections;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Where the metres went: the raw difference of mean distances, split into what made it. Adds up exactly; all
 * candidate − baseline, m.
 *
 * @param raw difference of the distances as driven
 * @param entrySpeed from unequal entry speeds (raw − corrected)
 * @param slope from the grade (corrected − level)
 * @param lostTime {@code v_nom·Δt_eq}: driver, hydraulics, assist
 * @param plateau {@code ½·v_nom²·(mean of 1/MFDD_B − mean of 1/MFDD_A)}: tyres, pads, temperature
 * @param rest what is left
 */
public record Metres(double raw, double entrySpeed, double slope, double lostTime, double plateau, double rest) {

    /**
     * One stop as this needs it.
     *
     * @param distance as driven from onset, m
     * @param entrySpeed m/s
     * @param mfdd m/s², as measured
     * @param grade rise/run, positive uphill in driving direction
     */
    public record Driven(double distance, double entrySpeed, double mfdd, double grade) {
        double corrected(double nominal) {
            return Corrections.toNominalSpeed(distance, entrySpeed, nominal);
        }

        double level(double nominal) {
            return Corrections.toLevel(corrected(nominal), nominal, grade).value();
        }

        double levelMfdd() {
            return Corrections.toLevelDeceleration(mfdd, grade);
        }

        /** Lost time of the stop on the level, at its own entry speed. */
        double lostTime() {
            double s = Corrections.toLevel(distance, entrySpeed, grade).value();
            return (s - entrySpeed * entrySpeed / (2 * levelMfdd())) / entrySpeed;
        }
    }

    public static Metres of(List<Driven> a, List<Driven> b, double nominal) {
        double raw = change(a, b, Driven::distance);
        double corrected = change(a, b, d -> d.corrected(nominal));
        double level = change(a, b, d -> d.level(nominal));
        double lost = nominal * change(a, b, Driven::lostTime);
        double plateau = nominal * nominal / 2 * change(a, b, d -> 1 / d.levelMfdd());
        return new Metres(raw, raw - corrected, corrected - level, lost, plateau, level - lost - plateau);
    }

    private static double change(List<Driven> a, List<Driven> b, ToDoubleFunction<Driven> value) {
        return mean(b, value) - mean(a, value);
    }

    private static double mean(List<Driven> stops, ToDoubleFunction<Driven> value) {
        return stops.stream().mapToDouble(value).average().orElseThrow();
    }
}
