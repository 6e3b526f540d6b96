package app.frenum.server.fade;

import app.frenum.core.fade.FadeStop;
import app.frenum.core.fade.PedalEffort;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.PedalCurve;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.StopView;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Stops of a test as a fade study sees them, logged or measured by hand. */
final class FadeStops {
    private static final Figure NOT_LOGGED = Figure.unknown("it was not logged");

    private static final Figure TIMED = Figure.unknown("only a time was taken");

    private FadeStops() {}

    static FadeStop of(StopView stop) {
        return stop.measured() == null
                ? byHand(stop, stop.byHand())
                : FadeStop.logged(
                        stop.number(),
                        Optional.ofNullable(stop.phase()).orElse(""),
                        stop.measured(),
                        atNominal(stop, stop.value()),
                        atNominal(stop, stop.valueUncertainty()),
                        feel(stop.pedalFeel()));
    }

    /** What was read of a stop counts at its nominal speed only where it began near enough to be corrected to that. */
    private static Figure atNominal(StopView stop, Figure read) {
        boolean out = stop.entrySpeed().isKnown()
                && !Corrections.isEntrySpeedIn(
                        stop.entrySpeed().value(), stop.nominalMps(), AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
        return out ? Figure.unknown("it began too far from the nominal speed to be corrected to it") : read;
    }

    private static FadeStop byHand(StopView stop, SheetStop row) {
        boolean timed = row.basis() == DistanceBasis.TIME_ONLY;
        Figure value = atNominal(stop, stop.value());
        Figure u = atNominal(stop, stop.valueUncertainty());
        Figure start = frontMeanOf(row.startTemperatures());
        return new FadeStop(
                stop.number(),
                Optional.ofNullable(stop.phase()).orElse(""),
                start,
                FadeStop.halfway(start, frontMeanOf(row.endTemperatures())),
                Figure.unknown("no line pressure was logged"),
                NOT_LOGGED,
                timed ? value : NOT_LOGGED,
                timed ? u : NOT_LOGGED,
                timed ? TIMED : value,
                timed ? TIMED : u,
                stop.entrySpeed(),
                Figure.unknown("no line pressure was logged"),
                PedalCurve.none(),
                feel(stop.pedalFeel()),
                row.pedalEffort().flatMap(PedalEffort::named),
                false);
    }

    private static Optional<PedalFeel> feel(String label) {
        return Optional.ofNullable(label).flatMap(PedalFeel::named);
    }

    private static Figure frontMeanOf(Map<WheelPosition, Quantity> read) {
        return FadeStop.frontMean(read.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().inside())));
    }
}
