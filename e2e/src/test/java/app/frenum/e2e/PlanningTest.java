package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Journeys;
import app.frenum.standin.Standin;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

/** The evening before: car, configurations, plan, run card. */
class PlanningTest extends Journey {
    private static final String CAR = "Planned estate";

    @Test
    void fromACarToARunCardThroughALaneThatIsTooShort() throws IOException {
        describeTheCar();
        describeTwoConfigurations();
        theirDifferenceIsTakenApart();
        startTheTest();
        theLaneIsTooShortAndThenLongEnough();
        assertThat(page.getByText("Pads and fluid change together")).isVisible();
        sealTheExpectation();
        nameTheCrewAndSignTheSafetyGate();
        Download pdf = page.waitForDownload(
                () -> page.evaluate("document.querySelector('a[href*=\"run-card.pdf\"]').download = 'card.pdf';"
                        + "document.querySelector('a[href*=\"run-card.pdf\"]').click()"));
        assertThat(Files.readString(pdf.path(), StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("page to print"))
                .click();
        assertThat(heading()).containsText("Do the pads help the planned estate?");
        assertThat(page.getByText("Signed by Marshal")).isVisible();
        assertThat(page.getByText("Driver or rider: Club driver")).isVisible();
        assertThat(page.getByText(Pattern.compile("B New pads and fluid: stops")))
                .isVisible();
    }

    private void nameTheCrewAndSignTheSafetyGate() {
        page.getByLabel("Driver or rider", exact()).fill("Club driver");
        page.getByLabel("Lane control", exact()).fill("club driver");
        button("Save the plan").click();
        assertThat(page.getByText("Nobody drives and controls the lane at once"))
                .isVisible();
        page.getByLabel("Lane control", exact()).fill("Marshal");
        button("Save the plan").click();
        assertThat(button("Saved")).isVisible();
        button("Sign the safety gate").click();
        assertThat(page.getByText("Not seen to yet.")).hasCount(10);
        Locator checks = page.getByRole(AriaRole.LISTITEM).getByRole(AriaRole.CHECKBOX);
        for (int i = 0; i < 10; i++) {
            checks.nth(i).check();
        }
        button("Sign the safety gate").click();
        assertThat(page.getByText("by Marshal,")).isVisible();
    }

    private void describeTheCar() {
        section("Garage");
        button("Add a vehicle").click();
        assertThat(heading()).containsText("New vehicle");
        page.getByLabel("Name", exact()).fill(CAR);
        page.getByLabel("Mass, laden", exact()).fill("-3");
        assertThat(page.getByText("-3 kg read. It must be 50 to 60000 kg.")).isVisible();
        page.getByLabel("Mass, laden", exact()).fill("1650");
        button("Weigh Front disc, mass of one by difference").click();
        page.getByLabel("With the part", exact()).fill("74.0");
        page.getByLabel("Without it", exact()).fill("81.2");
        page.getByLabel("Step of the scale", exact()).fill("0.1");
        button("Take this mass").click();
        assertThat(page.getByText("With the part the scale must show more")).isVisible();
        page.getByLabel("With the part", exact()).fill("81.2");
        page.getByLabel("Without it", exact()).fill("74.0");
        button("Take this mass").click();
        assertThat(page.getByLabel("Front disc, mass of one", exact())).hasValue("7.2");
        assertThat(page.getByText("± 0.04082 kg, from the scale")).isVisible();
        button("Save the vehicle").click();
        assertThat(heading()).containsText(CAR);
    }

    private void describeTwoConfigurations() {
        choice("Configurations").click();
        button("Describe it").click();
        page.getByLabel("Name of the configuration").fill("As it stands");
        fit("Front pads", "organic");
        fit("Fluid", "three years old");
        button("Save the configuration").click();
        assertThat(button("As it stands")).isVisible();
        button("Copy it to change it").click();
        assertThat(page.getByLabel("Name of the configuration")).hasValue("As it stands, changed");
        page.getByLabel("Name of the configuration").fill("New pads and fluid");
        fit("Front pads", "semi-metallic");
        fit("Fluid", "fresh");
        button("Save the configuration").click();
        assertThat(button("New pads and fluid")).isVisible();
    }

    private void fit(String place, String description) {
        var row = page.locator("details").filter(new Locator.FilterOptions().setHasText(place));
        row.locator("summary").click();
        row.getByLabel("Description").fill(description);
    }

    private void theirDifferenceIsTakenApart() {
        choice("Difference").click();
        assertThat(page.getByText("Pads and fluid change together: this test cannot tell which did it."))
                .isVisible();
        button("the pads").click();
        assertThat(page.getByText("Only the pads change: a test can tell what they do."))
                .isVisible();
    }

    private void startTheTest() {
        page.navigate("/plan");
        page.getByLabel("What do you want to know").fill("Do the pads help the planned estate?");
        page.getByLabel("Vehicle").selectOption(new SelectOption().setLabel(CAR));
        button("Plan this test").click();
        assertThat(page.getByText("Assumed for want of a figure")).isVisible();
    }

    private void theLaneIsTooShortAndThenLongEnough() {
        page.getByLabel("Candidate B").selectOption("New pads and fluid");
        button("Describe a lane").click();
        page.getByLabel("Name of the lane").fill("Short strip");
        page.getByLabel("Length to drive on", exact()).fill("150");
        button("Keep the lane").click();
        assertThat(page.getByText("Name who controls it")).isVisible();
        page.getByLabel("Controlled by").fill("Marshal");
        button("Keep the lane").click();
        assertThat(heading())
                .containsText(
                        Pattern.compile(
                                "NO-GO: .+ from [0-9]+ km/h.*: [0-9]+ m of lane and run-off, [0-9]+ m missing. From [0-9]+ km/h it would fit"));
        button("Change it").click();
        page.getByLabel("Length to drive on", exact()).fill("400");
        button("Keep the lane").click();
        assertThat(heading()).containsText(Pattern.compile("^GO\\. 8 stops of each can show"));
        button("Save the plan").click();
        assertThat(button("Saved")).isVisible();
    }

    private void sealTheExpectation() {
        page.getByLabel("It will stop").selectOption("SHORTER");
        page.getByLabel("By how much", exact()).fill("1");
        button("Seal it").click();
        assertThat(page.getByText("said Marshal on")).isVisible();
    }

    @Test
    void theGarageIsCarriedOutAndInAgain() throws IOException {
        section("Garage");
        Download out =
                page.waitForDownload(() -> page.getByText("Download the bundle").click());
        Path file = Files.createTempFile("frenum-bundle-", ".json");
        String bundle = Files.readString(out.path());
        page.locator("input[type=file]").setInputFiles(Files.writeString(file, bundle));
        assertThat(page.getByText(Pattern.compile("^0 added; [0-9]+ were here already")))
                .isVisible();
        Files.writeString(file, bundle.replace("Course-safety car", "Course-safety estate"));
        page.locator("input[type=file]").setInputFiles(file);
        assertThat(page.getByText("Nothing was brought in")).isVisible();
        button("Bring it in as copies").click();
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("Tarn 2.0 estate, copy");
        Files.writeString(file, bundle.replace("\"KILOGRAMS\"", "\"STONES\""));
        page.locator("input[type=file]").setInputFiles(file);
        assertThat(page.getByText("vehicles.0.spec.figures.MASS_LIGHT.unit")).isVisible();
    }

    @Test
    void theWeatherMastFillsTheConditions() throws InterruptedException {
        section("Devices");
        page.getByLabel("Name of the device").fill("Mast");
        button("Add it").click();
        String code = page.getByRole(AriaRole.STATUS).locator("b").textContent();
        Thread mast = new Thread(() -> new CommandLine(new Standin(Map.of("FRENUM_STANDIN_CODE_M", code)::get))
                .execute("--server", url().replace("http", "ws") + "/device", "--mast", "--every", "1"));
        mast.start();
        try {
            assertThat(page.getByText("readings, the last at")).isVisible();
            page.navigate("/import");
            choose(Journeys.SHEET);
            button("Fill from the weather mast").click();
            assertThat(page.getByText("Mean of the last five minutes")).isVisible();
            assertThat(page.getByLabel("Humidity, %")).hasValue(Pattern.compile("[5-6][0-9]"));
            assertThat(page.getByLabel("Lane surface, °C")).hasValue(Pattern.compile("[0-9.]+"));
        } finally {
            mast.interrupt();
            mast.join();
        }
    }

    @Test
    void aLapOfACircuitIsHeatAheadOfTime() {
        page.navigate("/plan/lap-heat");
        assertThat(heading()).containsText("30 applications");
        page.getByLabel("Laps of the race").fill("20");
        assertThat(heading()).containsText("60 applications");
        page.getByLabel("To 2", exact()).fill("150");
        assertThat(page.getByText("A braking must end slower than it begins.")).isVisible();
        page.getByLabel("To 2", exact()).fill("60");
        button("One braking more").click();
        assertThat(heading()).containsText("80 applications");
    }

    @Test
    void aProcedureThatContradictsItselfIsNotStored() {
        section("Procedures");
        button("Copy it").click();
        page.locator("details")
                .filter(new Locator.FilterOptions().setHasText("stops"))
                .last()
                .locator("summary")
                .click();
        page.getByLabel("Discs at most", exact()).last().fill("20");
        button("Save the procedure").click();
        assertThat(page.getByText("The gate is upside down").first()).isVisible();
        page.getByLabel("Discs at most", exact()).last().fill("120");
        button("Save the procedure").click();
        assertThat(heading()).containsText("Straight stops, own copy");
        assertThat(page.getByText("discs 50 °C to 120 °C")).isVisible();
    }

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }
}
