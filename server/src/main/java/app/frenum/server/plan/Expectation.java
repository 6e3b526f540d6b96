package app.frenum.server.plan;

import app.frenum.core.people.Who;
import java.time.Instant;

/** What was expected of a test before its first stop. */
public record Expectation(String expectation, Who by, Instant sealedAt) {}
