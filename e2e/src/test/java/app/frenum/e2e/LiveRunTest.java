package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.standin.Fault;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The trackside with a logger on board: the stand-in's car is driven as the card asks, twenty times as fast. */
class LiveRunTest extends Journey {
    private static final double RATE = 20;
    private static final int MOST_STEPS = 400;
    private static final int LONGEST_COOL_DOWN_MS = 60_000;

    private final UUID test = UUID.randomUUID();
    private PlannedRun planned;
    private JsonNode logger;
    private DrivenCar car;

    @BeforeEach
    void aLoggerInTheEstate() {
        planned = PlannedRun.through(page.request(), url());
        logger = planned.logger();
    }

    @AfterEach
    void park() {
        car.close();
    }

    private void drivenCar(long seed) {
        car = DrivenCar.at(url(), logger.get("code").asString(), seed);
        page.waitForCondition(() -> planned.get("/devices").toString().contains("\"connected\":true"));
    }

    /** A run that has begun and waits for its first stop. */
    private void begun(String order, int stopsEach, long seed) {
        planned.ofTheDemoCar(test, order, stopsEach);
        drivenCar(seed);
        planned.begin(test, RATE, logger.get("device").get("id").asString());
        page.evaluate("localStorage.setItem('frenum.person', 'Marshal')");
        page.navigate("/tests/" + test + "/run");
    }

    /** Does whatever the card asks for until it asks for this. */
    private void until(String imperative) {
        for (int i = 0; i < MOST_STEPS; i++) {
            String asked = heading().textContent();
            if (asked.equals(imperative)) {
                return;
            }
            act(asked);
        }
        assertThat(heading()).hasText(imperative);
    }

    private void act(String asked) {
        // A press within a second of a new step does nothing.
        page.locator("#main[data-steady=true]").waitFor();
        switch (asked) {
            case "Ask for the lane." -> page.keyboard().press("l");
            case "Go." -> page.keyboard().press("Space");
            case "It counts.", "It counts, with a note.", "Drive it again." ->
                page.keyboard().press("Enter");
            case "Change the parts." -> button("Done").click();
            default -> {}
        }
        page.waitForFunction(
                "was => document.querySelector('h1')?.textContent !== was",
                asked,
                new Page.WaitForFunctionOptions().setTimeout(LONGEST_COOL_DOWN_MS));
    }

    @Test
    void aRehearsedDayFromThePlanToItsVerdictAndWhatTheCrewMayLearn() {
        planned.ofTheDemoCar(test, "A_B_A", 4);
        drivenCar(21);
        page.navigate("/tests/" + test + "/run");
        choice("20 times").click();
        button("Rehearse").last().click();
        button("Sign the safety gate").click();
        assertThat(page.getByRole(AriaRole.CHECKBOX)).hasCount(10);
        page.getByRole(AriaRole.CHECKBOX).all().forEach(c -> c.check());
        button("Sign as Marshal").click();
        until("It counts.");
        nothingSerious("judged from the logger");
        assertThat(page.getByText(Pattern.compile("^[56]\\d\\.\\d % of the line pressure in front")))
                .isVisible();
        button("Drive it again all the same").click();
        page.getByLabel("Another reason").fill("the marshal walked in");
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.BUTTON).last().click();
        until("Keep rolling. Front discs are too hot.");
        assertThat(page.getByText("Ready at")).isVisible();
        assertThat(button("Start the stop")).isDisabled();
        until("Done. Let the brakes cool, rolling.");
        assertThat(page.getByText("Overruled")).isVisible();
        assertThat(page.getByText("the marshal walked in").last()).isVisible();
        nothingSerious("the crew's review");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See what came of it"))
                .click();
        assertThat(heading()).containsText(Pattern.compile("B stops \\d\\.\\d m shorter than A"));
        section("Stops");
        assertThat(page.getByText("Disc", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        isThrownAwayWhole();
    }

    private void isThrownAwayWhole() {
        section("Tests");
        Locator throwAway = button("Throw away Rehearsal");
        assertThat(throwAway.first()).isVisible();
        int before = throwAway.count();
        throwAway.first().click();
        assertThat(throwAway).hasCount(before - 1);
        button("Undo").click();
        assertThat(throwAway).hasCount(before);
    }

    @Test
    void whatTheRulesRefuseIsDrivenAgain() {
        begun("ONE_AFTER_ANOTHER", 3, 22);
        car.does(Fault.OVERSPEED);
        until("Drive it again.");
        assertThat(page.getByText(Pattern.compile("entered at 9\\d\\.\\d km/h, asked for 90"))
                        .first())
                .isVisible();
        act("Drive it again.");
        until("Go.");
        car.does(Fault.FORGOTTEN_SWITCH);
        until("Drive it again.");
        assertThat(page.getByText("was off, asked for on").first()).isVisible();
        car.does(Fault.NONE);
        act("Drive it again.");
        until("It counts.");
        act("It counts.");
        assertThat(page.getByText("1 of 3").first()).isVisible();
        until("Go.");
        car.does(Fault.REAR_LOCK);
        until("Testing is stopped.");
        assertThat(page.getByText("the rear axle locked first").first()).isVisible();
    }

    @Test
    void noiseIsNotedAndWithoutDiscSensorsTheCardAsksForReadings() {
        begun("ONE_AFTER_ANOTHER", 3, 25);
        until("It counts.");
        page.locator("input[type=file]").setInputFiles(new FilePayload("disc.png", "image/png", picture()));
        assertThat(page.getByAltText("Photo 1 of this stop")).isVisible();
        double clean = lastDistance();
        page.keyboard().press("e");
        choice("warm tyres").click();
        // What was added may change the judgement: it is gone along with only once that is known.
        page.waitForResponse(
                r -> r.url().contains("/events") && r.ok(),
                () -> button("Add to this stop").click());
        until("It counts.");
        act("It counts.");
        car.does(Fault.NOISY_SENSOR);
        until("Go.");
        act("Go.");
        assertThat(heading()).hasText(Pattern.compile("It counts.*|Drive it again\\."));
        assertThat(lastDistance())
                .as("a noisy pressure does not move the distance")
                .isBetween(clean * 0.93, clean * 1.07);
        car.does(Fault.DEAD_SENSOR);
        page.keyboard().press("Enter");
        until("Read the front discs.");
        page.keyboard().press("d");
        page.getByRole(AriaRole.DIALOG).waitFor();
        page.keyboard().type("90");
        page.keyboard().press("ArrowDown");
        page.keyboard().type("92");
        button("Take these readings").click();
        until("Go.");
        act("Go.");
        assertThat(heading()).hasText(Pattern.compile("It counts.*|Drive it again\\."));
        JsonNode last = planned.get("/runs/" + test)
                .get("stops")
                .valueStream()
                .reduce((a, b) -> b)
                .orElseThrow();
        assertThat(last.get("startC").get("FRONT_LEFT").asDouble()).isEqualTo(90);
        assertThat(planned.get("/tests/" + test)
                        .get("stops")
                        .valueStream()
                        .map(s -> s.get("tyres").asString()))
                .as("as felt beside the logger, of that stop alone")
                .startsWith("WARM")
                .doesNotContain("COLD");
        assertThat(last.get("logged").get("measured").get("peakTemperatures").size())
                .isZero();
    }

    private void releaseAfter(String inspected) {
        page.getByLabel("What was inspected, and found").fill(inspected);
        button("Release testing").click();
        button("Yes, testing may go on").click();
    }

    private static byte[] picture() {
        try (ByteArrayOutputStream png = new ByteArrayOutputStream()) {
            ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", png);
            return png.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private double lastDistance() {
        return planned.get("/runs/" + test)
                .get("stops")
                .valueStream()
                .reduce((a, b) -> b)
                .orElseThrow()
                .get("logged")
                .get("measured")
                .get("distance")
                .get("value")
                .asDouble();
    }

    @Test
    void boilingFluidStopsTestingByItself() {
        begun("ONE_AFTER_ANOTHER", 6, 26);
        for (int i = 0; i < 3; i++) {
            until("It counts.");
            act("It counts.");
        }
        car.does(Fault.BOILING_FLUID);
        until("Testing is stopped.");
        assertThat(page.getByText(Pattern.compile("the pedal went \\d+ % further"))
                        .first())
                .isVisible();
        assertThat(page.getByText("bleed it until the pedal is firm")).isVisible();
        // A disc that is looked at now keeps it stopped until another is in its place.
        page.keyboard().press("k");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("3. Radial crack to an edge"))
                .click();
        page.getByLabel("Longest crack").fill("34");
        nothingSerious("a crack entered");
        button("Keep what was seen").click();
        releaseAfter("bled, pedal firm");
        assertThat(page.getByText("Fit another, look at it").first()).isVisible();
        assertThat(heading()).hasText("Testing is stopped.");
        page.keyboard().press("k");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("0. No crack"))
                .click();
        button("Keep what was seen").click();
        releaseAfter("another disc fitted; bled, pedal firm");
        assertThat(heading()).not().hasText("Testing is stopped.");
    }

    @Test
    void fadingPadsShowWhileTheyAreDriven() {
        begun("ONE_AFTER_ANOTHER", 6, 27);
        for (int i = 0; i < 2; i++) {
            until("It counts.");
            act("It counts.");
        }
        double fresh = lastDistance();
        car.does(Fault.FADING_PADS);
        until("Go.");
        act("Go.");
        assertThat(heading()).hasText(Pattern.compile("It counts.*"));
        assertThat(lastDistance()).isGreaterThan(1.05 * fresh);
    }

    @Test
    void aLinkLostInAStopLosesNothing() {
        begun("ONE_AFTER_ANOTHER", 3, 23);
        until("Go.");
        page.keyboard().press("Space");
        assertThat(heading()).hasText("Hold the speed, brake at the cone.");
        car.does(Fault.DROP_LINK);
        assertThat(page.getByText("The link to the logger is gone")).isVisible();
        assertThat(heading()).hasText(Pattern.compile("It counts.*"));
        JsonNode stop = planned.get("/runs/" + test).get("stops").get(0);
        assertThat(stop.get("flags").toString()).doesNotContain("GAP_IN_STOP");
        page.waitForCondition(() -> car.waiting() < 5);
    }

    @Test
    void aLoggerWithAWrongClockIsPlacedOnTheRunsClock() {
        planned.ofTheDemoCar(test, "ONE_AFTER_ANOTHER", 3);
        car = DrivenCar.withWrongClock(url(), logger.get("code").asString(), 24);
        planned.begin(test, RATE, logger.get("device").get("id").asString());
        page.evaluate("localStorage.setItem('frenum.person', 'Marshal')");
        page.navigate("/tests/" + test + "/run");
        until("It counts.");
        JsonNode run = planned.get("/runs/" + test);
        double late = run.get("nowS").asDouble()
                - run.get("stops").get(0).get("restAtS").asDouble();
        assertThat(late).as("seconds since rest, at %s times", RATE).isBetween(0.0, 20 * RATE);
    }
}
