package app.frenum.server.screen;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A phone or laptop.
 *
 * @param people who are signed in there
 * @param lastSeenAt when it asked for something last
 * @param own whether it is the one that asks
 */
record ScreenView(UUID id, String name, List<String> people, Instant lastSeenAt, boolean own) {}
