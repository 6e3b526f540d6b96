package app.frenum.server.recording;

import app.frenum.core.log.Channel;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A log that a device begins, or goes on with after a break.
 *
 * @param id made by the device, one for each time it is switched on
 * @param deviceId who writes it
 * @param name for people
 * @param startedAt when its time was 0, as the device's clock said
 */
public record LogStart(UUID id, UUID deviceId, String name, Instant startedAt, List<Channel> channels) {}
