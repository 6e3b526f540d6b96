package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import java.util.Optional;

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
 * @param circumstances what must be the same on both sides
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
        Circumstances circumstances) {

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
     * @param day the date it was driven
     * @param driver who drove
     * @param direction along the lane
     * @param block which block of its configuration, from 1
     * @param gripLimited whether the tyres set the deceleration
     */
    public record Circumstances(
            Optional<String> onsetSource,
            Instrument instrument,
            Optional<String> load,
            Optional<String> surface,
            Optional<String> day,
            Optional<String> driver,
            Optional<String> direction,
            int block,
            boolean gripLimited) {}

    public boolean counts() {
        return status == Status.COUNTS && value.isKnown();
    }
}
