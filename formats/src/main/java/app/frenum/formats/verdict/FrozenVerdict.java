package app.frenum.formats.verdict;

import static com.fasterxml.jackson.annotation.JsonInclude.Include.NON_NULL;

import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A verdict that somebody signed, with everything it rests on.
 *
 * @param format always {@link #FORMAT}
 * @param version {@link #VERSION}; 1 for those with a checksum only
 * @param question of its test
 * @param vehicle by name
 * @param margin what was worth having
 * @param marginOfBaseline whether that is a share of the baseline's mean
 * @param plannedEach stops of each in the plan; 0 without one
 * @param sides the baseline first, every candidate after it: p is adjusted for their number
 * @param candidate which of the sides it is about, from 1
 * @param figures what came of it
 * @param ways in how many ways it was looked at
 * @param agreeing in how many of them it is the same verdict
 * @param signedBy by whom
 * @param signedAt when, ISO 8601
 * @param signedAs as what; null in version 1
 */
public record FrozenVerdict(
        String format,
        int version,
        String question,
        String vehicle,
        double margin,
        boolean marginOfBaseline,
        int plannedEach,
        List<FrozenSide> sides,
        int candidate,
        FrozenFigures figures,
        int ways,
        int agreeing,
        String signedBy,
        String signedAt,
        @JsonInclude(NON_NULL) @Nullable SignedAs signedAs) {
    public static final String FORMAT = "frenum-verdict";
    public static final int VERSION = 2;
    static final int CHECKSUM_ONLY = 1;

    /** Version of the rules that figures are worked out by: raised when the same stops would come to other figures. */
    public static final int RULES = 2;

    /** The figures of a comparison of these sides. */
    public static FrozenFigures figures(List<Side> sides, int candidate, Margin margin, Look look) {
        return FrozenFigures.of(compared(sides, candidate, margin, look));
    }

    private static Comparison compared(List<Side> sides, int candidate, Margin margin, Look look) {
        return Comparisons.of(sides.get(0), sides.subList(1, sides.size()), margin, look)
                .get(candidate - 1);
    }

    /** The comparison worked out again from what went into it. */
    public Comparison again() {
        return compared(
                sides.stream().map(FrozenSide::thawed).toList(),
                candidate,
                new Margin(margin, marginOfBaseline),
                new Look(plannedEach));
    }
}
