package app.frenum.server.fade;

import app.frenum.core.fade.FadeStop;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.PedalCurve;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.StopView;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Stops of a test as a fade study sees them, logged or measured by hand. */
final class FadeStops {
    private static final Figure NOT_LOGGED = Figure.unknown("it was not logged");

    private FadeStops() {}

    static FadeStop of(StopView stop) {
        return stop.measured() != null ? logged(stop, stop.measured()) : byHand(stop, stop.byHand());
    }

    private static FadeStop logged(StopView stop, MeasuredStop m) {
        Figure start = frontMean(m.startTemperatures());
        Figure peak = frontMean(m.peakTemperatures());
        Figure relative = m.uncertainty().mfdd().isKnown() && m.mfdd().isKnown()
                ? Figure.of(m.uncertainty().mfdd().value() / m.mfdd().value())
                : m.mfdd();
        return new FadeStop(
                stop.number(),
                Optional.ofNullable(stop.phase()).orElse(""),
                start,
                between(start, peak),
                m.effectiveness(),
                m.effectiveness().isKnown()
                        ? relative.map(r -> r * m.effectiveness().value())
                        : m.effectiveness(),
                m.mfdd(),
                m.kind() == StopKind.STOP ? stop.value() : Figure.unknown("a snub has no stopping distance"),
                m.entrySpeed(),
                m.frontPressurePeak(),
                m.pedal(),
                feel(stop.pedalFeel()),
                m.gripLimited());
    }

    private static FadeStop byHand(StopView stop, SheetStop row) {
        boolean timed = row.basis() == DistanceBasis.TIME_ONLY;
        Figure start = frontMeanOf(row.startTemperatures());
        return new FadeStop(
                stop.number(),
                Optional.ofNullable(stop.phase()).orElse(""),
                start,
                between(start, frontMeanOf(row.endTemperatures())),
                Figure.unknown("no line pressure was logged"),
                NOT_LOGGED,
                timed ? stop.value() : NOT_LOGGED,
                timed ? Figure.unknown("only a time was taken") : stop.value(),
                stop.entrySpeed(),
                Figure.unknown("no line pressure was logged"),
                PedalCurve.none(),
                feel(stop.pedalFeel()),
                false);
    }

    private static Optional<PedalFeel> feel(String label) {
        return Arrays.stream(PedalFeel.values())
                .filter(f -> f.label().equals(label))
                .findFirst();
    }

    private static Figure frontMeanOf(Map<WheelPosition, app.frenum.core.quantity.Quantity> read) {
        return mean(read.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .map(e -> e.getValue().inside())
                .toList());
    }

    private static Figure frontMean(Map<WheelPosition, Double> logged) {
        return mean(logged.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .map(Map.Entry::getValue)
                .toList());
    }

    private static Figure mean(List<Double> values) {
        return values.isEmpty()
                ? Figure.unknown("no front disc temperature is known")
                : Figure.of(values.stream().mapToDouble(v -> v).average().orElseThrow());
    }

    /** Halfway through the stop; the start where only that is known. */
    private static Figure between(Figure start, Figure peak) {
        return start.isKnown() && peak.isKnown() ? Figure.of((start.value() + peak.value()) / 2) : start;
    }
}
