package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every place in the units of its reader; only what people typed stands as they typed it. */
class UnitsTest extends Journey {
    private static final List<String> PLACES = List.of(
            "/tests",
            "/garage",
            "/garage?view=outlook",
            "/garage?view=configurations",
            "/garage?view=difference",
            "/procedures",
            "/plan",
            "/plan/lap-heat",
            "/devices",
            "/import",
            "/type");
    private static final List<String> OF_A_TEST = List.of("plan", "stops", "fade", "heat", "compare", "type");

    /** What the people of the demo wrote. */
    private static final List<String> THEIR_WORDS =
            List.of("180 kg kit", "from 140 km/h?", "30 m tape or measuring wheel");

    /** Names, questions, fields and whatever else people wrote are theirs; all else is read, closed parts and pictures' names too. */
    private static final String READ = """
            () => {
              document.querySelectorAll('details').forEach((d) => (d.open = true));
              document.querySelectorAll('[data-as-typed], select, input, textarea').forEach((e) => (e.style.display = 'none'));
              const names = [...document.querySelectorAll('[aria-label]')].map((e) => e.getAttribute('aria-label'));
              return document.body.innerText + '\\n' + names.join('\\n');
            }""";

    private static Stream<String> places() {
        List<UUID> tests = Stream.of(2, 3, 8, 9)
                .map(n -> UUID.nameUUIDFromBytes(new byte[] {n.byteValue()}))
                .toList();
        return Stream.concat(
                PLACES.stream(), tests.stream().flatMap(t -> OF_A_TEST.stream().map(p -> "/tests/" + t + "/" + p)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "metric; mph|ft|ft/s²|°F|psi|lb|in²",
                "imperial; km/h|°C|bar|m/s²|m/s|kg|m|mm|cm²",
            })
    void everyPlaceSpeaksTheUnitsOfItsReader(String system, String foreign) {
        Pattern leftOver = Pattern.compile("\\d[ \u00a0]?(" + foreign + ")(?![\\w²])");
        page.evaluate("s => localStorage.setItem('frenum.system', s)", system);
        List<String> found = new ArrayList<>();
        places().forEach(place -> {
            page.navigate(place);
            assertThat(heading().first()).isVisible();
            assertThat(page.locator("[data-reading]")).hasCount(0);
            String text =
                    THEIR_WORDS.stream().reduce((String) page.evaluate(READ), (read, words) -> read.replace(words, ""));
            text.lines().filter(l -> leftOver.matcher(l).find()).forEach(l -> found.add(place + ": " + l.strip()));
        });
        assertThat(found).isEmpty();
    }
}
