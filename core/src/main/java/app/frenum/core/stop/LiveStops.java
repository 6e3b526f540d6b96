package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Log;
import java.util.List;
import java.util.Optional;

/**
 * Stops of a log that is still being written. A stop is told once the vehicle stands or, for a snub, once the brake has
 * been off for 0.25 s; until then it may still become another.
 */
public final class LiveStops {
    private LiveStops() {}

    /**
     * The stops and snubs that are over by the end of what was logged.
     *
     * @param log what was logged lately; at least the run-up and some coasting before a stop
     * @param calibration of the log as far as it goes
     * @param afterS only stops that began after this
     * @param options how they are measured
     */
    public static List<MeasuredStop> over(Log log, Calibration calibration, double afterS, AnalysisOptions options) {
        StopMeasurer measurer = new StopMeasurer(log, calibration, options, List.of());
        double now = log.durationS();
        return new BrakeFinder(log, calibration, options)
                .find().stream()
                        .filter(brake -> brake.onsetS() > afterS)
                        .map(brake -> LogAnalysis.measured(
                                measurer, calibration, brake, extent -> isOver(extent, brake.offS(), now)))
                        .flatMap(Optional::stream)
                        .toList();
    }

    private static boolean isOver(StopExtent extent, double offS, double nowS) {
        return extent.kind() == StopKind.STOP || nowS - offS >= BrakeFinder.RELEASE_S;
    }
}
