package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A phone at the far end of the lane: the link goes, the page stays. */
class OfflineTest extends Journey {
    private Page phone;

    @BeforeEach
    void openOnPhone() {
        phone = installed(demoTest() + "/compare");
    }

    @AfterEach
    void putAway() {
        phone.context().close();
    }

    @Test
    void whatWasKnownStandsWithItsAgeUntilTheLinkIsBack() {
        String said = phone.locator("h1").textContent();
        // What is read beside the application must not take its place.
        phone.navigate("/notices.txt");
        phone.goBack();
        assertThat(phone.locator("h1")).hasText(said);
        phone.context().setOffline(true);
        phone.reload();
        assertThat(phone.locator("h1")).hasText(said);
        assertThat(phone.getByText("Frenum does not answer.")).isVisible();
        phone.context().setOffline(false);
        phone.reload();
        assertThat(phone.locator("h1")).hasText(said);
        assertThat(phone.getByText("Frenum does not answer.")).isHidden();
    }
}
