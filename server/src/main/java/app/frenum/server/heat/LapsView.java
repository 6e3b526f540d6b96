package app.frenum.server.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.heat.LapHeat;
import app.frenum.core.heat.MeasuredLaps;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.UUID;

/** The laps that a test's track logs show, recording by recording. */
record LapsView(List<DrivenLaps> recordings) {
    /**
     * One recording.
     *
     * @param laps what was driven, or why no laps are seen
     * @param lapKwh what the brakes took out of the vehicle in a lap
     * @param predicted front discs in the last lap, corner by corner, by the layout and the time constant
     * @param predictedBy what the prediction went by, or why there is none
     */
    record DrivenLaps(
            UUID recordingId,
            UUID configurationId,
            String configuration,
            MeasuredLaps laps,
            Figure lapKwh,
            List<LapHeat.LapSwing> predicted,
            Finding predictedBy) {}
}
