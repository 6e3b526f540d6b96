package app.frenum.core.series;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.SpeedShare;
import app.frenum.core.fade.FadeStop;
import app.frenum.core.finding.Finding;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.Validity;
import app.frenum.core.stop.WheelLimit;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A stop or snub of a test, by logger or by hand, with all that it may have to share with those it is read beside. */
public sealed interface DrivenStop permits StopByLogger, StopByHand {
    /** A stop that began further from its nominal speed than this share tells nothing of that speed. */
    double ANOTHER_SPEED = 0.1;

    Driven driven();

    /** Where its distance is counted from, or that only a time was taken. */
    DistanceBasis basis();

    Instrument instrument();

    /** The signal or mark that says where braking began. */
    String onsetSource();

    /** What is compared: corrected distance in m; deceleration in m/s² where only a time was taken. */
    Figure value();

    /** Standard uncertainty of the reading of {@link #value()}, same unit. */
    Figure readingUncertainty();

    /** Standard uncertainty of all of {@link #value()}, the speed and the place it began at included. */
    Figure uncertainty();

    /** m/s. */
    Figure entrySpeed();

    /** m/s; 0 at rest. */
    double exitSpeed();

    /** MFDD, m/s². */
    Figure mfdd();

    /** m/s² per bar of front line pressure. */
    Figure effectiveness();

    /** Of the discs at the onset, °C; only those known. */
    Map<WheelPosition, Double> startC();

    /** Whether it came to rest, and was measured; a snub has no stopping distance. */
    boolean isStop();

    /** Whether wheels came to the limit of their grip, as far as anything logged tells. */
    WheelLimit wheels();

    Set<FlagCode> flags();

    Validity validity();

    /** Why it must be driven again by rule; empty where it need not. */
    Optional<Finding> whyRepeat();

    /** What a person read and typed, as it was typed; empty where a logger measured it. */
    Optional<Quantity> reading();

    /** What the log says; empty where it was measured by hand. */
    Optional<MeasuredStop> logged();

    /** As a fade study sees it. */
    FadeStop faded();

    /** Mean of the front discs at the onset, °C. */
    default Figure frontStartC() {
        Figure mean = FadeStop.frontMean(startC());
        return mean.isKnown() ? mean : Figure.unknown("start temperature was not recorded");
    }

    default boolean isStruckOut() {
        return driven().struckOut().isPresent();
    }

    /** Whether it was entered so far from its nominal speed that it was another stop. */
    default boolean isAtAnotherSpeed() {
        return entrySpeed().isKnown()
                && driven().nominalSpeed().isKnown()
                && Math.abs(entrySpeed().value() / driven().nominalSpeed().value() - 1) > ANOTHER_SPEED;
    }

    /** What was read of it counts at its nominal speed only where it began near enough to be corrected to that. */
    default Figure atNominal(Figure read) {
        boolean out = entrySpeed().isKnown()
                && driven().nominalSpeed().isKnown()
                && !Corrections.isEntrySpeedIn(
                        entrySpeed().value(), driven().nominalSpeed().value(), AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
        return out ? Figure.unknown("it began too far from the nominal speed to be corrected to it") : read;
    }

    /**
     * As a comparison sees it.
     *
     * @param includeStruckOut count it also where a person took it out
     */
    default ComparedStop compared(boolean includeStruckOut) {
        Surroundings s = driven().surroundings();
        return new ComparedStop(
                value(),
                readingUncertainty(),
                entrySpeed(),
                mfdd(),
                effectiveness(),
                frontStartC(),
                s.ambientC(),
                s.tyrePressureBar(),
                status(includeStruckOut),
                flags(),
                new Circumstances(
                        Optional.of(onsetSource()),
                        instrument(),
                        s.load(),
                        s.surface(),
                        s.tyres().map(TyreState::label),
                        s.day(),
                        s.driver(),
                        s.direction(),
                        driven().block(),
                        wheels(),
                        driven().order(),
                        driven().phase()),
                logged().map(m ->
                        new SpeedShare(m.speedSource(), m.uncertainty().shared())));
    }

    /** Whether it counts. */
    default Status status(boolean includeStruckOut) {
        if (isStruckOut() && !includeStruckOut) {
            return Status.STRUCK_OUT;
        }
        return validity() == Validity.REPEAT ? Status.REPEAT : Status.COUNTS;
    }
}
