package app.frenum.core.plan;

import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a day of testing is made of.
 *
 * @param procedure run in every block
 * @param blocks in order, from {@link RunOrder#blocks}
 * @param fittings one per configuration, the baseline first
 * @param motion how the car gets to its stops and back
 * @param slowingMps2 what each phase slows with, by its name; of others what a full stop is expected to
 * @param heat of a front disc; absent when masses are not known, and then only intervals make anyone wait
 */
public record Day(
        Procedure procedure,
        List<RunOrder.Block> blocks,
        List<Fitting> fittings,
        Motion motion,
        Map<String, Double> slowingMps2,
        Optional<Heat> heat) {
    public Day {
        blocks = List.copyOf(blocks);
        fittings = List.copyOf(fittings);
        slowingMps2 = Map.copyOf(slowingMps2);
    }

    /** One run of a phase, from the start of the run-up to back at the start, s. */
    double roundS(Phase phase) {
        return motion.roundS(
                phase.from().inside(),
                phase.to().inside(),
                slowingMps2.getOrDefault(phase.name(), motion.decelerationMps2()));
    }

    /**
     * What it takes to change over to a configuration.
     *
     * @param fittingS wheels off to wheels on, s
     * @param beddingS snubs and cool-down still to be done, s; 0 when the parts are bedded in
     * @param quickerS from configurations with which it goes quicker, by their index, s
     */
    public record Fitting(double fittingS, double beddingS, Map<Integer, Double> quickerS) {
        double fromS(int configuration) {
            return quickerS.getOrDefault(configuration, fittingS);
        }
    }

    /**
     * Driving between stops.
     *
     * @param accelerationMps2 to test speed
     * @param decelerationMps2 expected of a full stop
     * @param settleS at test speed
     * @param turnRoundS at both ends together; not on an oval
     * @param returnMps on the way back
     * @param lapM round an oval or loop; 0 where the vehicle turns at the end of its run and drives that back
     * @param inspectionS each
     */
    public record Motion(
            double accelerationMps2,
            double decelerationMps2,
            double settleS,
            double turnRoundS,
            double returnMps,
            double lapM,
            double inspectionS) {
        /** From the start of the run-up to back at the start, s. */
        double roundS(double v1, double v2, double slowingMps2) {
            double driven = v1 / accelerationMps2 + settleS + (v1 - v2) / slowingMps2;
            return driven + (lapM > 0 ? 0 : turnRoundS) + backM(v1, v2, slowingMps2) / returnMps;
        }

        /** From rest back to the start and up to speed again, m. */
        double rolledM(double v1) {
            return backM(v1, 0, decelerationMps2) + runUpM(v1);
        }

        /** From the end of a run to its start, m: as far as it went, or round the rest of the oval. */
        private double backM(double v1, double v2, double slowingMps2) {
            double run = runUpM(v1) + (v1 * v1 - v2 * v2) / (2 * slowingMps2);
            return lapM > 0 ? Math.max(0, lapM - run) : run;
        }

        private double runUpM(double v1) {
            return v1 * v1 / (2 * accelerationMps2) + v1 * settleS;
        }

        /** From the start of the run-up to the brake point, s. */
        double runUpS(double v1) {
            return v1 / accelerationMps2 + settleS;
        }
    }

    /**
     * How a disc heats and cools.
     *
     * @param lightKg of the vehicle
     * @param ladenKg as the plan loads it for laden phases
     * @param front whether it is a front disc
     * @param axleShare of the brake force of the whole brakes on its axle
     * @param discKg of one disc
     * @param wheels on its axle
     */
    public record Heat(
            double lightKg,
            double ladenKg,
            boolean front,
            double axleShare,
            double discKg,
            int wheels,
            Cooling cooling) {
        /** By how much one stop or snub of a phase heats it, with its load and with the circuits that work, °C. */
        double rise(Phase phase) {
            double kg = phase.load() == VehicleSpec.Load.LADEN ? ladenKg : lightKg;
            // Of an axle with one wheel left, that wheel's disc takes it all.
            int left = (int) Math.max(1, Math.round(wheels * phase.system().works(front)));
            return new DiscRise(kg, share(phase), discKg, left)
                    .of(phase.from().inside(), phase.to().inside());
        }

        private double share(Phase phase) {
            double frontShare = front ? axleShare : 1 - axleShare;
            double ofFront = frontShare * phase.system().works(true);
            double ofRear = (1 - frontShare) * phase.system().works(false);
            return (front ? ofFront : ofRear) / (ofFront + ofRear);
        }
    }
}
