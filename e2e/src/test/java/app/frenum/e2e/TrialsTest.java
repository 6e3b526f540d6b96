package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** What is done without stops: guessed, done, told, with a picture. */
class TrialsTest extends Journey {
    private Locator begun(String kind) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(kind))
                .last();
    }

    private void begin(String kind, String guess) {
        button("Begin a trial").click();
        page.getByLabel("What will be done").selectOption(kind);
        page.getByLabel("Your guess, before").fill(guess);
        button("Write it down and begin").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    @Test
    void aVisitToTheRollersGuessedBeforeAndTold() {
        page.navigate(demoTest() + "/trials");
        assertThat(page.getByText("\u2265 67")).isVisible();
        nothingSerious("trials");
        begin("Roller tester", "<i>the right side weaker</i>");
        Locator trial = begun("the right side weaker");
        assertThat(trial.getByText("Still to tell.")).isVisible();
        trial.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Tell what came of it"))
                .click();
        nothingSerious("what came of it");
        page.getByLabel("Brake force, front left", new Page.GetByLabelOptions().setExact(true))
                .fill("3000");
        page.getByLabel("Brake force, front right", new Page.GetByLabelOptions().setExact(true))
                .fill("99999");
        page.getByLabel("What was seen").fill("wet tyres");
        button("Keep this").click();
        assertThat(page.getByText("Cannot be taken as it is")).isVisible();
        page.getByLabel("Brake force, front right", new Page.GetByLabelOptions().setExact(true))
                .fill("2400");
        page.getByLabel("Beside the guess").selectOption("as guessed");
        button("Keep this").click();
        assertThat(trial.getByText("front left 3000 N \u00b7 front right 2400 N \u00b7 as guessed"))
                .isVisible();
        assertThat(page.getByRole(
                        AriaRole.CELL, new Page.GetByRoleOptions().setName("20").setExact(true)))
                .isVisible();
    }

    @Test
    void lapsOfACircuitWithAPhotoRemovedAndBroughtBack() throws IOException {
        page.navigate(demoTest() + "/trials");
        begin("Laps of a circuit", "the pedal stays firm for ten laps");
        Locator trial = begun("the pedal stays firm");
        trial.locator("input[type=file]").setInputFiles(new FilePayload("paddock.png", "image/png", picture()));
        assertThat(trial.getByAltText("Photo 1 of this")).isVisible();
        trial.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Tell what came of it"))
                .click();
        page.getByLabel("Laps", new Page.GetByLabelOptions().setExact(true)).fill("8");
        page.getByLabel("Hottest, front left", new Page.GetByLabelOptions().setExact(true))
                .fill("540");
        page.getByLabel("Pedal at the end").selectOption("long-soft");
        button("Keep this").click();
        assertThat(trial.getByText("laps 8 \u00b7 front left 540 °C \u00b7 pedal long-soft"))
                .isVisible();
        trial.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                .click();
        assertThat(page.getByText("the pedal stays firm")).hasCount(0);
        button("Undo").click();
        assertThat(trial.getByText("pedal long-soft")).isVisible();
        assertThat(trial.getByAltText("Photo 1 of this")).isVisible();
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB), "png", png);
        return png.toByteArray();
    }
}
