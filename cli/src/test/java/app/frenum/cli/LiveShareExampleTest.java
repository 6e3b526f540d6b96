package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.balance.LiveShare;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The share while braking, from the rows of a log that nobody here made; its mean was taken by hand over the same rows. */
class LiveShareExampleTest {
    @Test
    void threeStopsOfAnExample() throws Exception {
        LiveShare live = new LiveShare();
        List<String> rows = Files.readAllLines(CliRun.example("plain_50hz.csv"));
        for (String row : rows.subList(1, rows.size())) {
            String[] cells = row.split(",");
            live.add(Double.parseDouble(cells[0]), Double.parseDouble(cells[3]), Double.parseDouble(cells[4]));
        }
        assertThat(live.reading().braking()).isFalse();
        assertThat(live.reading().last())
                .hasSize(3)
                .allSatisfy(share -> assertThat(share).isCloseTo(0.63, within(0.001)));
    }
}
