package app.frenum.server.fade;

import app.frenum.core.fade.Judder;
import app.frenum.core.finding.Finding;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What goes round with the wheel, through every series of a test.
 *
 * @param tyreRadiusM rolling radius, as the vehicle has it
 * @param sides in the order of the test's configurations
 * @param letGo of which stops the samples were let go; null where all have theirs
 */
record JudderView(
        Figure tyreRadiusM,
        List<JudderSide> sides,
        @Nullable Finding letGo) {
    /** One logged stop. */
    record JudderStop(int number, Judder judder) {}

    /**
     * One configuration.
     *
     * @param stops that count and were logged, in order
     * @param growing orders of deceleration that grow from stop to stop, beyond chance
     */
    record JudderSide(UUID configurationId, List<JudderStop> stops, List<Finding> growing) {}
}
