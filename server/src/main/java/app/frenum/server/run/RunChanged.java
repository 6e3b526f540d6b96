package app.frenum.server.run;

import java.util.UUID;

/** A run has another event, or other devices. */
record RunChanged(UUID testId, int events) {}
