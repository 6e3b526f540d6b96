package app.frenum.core.procedure.run;

import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.stop.MeasuredStop;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A stop or snub as the vehicle's logger saw it, placed on the run's clock.
 *
 * @param recordingId which recording it is part of
 * @param onsetAtS when the brake was applied, on the run's clock, s
 * @param restAtS when it stood, or let go of the brake
 * @param switches that the logger watches, as they stood at the onset
 * @param calibration of the log as far as it went, by which it was measured
 * @param rolledM distance from the rest of the stop before to its onset, m; empty where the logger did not see all of it
 * @param measured its figures, in the recording's own time
 */
public record LoggedStop(
        UUID recordingId,
        double onsetAtS,
        double restAtS,
        Map<BrakeSwitch, Boolean> switches,
        Calibration calibration,
        Optional<Double> rolledM,
        MeasuredStop measured) {
    public LoggedStop {
        switches = switches.isEmpty() ? Map.of() : new EnumMap<>(switches);
    }

    /** The same, with discs that got so hot, °C; none gets colder by it. */
    public LoggedStop withPeaks(Map<WheelPosition, Double> celsius) {
        return new LoggedStop(
                recordingId, onsetAtS, restAtS, switches, calibration, rolledM, measured.withPeaks(celsius));
    }
}
