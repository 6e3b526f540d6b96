package app.frenum.core.stop;

import app.frenum.core.log.SpeedSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything one stop or snub of a log tells. SI, bar and °C; times in s from the first row of the log. Where a
 * figure cannot be computed it says why.
 *
 * @param kind stop or snub
 * @param basis where distance is counted from
 * @param onsetS when the brake was applied
 * @param endS when the car came to rest, or the brake was released
 * @param onsetSource what says so
 * @param speedSource what measured speed
 * @param entrySpeed speed at onset, v0
 * @param exitSpeed 0 at rest, or speed at release, v2
 * @param distance on the basis, m
 * @param correctedDistance by the square law to the nominal speed, m; equal to distance on the window basis
 * @param distanceFromFoot with the delay from the foot to the signal that dates the onset added, m
 * @param time from onset (or the window's start) to the end, s
 * @param mfdd mean fully developed deceleration, m/s²
 * @param plateauStartS when the plateau begins; where the mfdd is measured from
 * @param plateauEndS where it ends
 * @param meanDeceleration by distance, (v0² − v2²)/2s, m/s²
 * @param peakDeceleration of the smoothed signal from onset to 0.1 v0, m/s²
 * @param buildUp onset to 90 % of mfdd, s
 * @param lostTime what build-up and release cost, as time at entry speed, s
 * @param frontPressureMean time mean over the plateau, bar
 * @param rearPressureMean the same for the rear, bar
 * @param frontPressurePeak of the smoothed signal, bar
 * @param frontShare share of line pressure, 0 to 1, over the plateau while both are above 1 bar
 * @param effectiveness (mfdd − coasting level) per bar of front pressure, m/s² per bar
 * @param brake the application of the brake as it was found, with its modulations; moving an edge leaves it alone
 * @param startTemperatures °C, last sample at or before onset
 * @param peakTemperatures °C, of the smoothed signal
 * @param pedal its travel as pressure rose; empty where travel or pressure was not logged
 * @param lockedAtS when each wheel that locked began to, s
 * @param uncertainty of the figures above, from the logger
 * @param fused the same stop by fused speed, where that can be had
 * @param wheels whether tyres rather than brakes set the deceleration, as far as anything logged tells
 * @param flags what is to be said about it
 */
public record MeasuredStop(
        StopKind kind,
        DistanceBasis basis,
        double onsetS,
        double endS,
        OnsetSource onsetSource,
        SpeedSource speedSource,
        Figure entrySpeed,
        Figure exitSpeed,
        Figure distance,
        Figure correctedDistance,
        Figure distanceFromFoot,
        Figure time,
        Figure mfdd,
        Figure plateauStartS,
        Figure plateauEndS,
        Figure meanDeceleration,
        Figure peakDeceleration,
        Figure buildUp,
        Figure lostTime,
        Figure frontPressureMean,
        Figure rearPressureMean,
        Figure frontPressurePeak,
        Figure frontShare,
        Figure effectiveness,
        BrakeApplication brake,
        Map<WheelPosition, Double> startTemperatures,
        Map<WheelPosition, Double> peakTemperatures,
        PedalCurve pedal,
        Map<WheelPosition, Double> lockedAtS,
        StopUncertainty uncertainty,
        FusedStop fused,
        WheelLimit wheels,
        List<Flag> flags) {
    /** Whether tyres are known to have set the deceleration. */
    public boolean gripLimited() {
        return wheels == WheelLimit.REACHED;
    }

    /** What it counts as: the corrected distance; where that cannot be had, the distance as driven. */
    public Figure countedDistance() {
        boolean uncorrected = basis == DistanceBasis.ONSET_TO_REST
                && (hasFlag(FlagCode.NO_NOMINAL) || hasFlag(FlagCode.ENTRY_SPEED_OUT));
        return uncorrected ? distance : correctedDistance;
    }

    public boolean hasFlag(FlagCode code) {
        return flags.stream().anyMatch(f -> f.code() == code);
    }

    /** The same, with discs that got so hot, °C, where that is hotter than what is known of them. */
    public MeasuredStop withPeaks(Map<WheelPosition, Double> celsius) {
        Map<WheelPosition, Double> hottest = new EnumMap<>(WheelPosition.class);
        hottest.putAll(peakTemperatures);
        celsius.forEach((wheel, c) -> hottest.merge(wheel, c, Math::max));
        return new MeasuredStop(
                kind,
                basis,
                onsetS,
                endS,
                onsetSource,
                speedSource,
                entrySpeed,
                exitSpeed,
                distance,
                correctedDistance,
                distanceFromFoot,
                time,
                mfdd,
                plateauStartS,
                plateauEndS,
                meanDeceleration,
                peakDeceleration,
                buildUp,
                lostTime,
                frontPressureMean,
                rearPressureMean,
                frontPressurePeak,
                frontShare,
                effectiveness,
                brake,
                startTemperatures,
                hottest,
                pedal,
                lockedAtS,
                uncertainty,
                fused,
                wheels,
                flags);
    }

    /** Whether a rear wheel locked before any front wheel did. */
    public boolean rearLockedFirst() {
        return lockedAtS.entrySet().stream()
                .min(Map.Entry.comparingByValue())
                .filter(first -> !first.getKey().isFront())
                .isPresent();
    }

    /** The hottest that any disc was, °C; absent where none was logged. */
    public Optional<Double> hottestC() {
        return peakTemperatures.values().stream().max(Double::compare);
    }

    public Validity validity() {
        return Validity.of(flags);
    }
}
