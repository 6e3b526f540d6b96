package app.frenum.core.fade;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.PedalCurve;
import app.frenum.core.stop.StopKind;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

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
 * @param mfddU its standard uncertainty
 * @param distanceM at the nominal speed; unknown for a snub
 * @param distanceU its standard uncertainty
 * @param entryMps speed at the onset
 * @param peakBar peak front line pressure
 * @param pedal travel as pressure rose
 * @param feel as the driver called it
 * @param effort how hard the pedal was pressed, as noted
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
        Figure mfddU,
        Figure distanceM,
        Figure distanceU,
        Figure entryMps,
        Figure peakBar,
        PedalCurve pedal,
        Optional<PedalFeel> feel,
        Optional<PedalEffort> effort,
        boolean gripLimited) {

    /**
     * A logged stop.
     *
     * @param distanceM what its distance counts as at the nominal speed
     * @param distanceU its standard uncertainty
     */
    public static FadeStop logged(
            int number, String phase, MeasuredStop m, Figure distanceM, Figure distanceU, Optional<PedalFeel> feel) {
        boolean isStop = m.kind() == StopKind.STOP;
        Figure start = frontMean(m.startTemperatures());
        Figure peak = frontMean(m.peakTemperatures());
        Figure relative = m.uncertainty().mfddReading().isKnown() && m.mfdd().isKnown()
                ? Figure.of(m.uncertainty().mfddReading().value() / m.mfdd().value())
                : m.mfdd();
        return new FadeStop(
                number,
                phase,
                start,
                halfway(start, peak),
                m.effectiveness(),
                m.effectiveness().isKnown()
                        ? relative.map(r -> r * m.effectiveness().value())
                        : m.effectiveness(),
                m.mfdd(),
                m.uncertainty().mfddReading(),
                isStop ? distanceM : Figure.unknown("a snub has no stopping distance"),
                isStop ? distanceU : Figure.unknown("a snub has no stopping distance"),
                m.entrySpeed(),
                m.frontPressurePeak(),
                m.pedal(),
                feel,
                Optional.empty(),
                m.gripLimited());
    }

    /** Mean of the front discs, °C. */
    public static Figure frontMean(Map<WheelPosition, Double> celsius) {
        OptionalDouble mean = celsius.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .mapToDouble(Map.Entry::getValue)
                .average();
        return mean.isPresent() ? Figure.of(mean.getAsDouble()) : Figure.unknown("no front disc temperature is known");
    }

    /** Halfway through the stop; the start where only that is known. */
    public static Figure halfway(Figure start, Figure peak) {
        return start.isKnown() && peak.isKnown() ? Figure.of((start.value() + peak.value()) / 2) : start;
    }
}
