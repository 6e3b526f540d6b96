package app.frenum.server.analysis;

import java.time.Instant;

/** One setting of a stop's edges: by a person, or automatic when both are null. */
public record EdgeMove(Double onsetS, Double endS, String by, String why, Instant at) {}
