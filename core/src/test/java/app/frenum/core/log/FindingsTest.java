package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class FindingsTest {
    @Test
    void theFirstTwentyOfAKindAreToldAndTheOthersCounted() {
        Findings found = new Findings("speed");
        for (int i = 0; i < 1_000_000; i++) {
            found.add(HealthCode.NEGATIVE_SPEED, i, i + 0.5, "reads %d", i);
        }
        found.add(HealthCode.STUCK, 3, 9, "stuck");
        List<HealthFinding> all = found.list();
        assertThat(all).hasSize(22);
        assertThat(all.get(19).message()).isEqualTo("reads 19");
        assertThat(all.get(20).code()).isEqualTo(HealthCode.STUCK);
        assertThat(all.get(21).message()).isEqualTo("and 999980 more of these");
        assertThat(all.get(21).fromS()).isEqualTo(20);
        assertThat(all.get(21).toS()).isEqualTo(999_999.5);
    }

    @Test
    void thoseOfSomebodyElseCountAsOnesOwn() {
        Findings found = new Findings("pressure");
        Findings others = new Findings("pressure");
        for (int i = 0; i < 15; i++) {
            found.add(HealthCode.SATURATED, i, i, "own %d", i);
        }
        for (int i = 15; i < 45; i++) {
            others.add(HealthCode.SATURATED, i, i, "other %d", i);
        }
        found.addAll(others);
        List<HealthFinding> all = found.list();
        assertThat(all).hasSize(21);
        assertThat(all.get(20).message()).isEqualTo("and 25 more of these");
        assertThat(all.get(20).fromS()).isEqualTo(20);
        assertThat(all.get(20).toS()).isEqualTo(44);
    }
}
