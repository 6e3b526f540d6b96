package app.frenum.core.series;

import app.frenum.core.compare.Instrument;
import app.frenum.core.fade.FadeStop;
import app.frenum.core.finding.Finding;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import app.frenum.core.stop.WheelLimit;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A stop or snub that a logger measured.
 *
 * @param driven as what
 * @param recordingId which recording it is part of; any, where that is kept nowhere
 * @param measured between its current edges
 */
public record StopByLogger(Driven driven, UUID recordingId, MeasuredStop measured) implements DrivenStop {
    @Override
    public DistanceBasis basis() {
        return measured.basis();
    }

    @Override
    public Instrument instrument() {
        return Instrument.LOGGER;
    }

    /** A hand-moved onset still began with the signal that found it. */
    @Override
    public String onsetSource() {
        return measured.brake().source().name();
    }

    @Override
    public Figure value() {
        return measured.countedDistance();
    }

    @Override
    public Figure readingUncertainty() {
        return measured.uncertainty().reading();
    }

    @Override
    public Figure uncertainty() {
        Figure corrected = measured.uncertainty().correctedDistance();
        return corrected.isKnown() ? corrected : measured.uncertainty().distance();
    }

    @Override
    public Figure entrySpeed() {
        return measured.entrySpeed();
    }

    @Override
    public double exitSpeed() {
        return measured.exitSpeed().orElse(0);
    }

    @Override
    public Figure mfdd() {
        return measured.mfdd();
    }

    @Override
    public Figure effectiveness() {
        return measured.effectiveness();
    }

    @Override
    public Map<WheelPosition, Double> startC() {
        return measured.startTemperatures();
    }

    @Override
    public boolean isStop() {
        return measured.kind() == StopKind.STOP;
    }

    @Override
    public WheelLimit wheels() {
        return measured.wheels();
    }

    @Override
    public Set<FlagCode> flags() {
        return measured.flags().stream().map(Flag::code).collect(Collectors.toSet());
    }

    @Override
    public Validity validity() {
        return measured.validity();
    }

    @Override
    public Optional<Finding> whyRepeat() {
        return measured.flags().stream()
                .filter(f -> f.code().validity() == Validity.REPEAT)
                .map(Flag::finding)
                .findFirst();
    }

    @Override
    public Optional<Quantity> reading() {
        return Optional.empty();
    }

    @Override
    public Optional<MeasuredStop> logged() {
        return Optional.of(measured);
    }

    @Override
    public FadeStop faded() {
        return FadeStop.logged(
                driven.number(),
                driven.phase().orElse(""),
                measured,
                atNominal(value()),
                atNominal(readingUncertainty()),
                driven.feel());
    }
}
