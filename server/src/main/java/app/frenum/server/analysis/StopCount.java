package app.frenum.server.analysis;

import java.util.UUID;

/** How many stops a series has. */
public record StopCount(UUID seriesId, long stops) {}
