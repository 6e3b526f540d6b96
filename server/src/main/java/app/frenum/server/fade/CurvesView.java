package app.frenum.server.fade;

import app.frenum.core.fade.PressureCurve;
import app.frenum.core.finding.Finding;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Bite and pedal of a test's configurations, the reference stops against the last.
 *
 * @param groups of stops that are alike, in the order of the fade's
 * @param letGo of which stops the samples were let go, so that their bite cannot be read; null where all have theirs
 */
record CurvesView(List<LikeCurves> groups, @Nullable Finding letGo) {
    /** The configurations of one group. */
    record LikeCurves(List<CurvesSide> sides) {}

    /** One configuration, of those that a logger measured. */
    record CurvesSide(UUID configurationId, Ends bite, Ends pedal) {}

    /** The same of the reference stops and of the last. */
    record Ends(PressureCurve reference, PressureCurve last) {}
}
