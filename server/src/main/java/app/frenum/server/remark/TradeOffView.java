package app.frenum.server.remark;

import app.frenum.core.compare.TradeOff;
import java.util.UUID;

/** A trade-off of one configuration. */
record TradeOffView(UUID id, UUID configurationId, TradeOff tradeOff) {}
