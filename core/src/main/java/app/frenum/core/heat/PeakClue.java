package app.frenum.core.heat;

import app.frenum.core.log.DiscFace;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Optional;

/**
 * One thing that tells how hot a disc got in a stop: a temperature with its uncertainty or, by paint or crayon, what it
 * reached and what it did not.
 *
 * @param source by what
 * @param face which face was read; empty where that is not known
 * @param readC as it was read, before it was carried back; unknown for a ladder
 * @param lateS how long after rest it was read, s
 * @param peakC at the end of the stop; unknown for a ladder, and where it was read too late
 * @param peakU its standard uncertainty
 * @param atLeastC the disc was at least so hot: the 95 % interval's lower end, or the highest threshold that changed
 * @param belowC it was not so hot: the interval's upper end, or the lowest threshold that did not change
 */
public record PeakClue(
        PeakSource source,
        Optional<DiscFace> face,
        Figure readC,
        double lateS,
        Figure peakC,
        Figure peakU,
        Figure atLeastC,
        Figure belowC) {
    private static final Figure TOO_LATE =
            Figure.unknown("it was read more than two time constants after the stop: it gives a lower limit only");
    private static final Figure NO_ONE_TEMPERATURE = Figure.unknown("a ladder tells a range");
    private static final double SPREADS = 2;
    /** How well the air beside the car is known, °C. */
    private static final double AMBIENT_C = 2;

    /** What a sensor showed as the hottest. */
    public static PeakClue sensed(double celsius) {
        double u = PeakSource.SENSOR.uncertaintyC(celsius);
        return of(PeakSource.SENSOR, Optional.empty(), celsius, 0, new Cooling.Peak(celsius, u));
    }

    /**
     * A reading by hand, carried back to the end of the stop by the disc's own cooling, of which nobody knows how
     * long the car rolled.
     *
     * @param celsius as read
     * @param lateS after rest
     * @param cooling how the disc cools
     * @param ambientC of the air
     */
    public static PeakClue read(
            PeakSource source,
            Optional<DiscFace> face,
            double celsius,
            double lateS,
            Regimes cooling,
            double ambientC) {
        Cooling.Peak reading = new Cooling.Peak(celsius, source.uncertaintyC(celsius));
        if (cooling.isTooLate(lateS)) {
            Figure atLeast = Figure.of(celsius - SPREADS * reading.uncertaintyC());
            return new PeakClue(source, face, Figure.of(celsius), lateS, TOO_LATE, TOO_LATE, atLeast, TOO_LATE);
        }
        return of(
                source,
                face,
                celsius,
                lateS,
                cooling.peakBefore(reading, lateS, ambientC, AMBIENT_C, Optional.empty()));
    }

    private static PeakClue of(
            PeakSource source, Optional<DiscFace> face, double readC, double lateS, Cooling.Peak peak) {
        double half = SPREADS * peak.uncertaintyC();
        return new PeakClue(
                source,
                face,
                Figure.of(readC),
                lateS,
                Figure.of(peak.celsius()),
                Figure.of(peak.uncertaintyC()),
                Figure.of(peak.celsius() - half),
                Figure.of(peak.celsius() + half));
    }

    /**
     * A ladder of thresholds: the interval from the highest that changed to the lowest that did not.
     *
     * @param thresholdsC rising, °C
     * @param changed how many of them, from the lowest
     */
    public static PeakClue ladder(List<Double> thresholdsC, int changed) {
        if (thresholdsC.isEmpty() || changed < 0 || changed > thresholdsC.size()) {
            throw new IllegalArgumentException(
                    "%d of %d thresholds cannot have changed".formatted(changed, thresholdsC.size()));
        }
        return ladder(
                changed == 0
                        ? Figure.unknown("nothing on the ladder changed")
                        : Figure.of(thresholdsC.get(changed - 1)),
                changed == thresholdsC.size()
                        ? Figure.unknown("everything on the ladder changed")
                        : Figure.of(thresholdsC.get(changed)));
    }

    private static PeakClue ladder(Figure atLeastC, Figure belowC) {
        return new PeakClue(
                PeakSource.LADDER,
                Optional.empty(),
                NO_ONE_TEMPERATURE,
                0,
                NO_ONE_TEMPERATURE,
                NO_ONE_TEMPERATURE,
                atLeastC,
                belowC);
    }

    /** A ladder that an earlier stop has changed tells of this one only what it did not reach. */
    PeakClue changedEarlier() {
        return ladder(Figure.unknown("an earlier stop was hot enough to change it"), belowC);
    }

    boolean isLadder() {
        return source == PeakSource.LADDER;
    }

    /** Whether it gives limits and no temperature. */
    boolean isRange() {
        return !peakC.isKnown();
    }

    /** Whether both can be true: temperatures within twice their combined uncertainty, or ranges that meet. */
    boolean agreesWith(PeakClue other) {
        if (!isRange() && !other.isRange()) {
            double apart = Math.abs(peakC.value() - other.peakC.value());
            return apart <= SPREADS * Math.hypot(peakU.value(), other.peakU.value());
        }
        return atLeastC.orElse(Double.NEGATIVE_INFINITY) < other.belowC.orElse(Double.POSITIVE_INFINITY)
                && other.atLeastC.orElse(Double.NEGATIVE_INFINITY) < belowC.orElse(Double.POSITIVE_INFINITY);
    }
}
