package app.frenum.core.compare;

import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.WelchTest;
import java.util.Locale;

/**
 * Whether a vehicle is back at its baseline after something was cleaned off: proved when the 90 % interval of the
 * difference lies within ± the margin (two one-sided tests at 5 %: D. J. Schuirmann, J. Pharmacokin. Biopharm. 15 (1987)
 * 657–680). Not having shown a difference is no proof.
 *
 * @param proved whether it is
 * @param words for people
 */
public record BackToBaseline(boolean proved, String words) {
    private static final int FEWEST = 3;

    /**
     * Holds proof stops against the baseline's.
     *
     * @param baseline m
     * @param proof m
     * @param marginM what would matter, m
     */
    public static BackToBaseline of(double[] baseline, double[] proof, double marginM) {
        if (baseline.length < FEWEST || proof.length < FEWEST) {
            return new BackToBaseline(false, "three stops of each are needed to prove it back at its baseline");
        }
        WelchTest test = WelchTest.of(baseline, proof, Side.LOGGED_RESOLUTION);
        Interval range = test.interval(0.90);
        boolean proved = range.low() > -marginM && range.high() < marginM;
        return new BackToBaseline(
                proved,
                String.format(
                        Locale.ROOT,
                        proved
                                ? "back at its baseline: %.1f m to %.1f m from it, within %.1f m"
                                : "not proved back: %.1f m to %.1f m from its baseline, %.1f m asked for; clean it again, or drive more",
                        range.low(),
                        range.high(),
                        marginM));
    }
}
