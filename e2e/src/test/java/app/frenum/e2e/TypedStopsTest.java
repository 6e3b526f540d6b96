package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** From an empty database to a verdict by tape and keyboard, by a clipboard, and more of it later. */
class TypedStopsTest {
    private static final List<String> BEFORE = List.of("44.1", "44.3", "43.9", "44.0", "44.2");
    private static final List<String> AFTER = List.of("40.0", "40.3", "39.8", "40.1", "40.2");

    private final RunningServer server = RunningServer.onAnEmptyDatabase();
    private final Browser browser = new Browser();
    private Page page;
    private int actions;

    @BeforeEach
    void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        page = browser.page(server.url(), 1280, 800);
        page.navigate("/");
        assertThat(heading()).isVisible();
    }

    @AfterEach
    void close() {
        List<String> complaints = browser.complaints();
        browser.close();
        server.close();
        assertThat(complaints).isEmpty();
    }

    private Locator cell(String column, int row) {
        return page.getByLabel(column + ", row " + row, new Page.GetByLabelOptions().setExact(true));
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    private Locator verdict() {
        return page.getByLabel("What they come to");
    }

    /** A press, or a field filled with words; figures are what people came with, and do not count. */
    private void act(Runnable action) {
        actions++;
        action.run();
    }

    private void ask(String vehicle) {
        act(() -> page.getByLabel("What do you want to know").fill("Do the new pads stop it shorter?"));
        act(() -> page.getByLabel("Vehicle").fill(vehicle));
        act(() -> page.getByLabel("A, before").fill("As bought"));
        act(() -> page.getByLabel("B, after").fill("New pads"));
        page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true)).fill("100");
    }

    private void nothingSerious() {
        assertThat(new AxeBuilder(page)
                        .analyze().getViolations().stream()
                                .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                                .map(v -> v.getId() + v.getNodes().get(0).getHtml()))
                .isEmpty();
    }

    @Test
    void fromNothingToAVerdictInAtMostTwelveActions() {
        act(() -> way("Type stops").click());
        ask("Tarn 2.0");
        act(() -> cell("Distance", 1).focus());
        for (String metres : BEFORE) {
            page.keyboard().type(metres);
            page.keyboard().press("Enter");
        }
        act(() -> cell("Configuration", 6).fill("b"));
        act(() -> cell("Distance", 6).focus());
        for (String metres : AFTER) {
            page.keyboard().type(metres);
            page.keyboard().press("Enter");
        }
        assertThat(verdict()).containsText(Pattern.compile("B stops 4\\.\\d m shorter than A from 100 km/h"));
        nothingSerious();
        act(() -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep these 10 stops"))
                .click());

        assertThat(heading()).containsText(Pattern.compile("B stops 4\\.\\d m shorter than A from 100 km/h"));
        assertThat(actions).isLessThanOrEqualTo(12);
    }

    private String testId() {
        return server.get("/api/tests").get(0).get("test").get("id").asString();
    }

    private Locator way(String name) {
        return page.getByLabel("Ways in").getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name));
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** What a spreadsheet leaves on a clipboard, let go over a cell. */
    private void paste(Locator into, String text) {
        into.focus();
        into.evaluate("""
                (cell, text) => {
                  const data = new DataTransfer();
                  data.setData('text/plain', text);
                  cell.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
                }""", text);
    }

    private static String table(String header) {
        StringBuilder text = new StringBuilder(header);
        BEFORE.forEach(
                m -> text.append("as it was\t").append(m.replace('.', ',')).append('\n'));
        AFTER.forEach(m -> text.append("new pads\t").append(m.replace('.', ',')).append('\n'));
        return text.append("Mean\t42,0\n").toString();
    }

    @Test
    void aPastedTableLandsByItselfWhereItSaysWhatItIs() {
        way("Type stops").click();
        paste(cell("Distance", 1), table("Setup\tStopping distance [m]\n"));
        assertThat(page.getByText("10 rows taken in. Row 12, “Mean 42,0”, was left out"))
                .isVisible();
        page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true)).fill("100");
        assertThat(verdict()).containsText(Pattern.compile("B stops 4\\.\\d m shorter than A"));
        // What was typed stays typed, and can be taken back.
        assertThat(cell("Distance", 1)).hasValue("44,1");
        cell("Distance", 1).press("Control+z");
        assertThat(cell("Distance", 1)).hasValue("");
        cell("Distance", 1).press("Control+y");
        assertThat(cell("Distance", 10)).hasValue("40,2");
        page.reload();
        assertThat(cell("Distance", 10)).hasValue("40,2");
    }

    @Test
    void aPastedTableThatDoesNotSayIsAskedAboutOnce() {
        way("Type stops").click();
        paste(cell("Distance", 1), table("which\tit took\n"));
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Which column is which?");
        nothingSerious();
        page.getByLabel("What it took is").selectOption("distance");
        page.getByLabel("Unit of distance").last().selectOption("m");
        button("Take them in").click();
        assertThat(cell("Configuration", 6)).hasValue("new pads");
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Tests"))
                .click();
        page.evaluate("localStorage.removeItem('frenum.sheet.new')");
        page.reload();
        way("Type stops").click();
        paste(cell("Distance", 1), table("which\tit took\n"));
        assertThat(page.getByText("The columns are as you said last time for this header."))
                .isVisible();
    }

    @Test
    void byKeyboardAloneAndAWrongStopIsWrittenAnewByName() {
        page.keyboard().press("g");
        page.keyboard().press("y");
        assertThat(heading()).containsText("Type or paste stops");
        page.getByLabel("What do you want to know").focus();
        for (String said : List.of("Better?", "Tarn 2.0", "As bought", "New pads", "100")) {
            page.keyboard().type(said);
            page.keyboard().press("Tab");
        }
        cell("Distance", 1).focus();
        for (String metres : List.of("44.1", "44.3", "440", "44.0")) {
            page.keyboard().type(metres);
            page.keyboard().press("Enter");
        }
        assertThat(page.getByText("440.0 m is 10.0 times what the others are")).isVisible();
        button("Keep these 4 stops").focus();
        assertThat(button("Keep these 4 stops")).isFocused();
        page.keyboard().press("Enter");
        assertThat(heading()).containsText("Nothing to compare yet");

        page.keyboard().press("g");
        page.keyboard().press("y");
        button("Write stop 3 of As bought anew").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("In place of a stop that was written down wrongly."))
                .isVisible();
        cell("Distance", 1).focus();
        page.keyboard().press("Control+a");
        page.keyboard().type("44.0");
        nothingSerious();
        button("Keep this stop").focus();
        page.keyboard().press("Enter");
        assertThat(heading()).containsText("Nothing to compare yet");
        JsonNode stops = server.get("/api/tests/" + testId()).get("stops");
        JsonNode wrong = stops.get(2);
        assertThat(wrong.get("struckOut").asBoolean()).isTrue();
        assertThat(wrong.get("decisions").get(0).get("by").asString()).isEqualTo("Marshal");
        assertThat(stops).hasSize(5);
    }

    @Test
    void onAPhoneByTouch() {
        page.context().close();
        page = browser.phone(server.url());
        page.navigate("/");
        way("Type stops").tap();
        ask("Tarn 2.0");
        cell("Configuration", 1).fill("a");
        cell("Configuration", 4).fill("b");
        List<String> metres = List.of("44.1", "44.3", "43.9", "40.0", "40.3", "39.8");
        for (int i = 0; i < metres.size(); i++) {
            cell("Distance", i + 1).tap();
            assertThat(cell("Distance", i + 1)).isFocused();
            page.keyboard().type(metres.get(i));
        }
        assertThat(verdict()).containsText(Pattern.compile("B stops 4\\.\\d m shorter than A"));
        button("Keep these 6 stops").tap();
        assertThat(heading()).containsText("shorter than A");
        button("Read").tap();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Stops"))
                .tap();
        assertThat(heading()).containsText("Stop 1 of A");
        button("Set up").tap();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Imperial");
        nothingSerious();
        button("Imperial").tap();
        page.keyboard().press("Escape");
        assertThat(page.locator("body")).containsText(" ft");
    }

    @Test
    void severalFilesAreOnePassAndABadOneStopsNoOther(@TempDir Path folder) throws Exception {
        Path old = Files.copy(Journeys.AS_BOUGHT, folder.resolve("tarn-old-pads-1.csv"));
        Path bad = Files.writeString(folder.resolve("tarn-broken-1.csv"), "time [s],speed [km/h]\n0,1\n0.1,=cmd()\n");
        Path fresh = Files.copy(Journeys.PADS_AND_FLUID, folder.resolve("tarn-new-pads-1.csv"));
        way("Bring in").click();
        page.getByLabel("Choose files").setInputFiles(new Path[] {old, bad, fresh});
        Locator files = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Files"));
        assertThat(files).containsText("line 3, column 2");
        assertThat(page.getByLabel("Configuration of tarn-new-pads-1.csv")).hasValue("new pads");
        assertThat(page.getByLabel("Nominal speed", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("90");
        nothingSerious();
        page.getByLabel("What do you want to know").fill("Better?");
        page.getByLabel("Its name").fill("Tarn 2.0");
        button("Keep 2 files, 18 stops").click();
        assertThat(heading()).containsText("from 90 km/h");

        // Stops from another speed are asked about before they go into this test.
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Bring in"))
                .click();
        Path slow = Files.writeString(
                folder.resolve("slow.csv"), "configuration,nominal speed [km/h],distance [m]\nold pads,50,14.1\n");
        page.getByLabel("Choose files").setInputFiles(slow);
        assertThat(page.getByText("These stops begin at about")).isVisible();
        assertThat(button("Save 1 stop")).isDisabled();
        page.getByLabel("Keep them in this test all the same").check();
        assertThat(button("Save 1 stop")).isEnabled();
    }

    @Test
    void aTrackOfAReceiverIsALog(@TempDir Path folder) throws Exception {
        StringBuilder gpx = new StringBuilder("<gpx version=\"1.1\"><trk><trkseg>");
        for (int i = 0; i < 400; i++) {
            double t = i / 10.0;
            double v = t < 10 ? 2.5 * t : t < 20 ? 25 : Math.max(0, 25 - 8 * (t - 20));
            gpx.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat=\"54\" lon=\"-3\"><time>%s</time><extensions><speed>%.2f</speed></extensions></trkpt>",
                    Instant.parse("2026-06-20T10:00:00Z").plusMillis(100L * i),
                    v));
        }
        Path file = Files.writeString(folder.resolve("old pads.gpx"), gpx.append("</trkseg></trk></gpx>"));
        way("Bring in").click();
        page.getByLabel("Choose files").setInputFiles(file);
        assertThat(page.getByText("Stops found")).isVisible();
        assertThat(page.getByLabel("Keep stop 1")).isChecked();
        assertThat(page.getByLabel("Nominal speed", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("90");
    }
}
