package app.frenum.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is left of the brakes, and which rules can still end a test of it. */
class BrakeSystemTest {
    @ParameterizedTest
    @CsvSource({
        "WHOLE, 1, 1, true",
        "ASSIST_OFF, 1, 1, true",
        "FRONT_CIRCUIT_OFF, 0, 1, false",
        "REAR_CIRCUIT_OFF, 1, 0, false",
        "DIAGONAL_FRONT_LEFT_OFF, 0.5, 0.5, true",
        "DIAGONAL_FRONT_RIGHT_OFF, 0.5, 0.5, true",
        "FRONT_LEFT_OFF, 0.5, 1, true",
        "REAR_RIGHT_OFF, 1, 0.5, true"
    })
    void aRearAxleCanOnlyLockFirstWhereBothBrake(BrakeSystem system, double front, double rear, boolean canLockFirst) {
        assertThat(system.works(true)).isEqualTo(front);
        assertThat(system.works(false)).isEqualTo(rear);
        assertThat(system.answersTo(AbortRule.REAR_LOCKS_FIRST)).isEqualTo(canLockFirst);
    }

    @ParameterizedTest
    @EnumSource(BrakeSystem.class)
    void whateverIsOffALongPedalEndsTesting(BrakeSystem system) {
        assertThat(system.answersTo(AbortRule.PEDAL_TO_FLOOR)).isTrue();
        assertThat(system.braked()).isNotEmpty();
    }

    @Test
    void theTwoDiagonalsAreTheWholeTogether() {
        assertThat(BrakeSystem.DIAGONAL_FRONT_LEFT_OFF.braked())
                .doesNotContainAnyElementsOf(BrakeSystem.DIAGONAL_FRONT_RIGHT_OFF.braked());
    }
}
