package app.frenum.server.sheet;

import java.util.UUID;

/** Where a table went. */
record KeptIn(UUID testId) {}
