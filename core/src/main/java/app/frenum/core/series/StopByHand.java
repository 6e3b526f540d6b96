package app.frenum.core.series;

import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Instrument;
import app.frenum.core.fade.FadeStop;
import app.frenum.core.finding.Finding;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.FlagFinding;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.PedalCurve;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import app.frenum.core.stop.WheelLimit;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A stop that people measured.
 *
 * @param driven as what
 * @param kind whether it came to rest
 * @param measurement off tape, wheel and stopwatch
 * @param reading the distance or time as it was typed
 * @param startC of the discs before it, °C
 * @param readC of the discs after it, °C
 * @param readOn what the thermometer looked at; empty where nobody wrote it down
 * @param lateS how long after rest they were read, s; 0 where nobody said
 */
public record StopByHand(
        Driven driven,
        StopKind kind,
        HandMeasurement measurement,
        Optional<Quantity> reading,
        Map<WheelPosition, Double> startC,
        Map<WheelPosition, Double> readC,
        Optional<PeakSource> readOn,
        double lateS)
        implements DrivenStop {
    private static final Figure NO_PRESSURE = Figure.unknown("no pressure was logged");
    private static final Figure NO_LINE_PRESSURE = Figure.unknown("no line pressure was logged");
    private static final Figure NOT_LOGGED = Figure.unknown("it was not logged");
    private static final Figure TIMED = Figure.unknown("only a time was taken");

    @Override
    public DistanceBasis basis() {
        return measurement.basis();
    }

    @Override
    public Instrument instrument() {
        return measurement.instrument();
    }

    @Override
    public String onsetSource() {
        return "mark";
    }

    @Override
    public Figure value() {
        return measurement.value();
    }

    @Override
    public Figure readingUncertainty() {
        return measurement.readingUncertainty();
    }

    @Override
    public Figure uncertainty() {
        return measurement.uncertainty();
    }

    @Override
    public Figure entrySpeed() {
        return measurement.entrySpeed();
    }

    @Override
    public double exitSpeed() {
        return 0;
    }

    @Override
    public Figure mfdd() {
        return Figure.unknown("a hand-measured stop has no MFDD");
    }

    @Override
    public Figure effectiveness() {
        return NO_PRESSURE;
    }

    /** An application that nobody measured, such as a snub by hand, is kept for its temperatures; nothing of it is compared. */
    @Override
    public boolean isStop() {
        return kind == StopKind.STOP && reading.isPresent();
    }

    @Override
    public WheelLimit wheels() {
        return WheelLimit.NOT_LOGGED;
    }

    @Override
    public Set<FlagCode> flags() {
        return Set.of();
    }

    @Override
    public Validity validity() {
        return whyRepeat().isPresent() ? Validity.REPEAT : Validity.VALID;
    }

    @Override
    public Optional<Finding> whyRepeat() {
        if (measurement.isEntrySpeedOut()) {
            return Optional.of(Finding.of(FlagFinding.ENTRY_TOO_FAR));
        }
        return measurement.isImplausible()
                ? Optional.of(Finding.of(FlagFinding.SLOWED_MORE_THAN_TYRES_CAN))
                : Optional.empty();
    }

    @Override
    public Optional<MeasuredStop> logged() {
        return Optional.empty();
    }

    @Override
    public FadeStop faded() {
        boolean timed = basis() == DistanceBasis.TIME_ONLY;
        Figure start = FadeStop.frontMean(startC);
        Figure value = atNominal(value());
        Figure u = atNominal(readingUncertainty());
        return new FadeStop(
                driven.number(),
                driven.phase().orElse(""),
                start,
                FadeStop.halfway(start, FadeStop.frontMean(readC)),
                NO_LINE_PRESSURE,
                NOT_LOGGED,
                timed ? value : NOT_LOGGED,
                timed ? u : NOT_LOGGED,
                timed ? TIMED : value,
                timed ? TIMED : u,
                entrySpeed(),
                NO_LINE_PRESSURE,
                PedalCurve.none(),
                driven.feel(),
                driven.effort(),
                false);
    }
}
