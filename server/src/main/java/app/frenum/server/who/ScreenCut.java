package app.frenum.server.who;

import java.util.UUID;

/** A screen is cut off: whatever it has open is closed. */
public record ScreenCut(UUID screen) {}
