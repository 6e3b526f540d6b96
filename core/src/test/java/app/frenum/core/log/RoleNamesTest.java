package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoleNamesTest {
    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "speed, SPEED",
        "GPS speed, SPEED",
        "VehicleSpeed, SPEED",
        "velocity, SPEED",
        "wheel speed front left, WHEEL_SPEED_FRONT_LEFT",
        "Wheel_Speed_RR, WHEEL_SPEED_REAR_RIGHT",
        "WheelSpeed FL, WHEEL_SPEED_FRONT_LEFT",
        "engine speed, EXTRA",
        "wind speed, EXTRA",
        "deceleration, DECELERATION",
        "decel, DECELERATION",
        "longitudinal acceleration, ACCELERATION",
        "Accel X, ACCELERATION",
        "lateral acceleration, EXTRA",
        "pressure front, PRESSURE_FRONT",
        "brake press rear, PRESSURE_REAR",
        "line pressure, PRESSURE_FRONT",
        "pressure, PRESSURE_FRONT",
        "tyre pressure front, EXTRA",
        "oil pressure, EXTRA",
        "brake switch, BRAKE_SWITCH",
        "Brake light, BRAKE_SWITCH",
        "ABS active, ABS_ACTIVE",
        "pedal travel, PEDAL_TRAVEL",
        "brake pedal position, PEDAL_TRAVEL",
        "pedal force, PEDAL_FORCE",
        "disc temperature front left, DISC_TEMPERATURE_FRONT_LEFT",
        "Rotor Temp RL, DISC_TEMPERATURE_REAR_LEFT",
        "brake temp rr, DISC_TEMPERATURE_REAR_RIGHT",
        "disc temperature, EXTRA",
        "latitude, LATITUDE",
        "lon, LONGITUDE",
        "altitude, ALTITUDE",
        "throttle, EXTRA",
        "Geschwindigkeit, SPEED",
        "Bremsdruck vorne, PRESSURE_FRONT",
        "Verzögerung, DECELERATION",
        "Bremsscheibentemperatur hinten links, DISC_TEMPERATURE_REAR_LEFT",
        "Pression frein arrière, PRESSURE_REAR",
        "Vitesse roue avant gauche, WHEEL_SPEED_FRONT_LEFT",
        "Température disque avant droit, DISC_TEMPERATURE_FRONT_RIGHT",
        "velocidad, SPEED",
        "presión freno delantero, PRESSURE_FRONT",
        "velocità, SPEED",
        "pressione freno posteriore, PRESSURE_REAR",
        "snelheid, SPEED",
        "remdruk achter, PRESSURE_REAR",
        "velocidade, SPEED",
        "Motordrehzahl, EXTRA"
    })
    void recognisesTheWaysLoggersSpell(String name, Role role) {
        assertThat(RoleNames.recognise(name)).isEqualTo(role);
    }
}
