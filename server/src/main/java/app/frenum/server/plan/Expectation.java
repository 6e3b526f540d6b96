package app.frenum.server.plan;

import java.time.Instant;

/** What was expected of a test before its first stop. */
public record Expectation(String expectation, String by, Instant sealedAt) {}
