package app.frenum.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.frenum.core.quantity.Unit;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What measures beside the made-up car reads when somebody would, and nothing else. */
class InstrumentsTest {
    private static final Instant AT = Instant.parse("2026-06-20T09:00:00Z");
    private static final double[] DISCS = {300, 310, 180, 190};

    private final DeviceLink link = mock(DeviceLink.class);
    private final RehearsedCar car = mock(RehearsedCar.class);
    private final List<Reading> sent = new ArrayList<>();

    @BeforeEach
    void heard() {
        doAnswer(call -> sent.add(call.getArgument(0))).when(link).send(any(Reading.class));
        when(car.rate()).thenReturn(1.0);
    }

    private List<String> quantities() {
        return sent.stream().map(Reading::quantity).toList();
    }

    @Test
    void theGunReadsAStandingCarFrontFirstEachDiscOnce() {
        ThermometerGun gun = new ThermometerGun(link, car, 1);
        when(car.discsAtRest()).thenReturn(Optional.empty());
        gun.advance(60);
        assertThat(sent).as("nobody reads a car that drives").isEmpty();
        when(car.discsAtRest()).thenReturn(Optional.of(DISCS));
        gun.advance(2.9);
        assertThat(sent).isEmpty();
        gun.advance(0.1);
        assertThat(quantities()).containsExactly("DISC_TEMPERATURE_FRONT_LEFT");
        gun.advance(60);
        assertThat(quantities())
                .containsExactly(
                        "DISC_TEMPERATURE_FRONT_LEFT",
                        "DISC_TEMPERATURE_FRONT_RIGHT",
                        "DISC_TEMPERATURE_REAR_LEFT",
                        "DISC_TEMPERATURE_REAR_RIGHT");
        assertThat(sent).allSatisfy(r -> assertThat(r.unit()).isEqualTo(Unit.CELSIUS));
        for (int i = 0; i < DISCS.length; i++) {
            assertThat(sent.get(i).value()).isBetween(DISCS[i] - 15, DISCS[i] + 15);
        }
        gun.advance(600);
        assertThat(sent).as("a disc is read once a stop").hasSize(4);
        when(car.discsAtRest()).thenReturn(Optional.empty());
        gun.advance(1);
        when(car.discsAtRest()).thenReturn(Optional.of(DISCS));
        gun.advance(10);
        assertThat(sent).as("after the next stop, again").hasSize(8);
    }

    @Test
    void whoeverReadsGoesWithTheCarsClock() {
        when(car.rate()).thenReturn(20.0);
        when(car.discsAtRest()).thenReturn(Optional.of(DISCS));
        new ThermometerGun(link, car, 1).advance(0.16);
        assertThat(sent).hasSize(1);
    }

    @Test
    void theRollersTestTheCarOnceForEverySetOfParts() {
        RollerTester rollers = new RollerTester(link, car, 1);
        rollers.advance();
        rollers.advance();
        assertThat(quantities())
                .containsExactly(
                        "BRAKE_FORCE_FRONT_LEFT",
                        "BRAKE_FORCE_FRONT_RIGHT",
                        "BRAKE_FORCE_REAR_LEFT",
                        "BRAKE_FORCE_REAR_RIGHT");
        when(car.configuration()).thenReturn(1);
        rollers.advance();
        assertThat(sent).hasSize(8);
        for (int i = 0; i < 4; i++) {
            double before = sent.get(i).value();
            assertThat(before % 10).as("a roller tester shows tens of newtons").isZero();
            assertThat(sent.get(i + 4).value() / before).isBetween(1.02, 1.15);
        }
        assertThat(sent.get(0).value()).isGreaterThan(sent.get(2).value());
    }

    @Test
    void theMastsWeatherIsThatOfADayAndTheSameForTheSameSeed() {
        WeatherMast one = new WeatherMast(7);
        WeatherMast same = new WeatherMast(7);
        WeatherMast other = new WeatherMast(8);
        boolean differs = false;
        for (int minute = 0; minute < 24 * 60; minute += 10) {
            List<Reading> now = one.after(Duration.ofMinutes(10), AT.plusSeconds(60L * minute));
            assertThat(same.after(Duration.ofMinutes(10), AT.plusSeconds(60L * minute)))
                    .isEqualTo(now);
            differs |= !other.after(Duration.ofMinutes(10), AT.plusSeconds(60L * minute))
                    .equals(now);
            assertThat(now.get(0).value()).isBetween(8.0, 20.0);
            assertThat(now.get(1).value()).isBetween(12.0, 32.0);
            assertThat(now.get(2).value()).isBetween(-6.0, 8.0);
            assertThat(now.get(3).value()).isBetween(30.0, 90.0);
        }
        assertThat(differs).isTrue();
    }
}
