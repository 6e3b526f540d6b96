package app.frenum.server.analysis;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.Driven;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.HandEntry;
import app.frenum.core.series.StopByLogger;
import app.frenum.core.series.Surroundings;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.server.document.Documents;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A stop as its rows keep it, read.
 *
 * @param entry as people gave it; null when logged
 * @param measured between the automatic edges, then between each that a person set; empty when measured by hand
 * @param figures what the newest of them says; null when measured by hand
 * @param decisions every strike-out and return, oldest first
 */
record KeptStop(
        Stop stop,
        @Nullable HandEntry entry,
        List<Measurement> measured,
        @Nullable MeasuredStop figures,
        List<Decision> decisions) {

    static KeptStop read(Stop stop, List<Measurement> measured, List<StrikeOut> decided, Documents documents) {
        List<Decision> decisions = decided.stream().map(StrikeOut::decision).toList();
        if (stop.byHand() != null) {
            return new KeptStop(stop, documents.read(stop.byHand(), HandEntry.class), List.of(), null, decisions);
        }
        Measurement newest = measured.get(measured.size() - 1);
        MeasuredStop figures = documents.read(newest.figures(), MeasuredStop.class);
        return new KeptStop(stop, null, measured, figures.withPeaks(peaks(stop, documents)), decisions);
    }

    /** How hot discs got after the stop had been assessed. */
    private static Map<WheelPosition, Double> peaks(Stop stop, Documents documents) {
        return stop.peaks() == null
                ? Map.of()
                : documents.read(stop.peaks(), StopService.Peaks.class).celsius();
    }

    boolean isStruckOut() {
        return !decisions.isEmpty() && decisions.get(decisions.size() - 1).struckOut();
    }

    /** Whether a person moved an edge. */
    boolean isMoved() {
        return !measured.isEmpty() && newest().isByHand();
    }

    /** Every setting of the edges by hand, oldest first. */
    List<EdgeMove> moves() {
        return measured.stream()
                .filter(Measurement::isByHand)
                .map(Measurement::move)
                .toList();
    }

    /** Whether the figures between its automatic edges were found to be wrong, and put right. */
    boolean isRestored() {
        return measured.stream().filter(m -> !m.isByHand()).count() > 1;
    }

    /** Between the automatic edges: the newest of these, where an older one was found to be wrong. */
    Measurement automatic() {
        return Measurement.automaticOf(measured);
    }

    Measurement newest() {
        return measured.get(measured.size() - 1);
    }

    /** Where it began by its own word, else where the test asks for. */
    double nominalMps(TestDefinition test) {
        return Optional.ofNullable(entry)
                .flatMap(HandEntry::nominalSpeed)
                .map(Quantity::inside)
                .or(() -> Optional.ofNullable(stop.nominalMps()))
                .orElse(test.nominalSpeed().inside());
    }

    /** Of the procedure, as its row says or as the run drove it. */
    Optional<String> phase() {
        return Optional.ofNullable(entry).flatMap(HandEntry::phase).or(() -> Optional.ofNullable(stop.phase()));
    }

    /**
     * @param order place in the order of driving; 0 where nobody asks
     * @param tellPhase whether the phase of a run tells it from the test's other stops
     */
    DrivenStop driven(TestDefinition test, SeriesView series, int order, boolean tellPhase) {
        Optional<HandEntry> byHand = Optional.ofNullable(entry);
        Surroundings ofSeries = surroundings(series.conditions())
                .withTyres(Optional.ofNullable(stop.tyres()))
                .drivenWith(Optional.ofNullable(stop.loadState()), Optional.ofNullable(stop.surface()));
        Driven as = new Driven(
                stop.id(),
                stop.number(),
                series.configurationId().toString(),
                series.block(),
                order,
                Figure.of(nominalMps(test)),
                byHand.flatMap(HandEntry::phase)
                        .or(() -> Optional.ofNullable(stop.phase()).filter(p -> tellPhase)),
                byHand.map(r -> r.surroundings().or(ofSeries)).orElse(ofSeries),
                byHand.map(HandEntry::pedal)
                        .orElse(Optional.ofNullable(stop.pedalFeel()).flatMap(PedalFeel::named)),
                byHand.flatMap(HandEntry::effort),
                isStruckOut() ? Optional.of(decisions.get(decisions.size() - 1).reason()) : Optional.empty());
        double lateS = stop.lateS() == null ? 0 : stop.lateS();
        return entry != null
                ? entry.stop(as, stop.kind(), lateS)
                : new StopByLogger(as, Objects.requireNonNull(stop.recordingId()), Objects.requireNonNull(figures));
    }

    private static Surroundings surroundings(Conditions c) {
        return new Surroundings(
                Optional.ofNullable(c.load()),
                Optional.ofNullable(c.surface()),
                Optional.ofNullable(c.drivenOn()),
                Optional.ofNullable(c.driver()),
                Optional.ofNullable(c.direction()),
                known(c.ambientC(), Surroundings.UNKNOWN.ambientC()),
                known(c.tyrePressureFrontBar(), Surroundings.UNKNOWN.tyrePressureBar()),
                Optional.ofNullable(c.tyres()),
                known(c.tyreC(), Surroundings.UNKNOWN.tyreC()));
    }

    private static Figure known(@Nullable Double value, Figure otherwise) {
        return value == null ? otherwise : Figure.of(value);
    }
}
