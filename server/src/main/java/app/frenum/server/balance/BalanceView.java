package app.frenum.server.balance;

import app.frenum.core.balance.AdjusterLine;
import app.frenum.core.balance.LineShare;
import app.frenum.core.balance.LockOrder;
import app.frenum.core.finding.Finding;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a test's stops shared their pressure and force between the axles. Shares are front shares, 0 to 1.
 *
 * @param sentences what it comes to
 * @param letGo of which stops the samples were let go, so that their pressures cannot be read; null where all have theirs
 * @param forceRatio brake force per bar in front over that behind, to go from line pressure to brake force
 * @param ideals for each load that was driven
 * @param adjuster null where no setting was driven
 * @param rollers shares of force that a roller tester read
 */
record BalanceView(
        List<Finding> sentences,
        @Nullable Finding letGo,
        Figure forceRatio,
        List<IdealView> ideals,
        List<BalanceSide> sides,
        @Nullable AdjusterView adjuster,
        List<RolledView> rollers) {
    /**
     * The ideal under one load.
     *
     * @param reason why it is not known; empty where it is
     * @param at several decelerations
     */
    record IdealView(VehicleSpec.Load load, String reason, List<IdealAt> at) {}

    /**
     * The ideal front share of brake force, and of line pressure as far as one can be told from the other; each with the
     * half-width of its 95 % interval, 0 where the vehicle's figures were entered without a ±.
     */
    record IdealAt(double decelerationMps2, double force, double forceHalf, Figure pressure, double pressureHalf) {}

    /** One configuration; its mean with the half-width of its 95 % interval. */
    record BalanceSide(
            UUID configurationId, String name, int n, Figure mean, Figure halfWidth, List<BalanceStop> stops) {}

    /** One stop; {@code turns} is the adjuster's setting, where it is known. */
    record BalanceStop(
            UUID stopId,
            int number,
            VehicleSpec.Load load,
            Figure decelerationMps2,
            @Nullable Double turns,
            LineShare share,
            Optional<LockOrder> locked) {}

    /**
     * What the adjuster does.
     *
     * @param tried in the order driven
     * @param standsAt the last setting, turns from full front
     * @param band the line with the half-width of its 95 % interval, at several settings
     */
    record AdjusterView(List<AdjusterLine.Tried> tried, double standsAt, Figure play, List<BandAt> band) {}

    /** The line at a setting. */
    record BandAt(double turns, double share, double halfWidth) {}

    /** A visit to the rollers of a configuration. */
    record RolledView(UUID trialId, UUID configurationId, app.frenum.core.balance.RollerReading.Bounded frontShare) {}
}
