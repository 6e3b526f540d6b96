package app.frenum.core.log;

import app.frenum.core.quantity.Dimension;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a recorded channel is for. A log has at most one channel per role, but any number of extra ones. */
public enum Role {
    SPEED(Dimension.SPEED),
    DECELERATION(Dimension.DECELERATION),
    /** Longitudinal acceleration, positive when speeding up: read as deceleration with its sign turned. */
    ACCELERATION(Dimension.DECELERATION),
    PRESSURE_FRONT(Dimension.PRESSURE),
    PRESSURE_REAR(Dimension.PRESSURE),
    BRAKE_SWITCH(Dimension.RATIO),
    ABS_ACTIVE(Dimension.RATIO),
    PEDAL_TRAVEL(Dimension.LENGTH),
    PEDAL_FORCE(Dimension.FORCE),
    WHEEL_SPEED_FRONT_LEFT(Dimension.SPEED),
    WHEEL_SPEED_FRONT_RIGHT(Dimension.SPEED),
    WHEEL_SPEED_REAR_LEFT(Dimension.SPEED),
    WHEEL_SPEED_REAR_RIGHT(Dimension.SPEED),
    DISC_TEMPERATURE_FRONT_LEFT(Dimension.TEMPERATURE),
    DISC_TEMPERATURE_FRONT_RIGHT(Dimension.TEMPERATURE),
    DISC_TEMPERATURE_REAR_LEFT(Dimension.TEMPERATURE),
    DISC_TEMPERATURE_REAR_RIGHT(Dimension.TEMPERATURE),
    LATITUDE(Dimension.ANGLE),
    LONGITUDE(Dimension.ANGLE),
    ALTITUDE(Dimension.LENGTH),
    /** Kept and drawn, but not computed with. */
    EXTRA(null);

    private final @Nullable Dimension dimension;

    Role(@Nullable Dimension dimension) {
        this.dimension = dimension;
    }

    /** What a channel of this role measures; empty for {@link #EXTRA}, which may be anything. */
    public Optional<Dimension> dimension() {
        return Optional.ofNullable(dimension);
    }

    /** On or off: needs no unit. */
    public boolean isSwitch() {
        return this == BRAKE_SWITCH || this == ABS_ACTIVE;
    }

    public boolean isWheelSpeed() {
        return name().startsWith("WHEEL_SPEED_");
    }

    public boolean isDiscTemperature() {
        return name().startsWith("DISC_TEMPERATURE_");
    }

    public static Role wheelSpeed(WheelPosition wheel) {
        return valueOf("WHEEL_SPEED_" + wheel.name());
    }

    public static Role discTemperature(WheelPosition wheel) {
        return valueOf("DISC_TEMPERATURE_" + wheel.name());
    }

    public static Optional<Role> named(String name) {
        return Arrays.stream(values()).filter(r -> r.name().equals(name)).findFirst();
    }
}
