package app.frenum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.standin.Fault;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
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
        String operator = planned.operator();
        planned.begin(test, RATE, logger.get("device").get("id").asString(), operator);
        page.evaluate("id => localStorage.setItem('frenum.operator', id)", operator);
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
        button("20 times").click();
        button("Rehearse").last().click();
        page.getByLabel("Somebody else").fill("Marshal " + test);
        button("That is me").click();
        button("Sign the safety gate").click();
        assertThat(page.getByRole(AriaRole.CHECKBOX)).hasCount(10);
        page.getByRole(AriaRole.CHECKBOX).all().forEach(c -> c.check());
        button("Sign as Marshal").click();
        until("It counts.");
        nothingSerious("judged from the logger");
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
    }

    @Test
    void whatTheRulesRefuseIsDrivenAgain() {
        begun("ONE_AFTER_ANOTHER", 3, 22);
        car.does(Fault.OVERSPEED);
        until("Drive it again.");
        assertThat(page.getByText(Pattern.compile("entry speed 9\\d\\.\\d km/h, asked for 90"))
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
        String operator = planned.operator();
        planned.begin(test, RATE, logger.get("device").get("id").asString(), operator);
        page.evaluate("id => localStorage.setItem('frenum.operator', id)", operator);
        page.navigate("/tests/" + test + "/run");
        until("It counts.");
        JsonNode run = planned.get("/runs/" + test);
        double late = run.get("nowS").asDouble()
                - run.get("stops").get(0).get("restAtS").asDouble();
        assertThat(late).as("seconds since rest, at %s times", RATE).isBetween(0.0, 20 * RATE);
    }
}
