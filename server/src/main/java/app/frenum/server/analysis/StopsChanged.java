package app.frenum.server.analysis;

import java.util.UUID;

/** Told to whoever keeps figures of a test: its stops are not what they were. */
public record StopsChanged(UUID testId) {}
