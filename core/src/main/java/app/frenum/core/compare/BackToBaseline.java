package app.frenum.core.compare;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.WelchTest;

/**
 * Whether a vehicle is back at its baseline after something was cleaned off: proved when the 90 % interval of the
 * difference lies within ± the margin (two one-sided tests at 5 %: D. J. Schuirmann, J. Pharmacokin. Biopharm. 15 (1987)
 * 657–680). Not having shown a difference is no proof.
 *
 * @param proved whether it is
 * @param finding the same, to be said
 */
public record BackToBaseline(boolean proved, Finding finding) {
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
            return new BackToBaseline(false, Finding.of(LookFinding.THREE_TO_PROVE));
        }
        WelchTest test = WelchTest.of(baseline, proof, Side.LOGGED_RESOLUTION);
        Interval range = test.interval(0.90);
        boolean proved = range.low() > -marginM && range.high() < marginM;
        return new BackToBaseline(
                proved,
                Finding.of(
                        proved ? LookFinding.PROVED_BACK : LookFinding.NOT_PROVED_BACK,
                        Term.distance(range.low(), 0.1),
                        Term.distance(range.high(), 0.1),
                        Term.distance(marginM, 0.1)));
    }
}
