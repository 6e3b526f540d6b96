package app.frenum.server.compare;

import app.frenum.core.compare.CheckFinding;
import app.frenum.core.finding.Finding;

/**
 * What came of a test, as its list says it.
 *
 * @param sentence the answer
 * @param howSure how sure it is
 * @param belowFloor whether the difference is less than what it was measured with can tell
 */
public record Told(Finding sentence, Finding howSure, boolean belowFloor) {
    static Told of(ComparisonView.Pair pair) {
        return new Told(
                pair.conclusion().sentence(),
                pair.conclusion().howSure(),
                pair.checks().stream().anyMatch(c -> c.evidence().code() == CheckFinding.BELOW_FLOOR));
    }
}
