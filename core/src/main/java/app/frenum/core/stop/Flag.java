package app.frenum.core.stop;

/**
 * One thing to be said about a stop.
 *
 * @param code which rule spoke
 * @param message with the figures it spoke on
 */
public record Flag(FlagCode code, String message) {}
