package app.frenum.server.intake;

import java.util.UUID;

/** Where an import went. */
public record Saved(UUID testId) {}
