package app.frenum.server.plan;

import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A test as the other features see it.
 *
 * @param grade rise/run in driving direction, or null when unknown
 * @param marginSize metres, or a fraction of the baseline
 * @param baselineConfigurationId null until there is a series
 * @param rehearsal whether nothing of it is taken for a measurement
 */
public record TestDefinition(
        UUID id,
        UUID vehicleId,
        String question,
        String lane,
        @Nullable Double grade,
        Quantity nominalSpeed,
        DistanceBasis basis,
        double marginSize,
        boolean marginOfBaseline,
        @Nullable UUID baselineConfigurationId,
        LocalDate drivenOn,
        boolean rehearsal) {}
