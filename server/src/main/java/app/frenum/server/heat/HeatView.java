package app.frenum.server.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.heat.CoolingResidual;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.heat.HeatAnswer;
import app.frenum.core.heat.HeatStudy;
import app.frenum.core.heat.PadWindow;
import app.frenum.core.heat.SpeedCooling;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Figure;
import app.frenum.server.disc.AirFlowView;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The heat of a test.
 *
 * @param sentences what all sides come to
 * @param letGo of which stops the samples were let go, so that their cool-downs cannot be read; null where all have theirs
 * @param airFlow what was seen of the air about the brakes
 * @param discNames what the vehicle's discs or drums are called
 * @param limitC chosen for the discs; null when there is none
 * @param gate in which the plan lets stops begin; null without a plan or a gate
 * @param averaged over which stops means are taken; says nothing where they are over all of them
 * @param fits which of the parts that the garage keeps fit the work; empty where no front disc was read
 * @param duct how start and peak hang on what is left of it; null without three openings
 */
record HeatView(
        List<Finding> sentences,
        @Nullable Finding letGo,
        List<HeatSide> sides,
        List<AirFlowView> airFlow,
        Map<WheelPosition, String> discNames,
        @Nullable Double limitC,
        @Nullable StartWindow gate,
        Finding averaged,
        @Nullable Duct duct,
        List<Finding> fits) {

    /**
     * One configuration.
     *
     * @param fronts pad window of the front pads, °C; null when it is not known
     * @param fluid where its fluid boils; null when that is not known
     * @param window how they were worked; null without a window
     * @param cooling per disc, while the car rolled
     * @param standing per disc, while it stood; only where it stood long enough
     * @param coolingAt time constant of the front discs at several speeds
     * @param traces sensors over time, one for each recording
     * @param stops as in the study, in the same order
     * @param readings that people entered here, beside sensors and stop sheets
     * @param stopping what stopping took meanwhile: a device that cools and lengthens the stop must be seen to do both
     * @param answer the same in sentences
     * @param readyAgain when it would be, after its hottest stop; says nothing where that is not known
     * @param besideFirst what it did beside the first configuration; null for that
     * @param unlikeFirst where the two were not driven alike; null where they were
     */
    record HeatSide(
            UUID configurationId,
            String name,
            @Nullable Band fronts,
            @Nullable FluidView fluid,
            @Nullable PadWindow window,
            HeatStudy study,
            Map<WheelPosition, CoolingView> cooling,
            Map<WheelPosition, CoolingView> standing,
            List<SpeedCooling.At> coolingAt,
            List<TraceView> traces,
            List<StopRef> stops,
            List<ReadingView> readings,
            StoppingView stopping,
            HeatAnswer answer,
            Finding readyAgain,
            @Nullable Finding besideFirst,
            @Nullable Finding unlikeFirst) {
        HeatSide beside(@Nullable Finding sentence, @Nullable Finding unlike) {
            return new HeatSide(
                    configurationId,
                    name,
                    fronts,
                    fluid,
                    window,
                    study,
                    cooling,
                    standing,
                    coolingAt,
                    traces,
                    stops,
                    readings,
                    stopping,
                    answer,
                    readyAgain,
                    sentence,
                    unlike);
        }
    }

    /**
     * The opening of the ducts.
     *
     * @param worth what a percent more is
     * @param wanted how far to open it for the start that was asked for; null where nobody asked
     */
    record Duct(Finding worth, @Nullable Finding wanted) {}

    /** A stop that a reading can be entered for. */
    record StopRef(UUID id, int number, boolean snub, int block) {}

    /** A reading of a disc, with the stop it was read after. */
    record ReadingView(UUID id, UUID stopId, int stop, DiscReading reading, Who by) {}

    /**
     * Stopping distances that count.
     *
     * @param n how many
     * @param meanM their mean, m
     * @param halfWidthM of its 95 % interval, m
     * @param entryMps mean of the entry speeds
     * @param energyJ mean of the energies
     */
    record StoppingView(int n, Figure meanM, Figure halfWidthM, Figure entryMps, Figure energyJ) {}

    /** Start temperatures, °C; null where one end is open. */
    record StartWindow(@Nullable Double coldestC, @Nullable Double hottestC) {}

    /** Where fluid boils, °C, and whether that is of fluid that has drawn water. */
    record FluidView(double boilsC, boolean wet) {}

    /** From one temperature to another, °C. */
    record Band(double fromC, double toC) {}

    /**
     * How one disc cooled.
     *
     * @param n cool-downs that could be fitted
     * @param tauS median of their time constants
     * @param lowS of the 95 % interval: of the one fit where there is one, of the mean where there are more
     * @param rmsC median of what the fits leave over
     * @param meanMps median of their mean speeds
     * @param left what the fits leave over, by the age of the cool-down
     * @param whyNone of the first that could not be fitted; empty when all could
     */
    record CoolingView(
            int n,
            Figure tauS,
            Figure lowS,
            Figure highS,
            Figure rmsC,
            Figure meanMps,
            List<CoolingResidual> left,
            String whyNone) {}

    /**
     * Disc sensors of one recording, thinned.
     *
     * @param t s
     * @param discs per disc, °C; null where there is no sample
     * @param marks stops in it, in order
     */
    record TraceView(
            UUID recordingId,
            int block,
            List<Double> t,
            Map<WheelPosition, List<@Nullable Double>> discs,
            List<MarkView> marks) {}

    /**
     * One stop or snub in a trace, s.
     *
     * @param number stops and snubs are counted apart
     */
    record MarkView(UUID stop, int number, boolean snub, double fromS, double toS) {}
}
