package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Twelve configurations with names as long as people make them, and sixty stops: nothing lies on anything else. */
class ManyConfigurationsTest {
    private static final UUID TEST = UUID.randomUUID();
    private static final int CONFIGURATIONS = 12;
    private static final int STOPS_EACH = 5;

    /** Pieces of text that lie on one another, and what sticks out sideways; bars that stand still are not of the page. */
    private static final String OVERLAPS = """
            () => {
              const still = (e) => { for (let p = e; p; p = p.parentElement) if (['fixed', 'sticky'].includes(getComputedStyle(p).position)) return true; return false; };
              const clipped = (e) => { const head = e.closest('thead'); return head && getComputedStyle(head).clipPath !== 'none'; };
              const shown = (e) => e.checkVisibility() && !clipped(e) && !e.closest('.sr-only, [aria-hidden=true] .sr-only');
              const pieces = [];
              const walker = document.createTreeWalker(document.querySelector('main'), NodeFilter.SHOW_TEXT);
              for (let n = walker.nextNode(); n; n = walker.nextNode()) {
                const e = n.parentElement;
                if (!n.textContent.trim() || !shown(e) || still(e) || e.closest('option, datalist, style, title, .sr-only')) continue;
                const range = document.createRange();
                range.selectNodeContents(n);
                for (const r of range.getClientRects())
                  if (r.width > 1 && r.height > 1) pieces.push({ text: n.textContent.trim().slice(0, 40), e, l: r.left, r: r.right, t: r.top + 3, b: r.bottom - 3 });
              }
              const found = [];
              for (let i = 0; i < pieces.length; i++)
                for (let k = i + 1; k < pieces.length; k++) {
                  const [a, b] = [pieces[i], pieces[k]];
                  if (a.e === b.e || a.e.contains(b.e) || b.e.contains(a.e)) continue;
                  if (Math.min(a.r, b.r) - Math.max(a.l, b.l) > 3 && Math.min(a.b, b.b) - Math.max(a.t, b.t) > 3)
                    found.push(`“${a.text}” and “${b.text}”`);
                }
              const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
              const out = [...document.querySelectorAll('body *')].filter((e) => shown(e) && e.getBoundingClientRect().right > document.documentElement.clientWidth + 1 && !e.closest('.overflow-x-auto *'));
              if (wide > 1) found.push(`${wide} px stick out sideways, by ${out[0]?.outerHTML.slice(0, 160)}`);
              return found.slice(0, 12);
            }""";

    private static RunningServer server;
    private static Browser browser;

    @BeforeAll
    static void keepSixtyStops() {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        server = RunningServer.onAnEmptyDatabase();
        browser = new Browser();
        List<String> rows = new ArrayList<>();
        for (int c = 0; c < CONFIGURATIONS; c++) {
            for (int i = 0; i < STOPS_EACH; i++) {
                rows.add("{\"id\":\"%s\",\"cells\":[\"%s\",\"%s\",\"%d\",\"%d\",\"30\"],\"corrects\":null}"
                        .formatted(
                                UUID.randomUUID(),
                                name(c),
                                String.format(Locale.ROOT, "%.1f", 47 - 0.7 * c + 0.3 * ((i * 7) % 5 - 2)),
                                80 + i,
                                280 + 10 * i + c));
            }
        }
        UUID vehicle = UUID.randomUUID();
        server.post("/api/sheet", """
                {"testId":"%s","newVehicle":{"id":"%s","name":"Tarn 2.0","description":"","spec":null},
                 "newTest":{"id":"%s","vehicleId":"%s","question":"Which of twelve films on the disc stops it shortest, if any does?",
                   "lane":"Marrow Flats","grade":null,"nominalSpeed":{"value":100,"unit":"KILOMETRES_PER_HOUR"},
                   "basis":"ONSET_TO_REST","marginSize":0.02,"marginOfBaseline":true,"drivenOn":"2026-11-29"},
                 "conditions":{"drivenOn":"2026-11-29"},
                 "table":{"configurations":[],"columns":[{"column":"CONFIGURATION","unit":null},{"column":"DISTANCE","unit":"METRES"},
                   {"column":"START_TEMPERATURE_FRONT_LEFT","unit":"CELSIUS"},{"column":"END_TEMPERATURE_FRONT_LEFT","unit":"CELSIUS"},
                   {"column":"SECONDS_AFTER_REST","unit":"SECONDS"}],"rows":[%s]}}""".formatted(TEST, vehicle, TEST, vehicle, String.join(",", rows)));
    }

    private static String name(int c) {
        return "Film %02d of a waxy compound on a cold disc, applied by hand".formatted(c + 1);
    }

    @AfterAll
    static void close() {
        browser.close();
        server.close();
    }

    @ParameterizedTest
    @ValueSource(ints = {390, 768, 1280, 1920})
    void nothingLiesOnAnythingElse(int width) {
        Page page = browser.page(server.url(), width, 900);
        List<String> found = new ArrayList<>();
        for (String where : List.of("compare", "stops", "fade", "heat", "type")) {
            page.navigate("/tests/" + TEST + "/" + where);
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();
            assertThat(page.locator("[data-reading]")).hasCount(0);
            ((List<?>) page.evaluate(OVERLAPS)).forEach(f -> found.add(width + " " + where + ": " + f));
        }
        page.context().close();
        assertThat(found).isEmpty();
    }
}
