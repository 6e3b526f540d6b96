package app.frenum.server.compare;

import app.frenum.core.compare.Verdict;
import app.frenum.core.finding.Finding;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The same two configurations on all days that they were driven, candidate − baseline.
 *
 * @param days the test that is looked at among them
 * @param sentences what they come to together; none of one day alone
 */
record PooledView(
        List<DayView> days, Figure difference, @Nullable Interval interval, List<Finding> sentences) {
    /** One test of the two. */
    record DayView(
            UUID testId,
            String question,
            LocalDate drivenOn,
            Figure difference,
            @Nullable Interval interval95,
            Verdict verdict) {}
}
