package app.frenum.server.device;

import app.frenum.core.quantity.Quantity;
import java.time.Instant;

/** What a device read last of one quantity. */
record LastReading(Instant at, ReadQuantity quantity, Quantity value) {}
