package app.frenum.core.stop;

import app.frenum.core.log.Drive;
import app.frenum.core.log.FusedSpeed;
import app.frenum.core.quantity.Figure;
import java.util.function.ToDoubleFunction;

/**
 * A stop measured once more with the speed that a slow receiver and the accelerometer give together. It stands beside
 * the receiver's own figures and never in their place.
 *
 * @param entrySpeed m/s
 * @param distance onset to rest, or to the release of a snub, m
 * @param latency how late the receiver told, s
 * @param bias what the accelerometer read too much of slowing, m/s²
 */
public record FusedStop(Figure entrySpeed, Figure distance, Figure latency, Figure bias) {

    static FusedStop none(String reason) {
        Figure unknown = Figure.unknown(reason);
        return new FusedStop(unknown, unknown, unknown, unknown);
    }

    /** @param shiftS by how much the receiver's readings were moved back already, s */
    static FusedStop of(Drive drive, BrakeApplication brake, double onsetS, double restSpeedRms, double shiftS) {
        return FusedSpeed.of(drive)
                .filter(f -> f.speed().covers(onsetS))
                .map(f -> measured(f, brake.from(onsetS), restSpeedRms, shiftS))
                .orElseGet(() -> none("it needs speed at 20 Hz or less and an accelerometer that is faster"));
    }

    private static FusedStop measured(FusedSpeed fused, BrakeApplication brake, double restSpeedRms, double shiftS) {
        StopExtent extent = StopExtent.of(fused.speed(), brake, restSpeedRms);
        ToDoubleFunction<StopExtent> distance = e -> fused.speed().integral(e.onsetS(), e.lastSampleS()) + e.tailM();
        return new FusedStop(
                Figure.of(fused.speed().at(extent.onsetS())),
                Figure.of(distance.applyAsDouble(extent)),
                Figure.of(shiftS + fused.latencyS()),
                Figure.of(fused.biasMps2()));
    }
}
