package app.frenum.core.fade;

import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.PedalCurve;
import java.util.Optional;

/**
 * One stop or snub as a fade study sees it, in the order driven.
 *
 * @param number as counted at the lane
 * @param phase of the procedure; empty when none is known
 * @param startC mean of the front discs at the onset, °C
 * @param discC mean of the front discs in the stop, halfway between start and peak, °C
 * @param effectiveness m/s² per bar of front line pressure
 * @param effectivenessU its standard uncertainty
 * @param mfdd m/s²
 * @param distanceM at the nominal speed; unknown for a snub
 * @param entryMps speed at the onset
 * @param peakBar peak front line pressure
 * @param pedal travel as pressure rose
 * @param feel as the driver called it
 * @param gripLimited whether the tyres set the deceleration, so that it says nothing about the brakes
 */
public record FadeStop(
        int number,
        String phase,
        Figure startC,
        Figure discC,
        Figure effectiveness,
        Figure effectivenessU,
        Figure mfdd,
        Figure distanceM,
        Figure entryMps,
        Figure peakBar,
        PedalCurve pedal,
        Optional<PedalFeel> feel,
        boolean gripLimited) {}
