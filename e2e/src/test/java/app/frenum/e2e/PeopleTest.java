package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import app.frenum.server.RunningServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who comes in, from which screen, and how they are out again. */
class PeopleTest {
    private static final String SECOND = "The second engineer";
    private Browser browser;

    @BeforeEach
    void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        browser = new Browser();
    }

    @AfterEach
    void close() {
        List<String> complaints = browser.complaints();
        browser.close();
        assertThat(complaints).isEmpty();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator heading(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    private static void nothingSerious(Page page) {
        assertThat(new AxeBuilder(page)
                        .analyze().getViolations().stream()
                                .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                                .map(v -> v.getId() + v.getNodes().get(0).getHtml())
                                .toList())
                .isEmpty();
    }

    @Test
    void theFirstOwnerLetsOthersInAndOneScreenChangesHands() {
        try (RunningServer server = RunningServer.onAnEmptyDatabase()) {
            Page page = browser.stranger(server.url(), 1280, 800);
            page.navigate("/tests");
            assertThat(heading(page)).hasText("Who answers for this Frenum?");
            nothingSerious(page);
            page.getByLabel("Name").fill("Club secretary");
            page.getByLabel("Password").fill("frenum frenum");
            button(page, "I answer for this Frenum").click();
            assertThat(page.getByText("among the first that anybody would try")).isVisible();
            page.getByLabel("Password").fill("four wet cones at dusk");
            button(page, "I answer for this Frenum").click();
            assertThat(heading(page)).not().hasText("Who answers for this Frenum?");

            page.navigate("/people");
            page.getByLabel("Name of somebody new").fill("Club driver");
            page.getByLabel("Their password").fill("seven dry marks at noon");
            button(page, "Add").click();
            assertThat(page.getByLabel("What Club driver may do")).hasValue("DRIVER");
            nothingSerious(page);
            button(page, "Somebody else signs in here too").click();
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("club DRIVER");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                    .fill("seven dry marks at dusk");
            button(page, "Sign in").click();
            assertThat(page.getByText("Name and password do not belong together."))
                    .isVisible();
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                    .fill("seven dry marks at noon");
            button(page, "Sign in").click();
            assertThat(button(page, "Hand over to Club secretary")).isVisible();
            // A driver says nothing of who may do what.
            assertThat(page.getByLabel("Name of somebody new")).hasCount(0);

            page.navigate("/history?what=Account");
            assertThat(page.getByText("Club secretary added an account").first())
                    .isVisible();
            nothingSerious(page);

            page.navigate("/people");
            button(page, "Sign out Club driver").click();
            button(page, "Sign out Club secretary").click();
            assertThat(heading(page)).hasText("Who is here?");
            page.navigate("/history");
            assertThat(heading(page)).hasText("Who is here?");
        }
    }

    @Test
    void aPasskeyIsMadeByWhoeverKnowsThePasswordAndLetsThemInUntilItIsTakenOut() {
        try (RunningServer server = RunningServer.onAnEmptyDatabase()) {
            server.door().add("Club driver", "DRIVER");
            Page byNumber = browser.page(server.url(), 1280, 800);
            byNumber.navigate("/people");
            assertThat(byNumber.getByText("Browsers keep passkeys for names")).isVisible();

            Page page = browser.stranger(server.url().replace("127.0.0.1", "localhost"), 1280, 800);
            keepsPasskeys(page);
            page.navigate("/people");
            button(page, "Sign in with a passkey").click();
            assertThat(page.getByText("No passkey was used.")).isVisible();
            page.getByLabel("Name").fill("Club driver");
            page.getByLabel("Password").fill(Door.PASSWORD);
            button(page, "Sign in").click();
            page.getByLabel("What the passkey is called").fill("<b>My</b> phone");
            page.getByLabel("Password of Club driver").fill("not that one");
            button(page, "Make a passkey").click();
            assertThat(page.getByText("Name and password do not belong together."))
                    .isVisible();
            page.getByLabel("Password of Club driver").fill(Door.PASSWORD);
            button(page, "Make a passkey").click();
            assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("localhost")))
                    .isVisible();
            nothingSerious(page);

            button(page, "Sign out Club driver").click();
            button(page, "Sign in with a passkey").click();
            button(page, "Take out <b>My</b> phone").click();
            assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("localhost")))
                    .hasCount(0);
            button(page, "Another password").click();
            page.getByLabel("The one that you have").fill(Door.PASSWORD);
            page.getByLabel("The new one").fill("another seven cones");
            nothingSerious(page);
            button(page, "Change it").click();
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
            button(page, "Sign out Club driver").click();
            button(page, "Sign in with a passkey").click();
            assertThat(page.getByText("This passkey lets nobody in here.")).isVisible();
            page.getByLabel("Name").fill("Club driver");
            page.getByLabel("Password").fill("another seven cones");
            button(page, "Sign in").click();
            assertThat(page.getByText("Signed in here")).isVisible();
        }
    }

    /** A device that shows a finger whenever it is asked to. */
    private static void keepsPasskeys(Page page) {
        CDPSession device = page.context().newCDPSession(page);
        device.send("WebAuthn.enable");
        JsonObject kind = new JsonObject();
        kind.addProperty("protocol", "ctap2");
        kind.addProperty("transport", "internal");
        List.of("hasResidentKey", "hasUserVerification", "isUserVerified", "automaticPresenceSimulation")
                .forEach(able -> kind.addProperty(able, true));
        JsonObject added = new JsonObject();
        added.add("options", kind);
        device.send("WebAuthn.addVirtualAuthenticator", added);
    }

    @Test
    void aPhoneJoinsByItsCodeAndIsOutOnceItIsCutOff() {
        try (RunningServer server = RunningServer.withDemo()) {
            Page laptop = browser.page(server.url(), 1280, 800);
            laptop.navigate("/people");
            laptop.getByLabel("As whom").selectOption("Test marshal");
            button(laptop, "Show a code").click();
            String code = laptop.getByText(Pattern.compile("^[A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}$"))
                    .textContent();
            assertThat(laptop.getByLabel(Pattern.compile("Picture of http://127")))
                    .isVisible();
            nothingSerious(laptop);

            Page phone = browser.stranger(server.url(), 390, 844);
            phone.navigate("/join#" + code);
            phone.getByLabel("What this screen is called").fill("Marshal’s phone");
            nothingSerious(phone);
            button(phone, "Join").click();
            assertThat(heading(phone)).not().hasText("Who is here?");
            phone.navigate("/people");
            assertThat(phone.getByText("Signed in here")).isVisible();
            assertThat(phone.getByText("holds it")).isVisible();

            laptop.reload();
            button(laptop, "Cut off Marshal’s phone").click();
            assertThat(heading(phone)).hasText("Who is here?");
            assertThat(laptop.getByText("Marshal’s phone")).hasCount(0);
        }
    }

    @Test
    void whatTwoJudgedDifferentlyIsShownToBoth() {
        try (RunningServer server = RunningServer.withDemo()) {
            server.door().add(SECOND, "ENGINEER");
            Door other = Door.shut(server.url());
            other.signIn(SECOND);
            String test = "";
            for (JsonNode t : server.get("/api/tests")) {
                test = t.get("test").get("question").asString().startsWith("Do semi-metallic")
                        ? t.get("test").get("id").asString()
                        : test;
            }
            HandDrive drive = new HandDrive(server, test);
            drive.warmUp();
            drive.stop(90, 90.2, 49.6);
            Page first = browser.page(server.url(), 1280, 800);
            Page second = browser.phone(server.url());
            first.navigate("/tests/" + test + "/run");
            second.navigate("/tests/" + test + "/run");
            assertThat(heading(first)).isVisible();
            assertThat(heading(second)).isVisible();
            JsonNode stops = server.get("/api/runs/" + test).get("stops");
            String stop = stops.get(stops.size() - 1).get("id").asString();
            judge(server.door(), test, stop, "VALID", "");
            judge(other, test, stop, "REPEAT", "the gate was missed");
            for (Page page : List.of(first, second)) {
                assertThat(page.getByRole(AriaRole.ALERT))
                        .containsText(Pattern.compile(
                                "was judged differently\\..*Marshal.*it counts.*" + SECOND + ".*the gate was missed"));
            }
            button(second, "We have settled it").click();
            assertThat(first.getByText("was judged differently")).hasCount(0);

            // While somebody signs in on the card, STOP TESTING is in reach.
            button(second, Door.MARSHAL).click();
            button(second, "Somebody else").click();
            assertThat(second.getByRole(AriaRole.DIALOG)).isVisible();
            second.getByText("STOP TESTING").click();
            assertThat(second.getByText("Testing is stopped.")).isVisible();
        }
    }

    private static void judge(Door by, String test, String stop, String validity, String reason) {
        assertThat(by.ask(
                                "POST",
                                "/api/runs/" + test + "/events",
                                Map.of(
                                        "id",
                                        UUID.randomUUID(),
                                        "atS",
                                        Instant.now().toEpochMilli() / 1000.0,
                                        "what",
                                        Map.of(
                                                "type",
                                                "decided",
                                                "validity",
                                                validity,
                                                "reason",
                                                reason,
                                                "stop",
                                                stop)))
                        .status())
                .isEqualTo(200);
    }
}
