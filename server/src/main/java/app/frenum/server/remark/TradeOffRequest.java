package app.frenum.server.remark;

import app.frenum.core.compare.TradeOff;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** What speaks for or against a configuration of a test. */
record TradeOffRequest(
        @NotNull UUID configurationId, @NotNull TradeOff tradeOff) {}
