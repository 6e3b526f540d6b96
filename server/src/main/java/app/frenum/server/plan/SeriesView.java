package app.frenum.server.plan;

import java.util.UUID;

/** The stops of one configuration in one block. */
public record SeriesView(UUID id, UUID testId, UUID configurationId, int block, Conditions conditions) {}
