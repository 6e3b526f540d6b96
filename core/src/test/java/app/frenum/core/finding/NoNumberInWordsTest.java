package app.frenum.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A number put into a sentence here would keep its unit, whatever the reader's; findings carry quantities instead. */
class NoNumberInWordsTest {
    private static final Pattern DECIMALS = Pattern.compile("%[-+,0]?\\d*(\\.\\d+)?[feg]");
    private static final Path SOURCES = Path.of("src/main/java/app/frenum/core");

    @Test
    void noComputationFormatsAFigureIntoText() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            List<String> found = files.filter(f -> f.toString().endsWith(".java"))
                    .flatMap(NoNumberInWordsTest::formatted)
                    .toList();
            assertThat(found).isEmpty();
        }
        assertThat("it would take %.0f s").containsPattern(DECIMALS);
    }

    private static Stream<String> formatted(Path file) {
        try {
            return Files.readAllLines(file).stream()
                    .filter(line -> DECIMALS.matcher(line).find())
                    .map(line -> file.getFileName() + ": " + line.strip());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
