package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.Alternative.Way;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class AlternativeTest {
    private static final Margin ONE = new Margin(1, false);

    private static Map<Way, Verdict> ways(Side a, Side b, Side bWithStruckOut) {
        return Alternative.of(List.of(a, b), 1, List.of(a, bWithStruckOut), ONE, Look.COMPLETE).stream()
                .collect(Collectors.toMap(Alternative::way, Alternative::verdict));
    }

    @Test
    void aVerdictThatHangsOnHowItIsLookedAtShowsIt() {
        Side a = Sides.of("A", 45.0, 45.6, 44.4, 45.3, 44.7);
        Side b = Sides.of("B", 46.5, 43.6, 44.2, 43.9, 43.4);
        Side struckOutIn = Sides.of("B", 46.5, 43.6, 44.2, 43.9, 43.4, 60);
        Map<Way, Verdict> ways = ways(a, b, struckOutIn);
        assertThat(ways.get(Way.AS_IT_STANDS)).isEqualTo(Verdict.NOT_SETTLED);
        assertThat(ways.get(Way.FIRST_STOP_OUT)).isEqualTo(Verdict.GAIN_SHOWN);
        assertThat(ways.get(Way.STRUCK_OUT_IN)).isEqualTo(Verdict.NOT_SETTLED);
        assertThat(ways).doesNotContainKey(Way.DRIFT_TAKEN_OUT);
    }

    @Test
    void aStricterLookNeverFindsMoreThanALooserOne() {
        Map<Way, Verdict> ways =
                ways(Sides.of("A", 45.0, 45.6, 44.4, 45.3), Sides.of("B", 44.1, 44.7, 43.6, 44.4), Sides.of("B", 44.1));
        assertThat(ways.get(Way.LOOSER)).isEqualTo(Verdict.GAIN_SHOWN);
        assertThat(ways.get(Way.STRICTER)).isEqualTo(Verdict.NOT_SETTLED);
    }

    @Test
    void whatCannotBeComparedIsLookedAtInNoOtherWay() {
        Side a = Sides.of("A", 45, 45.6, 44.4);
        Side wet = Sides.of("B", "wet", 60, 61, 62);
        assertThat(ways(a, wet, wet)).containsOnlyKeys(Way.AS_IT_STANDS);
    }
}
