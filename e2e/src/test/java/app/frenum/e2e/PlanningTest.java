package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The evening before: car, configurations, plan, run card. */
class PlanningTest extends Journey {
    private static final String CAR = "Planned estate";

    @Test
    void fromACarToARunCardThroughALaneThatIsTooShort() {
        describeTheCar();
        describeTwoConfigurations();
        theirDifferenceIsTakenApart();
        startTheTest();
        theLaneIsTooShortAndThenLongEnough();
        assertThat(page.getByText("Pads and fluid change together")).isVisible();
        sealTheExpectation();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Run card to print"))
                .click();
        assertThat(heading()).containsText("Do the pads help the planned estate?");
        assertThat(page.getByText("Course closed, marshal named, gates manned")).isVisible();
        assertThat(page.getByText(Pattern.compile("B New pads and fluid: stops")))
                .isVisible();
    }

    private void describeTheCar() {
        section("Garage");
        button("Add a vehicle").click();
        assertThat(heading()).containsText("New vehicle");
        page.getByLabel("Name", exact()).fill(CAR);
        page.getByLabel("Mass, laden", exact()).fill("-3");
        assertThat(page.getByText("-3 kg read. It must be 50 to 60000 kg.")).isVisible();
        page.getByLabel("Mass, laden", exact()).fill("1650");
        page.getByLabel("Front disc, mass of one", exact()).fill("7.2");
        button("Save the vehicle").click();
        assertThat(heading()).containsText(CAR);
    }

    private void describeTwoConfigurations() {
        button("Configurations").click();
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
        button("Difference").click();
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
        assertThat(heading()).containsText(Pattern.compile("NO-GO: the lane is [0-9]+ m too short"));
        button("Change it").click();
        page.getByLabel("Length to drive on", exact()).fill("400");
        button("Keep the lane").click();
        assertThat(heading()).containsText(Pattern.compile("^GO\\. 8 stops of each can show"));
        button("Save the plan").click();
        assertThat(button("Saved")).isVisible();
    }

    private void sealTheExpectation() {
        page.getByLabel("Expectation").fill("B stops 1 m shorter");
        page.getByLabel("Said by").fill("Marshal");
        button("Seal it").click();
        assertThat(page.getByText("said Marshal on")).isVisible();
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
