package app.frenum.core.log;

/** A corner of a two-axle vehicle, in the order in which people read them off. */
public enum WheelPosition {
    FRONT_LEFT("frontLeft", "front left"),
    FRONT_RIGHT("frontRight", "front right"),
    REAR_LEFT("rearLeft", "rear left"),
    REAR_RIGHT("rearRight", "rear right");

    private final String key;
    private final String label;

    WheelPosition(String key, String label) {
        this.key = key;
        this.label = label;
    }

    /** The name in open formats: {@code frontLeft}. */
    public String key() {
        return key;
    }

    /** The name for people and column headers: {@code front left}. */
    public String label() {
        return label;
    }

    public boolean isFront() {
        return this == FRONT_LEFT || this == FRONT_RIGHT;
    }
}
