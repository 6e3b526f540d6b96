package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.WheelLimit;
import java.util.Optional;
import java.util.Set;

/**
 * One stop as a comparison sees it, whether logged or measured by hand.
 *
 * @param value what is compared: corrected distance in m, or deceleration in m/s² where only times were taken
 * @param readingUncertainty standard uncertainty of the reading itself, same unit
 * @param entrySpeed m/s
 * @param mfdd m/s²
 * @param effectiveness m/s² per bar
 * @param startTemperature mean of the front discs (or of those known), °C
 * @param ambient °C
 * @param tyrePressure front, bar
 * @param status whether it counts
 * @param flags what was said of it
 * @param circumstances what must be the same on both sides
 * @param speed source of speed; empty where a person measured it
 */
public record ComparedStop(
        Figure value,
        Figure readingUncertainty,
        Figure entrySpeed,
        Figure mfdd,
        Figure effectiveness,
        Figure startTemperature,
        Figure ambient,
        Figure tyrePressure,
        Status status,
        Set<FlagCode> flags,
        Circumstances circumstances,
        Optional<SpeedShare> speed) {
    /** A stop that a person measured. */
    public ComparedStop(
            Figure value,
            Figure readingUncertainty,
            Figure entrySpeed,
            Figure mfdd,
            Figure effectiveness,
            Figure startTemperature,
            Figure ambient,
            Figure tyrePressure,
            Status status,
            Set<FlagCode> flags,
            Circumstances circumstances) {
        this(
                value,
                readingUncertainty,
                entrySpeed,
                mfdd,
                effectiveness,
                startTemperature,
                ambient,
                tyrePressure,
                status,
                flags,
                circumstances,
                Optional.empty());
    }

    /** Whether a stop counts. */
    public enum Status {
        COUNTS,
        STRUCK_OUT,
        REPEAT
    }

    /**
     * What must be the same on both sides, where it is known.
     *
     * @param onsetSource the signal or mark that says where braking began
     * @param instrument what distance or time was read with
     * @param load load state
     * @param surface dry, damp or wet
     * @param tyres cold or warm
     * @param day the date it was driven
     * @param driver who drove
     * @param direction along the lane
     * @param block which block of its configuration, from 1
     * @param wheels whether they came to the limit of their grip
     * @param order place in the order of driving over the whole test, from 1; 0 where nobody knows it
     * @param phase of the procedure, such as cold or hot
     */
    public record Circumstances(
            Optional<String> onsetSource,
            Instrument instrument,
            Optional<String> load,
            Optional<String> surface,
            Optional<String> tyres,
            Optional<String> day,
            Optional<String> driver,
            Optional<String> direction,
            int block,
            WheelLimit wheels,
            int order,
            Optional<String> phase) {}

    public boolean counts() {
        return status == Status.COUNTS && value.isKnown();
    }
}
