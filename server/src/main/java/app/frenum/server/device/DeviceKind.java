package app.frenum.server.device;

/** What a device is. */
public enum DeviceKind {
    LOGGER,
    THERMOMETER,
    ROLLER_TESTER,
    WEATHER_MAST
}
