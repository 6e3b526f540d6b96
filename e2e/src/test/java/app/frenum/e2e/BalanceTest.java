package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import app.frenum.server.Journeys;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From line pressures to which way the adjuster is turned, and from the vehicle's figures to other parts. */
class BalanceTest extends Journey {
    private static final UUID DEMO_CAR = UUID.nameUUIDFromBytes(new byte[] {1});

    @TempDir
    private Path folder;

    /** The demo's log with so much of its rear pressure. */
    private Path withRear(double share) throws IOException {
        List<String> lines = Files.readAllLines(Journeys.AS_BOUGHT, StandardCharsets.UTF_8);
        int column = Arrays.asList(lines.get(0).split(",")).indexOf("pressure rear [bar]");
        Path file = folder.resolve("adjusted-%s.csv".formatted(share));
        Files.write(
                file,
                lines.stream()
                        .map(line -> {
                            String[] cells = line.split(",", -1);
                            if (line.equals(lines.get(0))) {
                                return line;
                            }
                            cells[column] = String.valueOf(share * Double.parseDouble(cells[column]));
                            return String.join(",", cells);
                        })
                        .toList());
        return file;
    }

    private void describe(String name, int turns) {
        String body = """
                {"id":"%s","vehicleId":"%s","name":"%s","changed":[],"spec":{"switches":{},"parts":{"BIAS":{
                  "description":"adjuster","condition":"BEDDED","cost":null,"currency":null,"since":null,"bedding":null,
                  "worked":[],"figures":{"TURNS":{"entered":%d,"unit":"ONE"}},"uncertainties":{}}}}}""".formatted(UUID.randomUUID(), DEMO_CAR, name, turns);
        assertThat(page.request()
                        .post(
                                url() + "/api/configurations",
                                RequestOptions.create()
                                        .setHeader("Content-Type", "application/json")
                                        .setHeader(
                                                Door.TOKEN_HEADER,
                                                Door.marshal(url()).cookie(Door.TOKEN))
                                        .setData(body))
                        .status())
                .isEqualTo(200);
    }

    private void bringIn(String question, String configuration, double rear, boolean first) throws IOException {
        page.navigate("/import");
        choose(withRear(rear));
        if (first) {
            page.getByLabel("Into which test").selectOption(new SelectOption().setLabel("A new test…"));
            page.getByLabel("What do you want to know").fill(question);
            page.getByLabel("Vehicle").selectOption(new SelectOption().setLabel("Tarn 2.0 estate"));
        } else {
            page.getByLabel("Into which test").selectOption(new SelectOption().setLabel(question));
        }
        page.getByLabel("Configuration", new Page.GetByLabelOptions().setExact(true))
                .fill(configuration);
        button("Save 9 stops").click();
        page.waitForURL(Pattern.compile(".*/stops"));
    }

    @Test
    void anAdjusterSweepSaysWhichWayToTurnAndBlocksWhatPutsTheRearFirst() throws IOException {
        String question = "What does a turn of the adjuster do?";
        describe("Adjuster at 2", 2);
        describe("Adjuster at 4", 4);
        describe("Adjuster at 6", 6);
        bringIn(question, "Adjuster at 2", 0.8, true);
        bringIn(question, "Adjuster at 4", 1.0, false);
        bringIn(question, "Adjuster at 6", 1.2, false);
        section("Balance");
        assertThat(heading())
                .containsText(Pattern.compile("A puts 6\\d\\.\\d ± 0\\.\\d % of the line pressure in front"));
        assertThat(page.getByText(Pattern.compile("One turn changes the share by \u22122\\.\\d %")))
                .isVisible();
        assertThat(page.getByText("its play is not known, because it was turned one way only"))
                .isVisible();
        nothingSerious("the balance");
        wants("58");
        assertThat(page.getByText(Pattern.compile("From here to 58\\.0 %: \\d\\.?\\d* turns towards the front")))
                .isVisible();
        wants("51");
        assertThat(page.getByText(
                        Pattern.compile("No turn is told for 51|Not told: on the way to 51|turns towards the rear")))
                .isVisible();
        choice("brake force").click();
        assertThat(page.getByText("Shares are of brake force")).isVisible();
    }

    private void wants(String percent) {
        page.getByLabel("Share of line pressure that is wanted").fill(percent);
        button("Which way to turn").click();
    }

    @Test
    void anotherCylinderIsTriedWithoutKeepingIt() {
        page.navigate(demoTest() + "/balance");
        unfold("What would other parts do?");
        assertThat(page.getByText("Not all of it can be computed: the vehicle's master cylinder bore is not known"))
                .isVisible();
        page.getByLabel("Master cylinder bore", new Page.GetByLabelOptions().setExact(true))
                .fill("18");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Two layouts")))
                .containsText(Pattern.compile("piston travel for 0\\.1 mm at every pad, mm\u2013[0-9.]+"));
        page.getByLabel("Front piston area", new Page.GetByLabelOptions().setExact(true))
                .fill("9000");
        assertThat(page.getByText("9000 cm² read. It must be").first()).isVisible();
        nothingSerious("two layouts");
    }
}
