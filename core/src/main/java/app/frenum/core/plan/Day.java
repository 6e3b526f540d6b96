package app.frenum.core.plan;

import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.procedure.Procedure;
import java.util.List;
import java.util.Optional;

/**
 * What a day of testing is made of.
 *
 * @param procedure run in every block
 * @param blocks in order, from {@link RunOrder#blocks}
 * @param fittings one per configuration, the baseline first
 * @param motion how the car gets to its stops and back
 * @param heat of a front disc; absent when masses are not known, and then only intervals make anyone wait
 */
public record Day(
        Procedure procedure, List<RunOrder.Block> blocks, List<Fitting> fittings, Motion motion, Optional<Heat> heat) {
    public Day {
        blocks = List.copyOf(blocks);
        fittings = List.copyOf(fittings);
    }

    /**
     * What it takes to change over to a configuration.
     *
     * @param fittingS wheels off to wheels on, s
     * @param beddingS snubs and cool-down still to be done, s; 0 when the parts are bedded in
     */
    public record Fitting(double fittingS, double beddingS) {}

    /**
     * Driving between stops.
     *
     * @param accelerationMps2 to test speed
     * @param decelerationMps2 expected of a full stop
     * @param settleS at test speed
     * @param turnRoundS at both ends together
     * @param returnMps on the way back
     * @param laneM driven back
     * @param inspectionS each
     */
    public record Motion(
            double accelerationMps2,
            double decelerationMps2,
            double settleS,
            double turnRoundS,
            double returnMps,
            double laneM,
            double inspectionS) {
        /** From the start of the run-up to back at the start, s. */
        double roundS(double v1, double v2) {
            return v1 / accelerationMps2 + settleS + (v1 - v2) / decelerationMps2 + turnRoundS + laneM / returnMps;
        }

        /** From the start of the run-up to the brake point, s. */
        double runUpS(double v1) {
            return v1 / accelerationMps2 + settleS;
        }
    }

    /** How a front disc heats and cools. */
    public record Heat(DiscRise rise, Cooling cooling) {}
}
