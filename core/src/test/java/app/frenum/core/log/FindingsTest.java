package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import java.util.List;
import org.junit.jupiter.api.Test;

class FindingsTest {
    @Test
    void theFirstTwentyOfAKindAreToldAndTheOthersCounted() {
        Findings found = new Findings("speed");
        for (int i = 0; i < 1_000_000; i++) {
            found.add(LogFinding.BACKWARDS, i, i + 0.5, Term.speed(-i), Term.at(i));
        }
        found.add(LogFinding.ONE_VALUE, 3, 9, Term.at(3), Term.at(9));
        List<HealthFinding> all = found.list();
        assertThat(all).hasSize(22);
        assertThat(all.get(19).finding()).isEqualTo(Finding.of(LogFinding.BACKWARDS, Term.speed(-19), Term.at(19)));
        assertThat(all.get(20).code()).isEqualTo(HealthCode.STUCK);
        assertThat(all.get(21).finding()).isEqualTo(Finding.of(LogFinding.MORE_OF_THESE, Term.count(999_980)));
        assertThat(all.get(21).fromS()).isEqualTo(20);
        assertThat(all.get(21).toS()).isEqualTo(999_999.5);
    }

    @Test
    void thoseOfSomebodyElseCountAsOnesOwn() {
        Findings found = new Findings("pressure");
        Findings others = new Findings("pressure");
        for (int i = 0; i < 15; i++) {
            found.add(LogFinding.AT_ITS_END, i, i, Term.count(i), Term.at(i));
        }
        for (int i = 15; i < 45; i++) {
            others.add(LogFinding.AT_ITS_END, i, i, Term.count(i), Term.at(i));
        }
        found.addAll(others);
        List<HealthFinding> all = found.list();
        assertThat(all).hasSize(21);
        assertThat(all.get(20).finding()).isEqualTo(Finding.of(LogFinding.MORE_OF_THESE, Term.count(25)));
        assertThat(all.get(20).fromS()).isEqualTo(20);
        assertThat(all.get(20).toS()).isEqualTo(44);
    }
}
