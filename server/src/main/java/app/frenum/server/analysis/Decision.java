package app.frenum.server.analysis;

import java.time.Instant;

/** One decision about a stop: struck out, or brought back. */
public record Decision(boolean struckOut, String reason, String by, Instant at) {}
