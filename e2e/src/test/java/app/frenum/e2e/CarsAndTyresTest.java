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
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Several cars on several tyres: what the tyre did, whichever the car, and the one run that is missing. */
class CarsAndTyresTest {
    private static final double[] SCATTER = {0.3, -0.4, 0.1, -0.2, 0.2};
    private RunningServer server;
    private Browser browser;

    /** Each car stops so much shorter on every tyre, and each tyre in every car. */
    private static double metres(int car, int tyre) {
        return 50 * (1 - 0.04 * car) * (1 - 0.03 * tyre);
    }

    private static Map<String, Object> part(String description) {
        return Map.of(
                "description",
                description,
                "condition",
                "BEDDED",
                "worked",
                List.of(),
                "figures",
                Map.of(),
                "uncertainties",
                Map.of());
    }

    @BeforeEach
    void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        server = RunningServer.onAnEmptyDatabase();
        browser = new Browser();
    }

    @AfterEach
    void close() {
        browser.close();
        server.close();
    }

    /** One day with one car, on those of the tyres that it has. */
    private UUID day(int car, String... tyres) {
        UUID vehicle = UUID.randomUUID();
        UUID test = UUID.randomUUID();
        String name = "Car " + (char) ('P' + car);
        server.post("/api/vehicles", Map.of("id", vehicle, "name", name, "description", ""));
        List<String> rows = new ArrayList<>();
        for (String tyre : tyres) {
            server.post(
                    "/api/configurations",
                    Map.of(
                            "id",
                            UUID.randomUUID(),
                            "vehicleId",
                            vehicle,
                            "name",
                            tyre,
                            "changed",
                            List.of(),
                            "spec",
                            Map.of(
                                    "parts",
                                    Map.of("TYRES_FRONT", part(tyre), "TYRES_REAR", part(tyre)),
                                    "switches",
                                    Map.of())));
            for (double scatter : SCATTER) {
                rows.add("{\"id\":\"%s\",\"cells\":[\"%s\",\"%s\"],\"corrects\":null}"
                        .formatted(
                                UUID.randomUUID(),
                                tyre,
                                String.format(
                                        Locale.ROOT,
                                        "%.1f",
                                        metres(
                                                        car,
                                                        List.of("Touring", "Soft", "Wet")
                                                                .indexOf(tyre))
                                                + scatter)));
            }
        }
        assertThat(server.post("/api/sheet", """
                        {"testId":"%s","newVehicle":null,
                         "newTest":{"id":"%s","vehicleId":"%s","question":"Which tyre on %s?","lane":"Marrow Flats","grade":null,
                           "nominalSpeed":{"value":90,"unit":"KILOMETRES_PER_HOUR"},"basis":"ONSET_TO_REST","marginSize":1,
                           "marginOfBaseline":false,"drivenOn":"2026-11-28"},
                         "conditions":{"drivenOn":"2026-11-28"},
                         "table":{"configurations":[],"columns":[{"column":"CONFIGURATION","unit":null},
                           {"column":"DISTANCE","unit":"METRES"}],"rows":[%s]}}""".formatted(test, test, vehicle, name, String.join(",", rows)))
                        .status())
                .isEqualTo(200);
        return test;
    }

    private Page whichPart(UUID test) {
        Page page = browser.page(server.url(), 1280, 800);
        page.navigate("/tests/" + test + "/compare");
        page.locator("summary")
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Which part did it?"))
                .click();
        return page;
    }

    @Test
    void fiveCarsOnThreeTyresTellWhatATyreDoes() {
        UUID first = day(0, "Touring", "Soft", "Wet");
        for (int car = 1; car < 5; car++) {
            day(car, "Touring", "Soft", "Wet");
        }
        Page page = whichPart(first);
        assertThat(page.getByText(Pattern.compile("tyres: Soft instead of Touring stops 3\\.\\d % shorter")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("vehicle: Car . instead of Car . stops [\\d.]+ %"))
                        .first())
                .isVisible();
        assertThat(page.getByText("over 15 series of stops in 5 tests")).isVisible();
    }

    @Test
    void theRunThatIsMissingIsMadeAndItsPlanOpened() {
        day(0, "Touring");
        day(1, "Soft");
        Page page = whichPart(day(2, "Touring", "Wet"));
        assertThat(page.getByText(
                        "tyres: what Soft does instead of Touring cannot be told, because it was only ever driven"
                                + " with Car Q."))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("One run would tell: .* with only the tyres of .*")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Plan that run"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .isVisible();
        assertThat(page).hasURL(Pattern.compile("/tests/[-0-9a-f]+/plan\\?with="));
        assertThat(page.getByText(Pattern.compile("only the tyres of")).first()).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the plan"))
                .click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Saved")))
                .isVisible();
    }
}
