package app.frenum.server.heat;

import app.frenum.core.heat.DiscReading;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.heat.HeatStudy;
import app.frenum.core.heat.Ladder;
import app.frenum.core.heat.PeakBelief;
import app.frenum.core.heat.PeakClue;
import app.frenum.core.heat.PeakHistory;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.heat.Regimes;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.server.analysis.StopView;
import app.frenum.server.disc.DiscReadingView;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Stops of one configuration as a heat study sees them, in the order driven: sensors, what the stop sheet says and what
 * was read beside it, weighed disc by disc.
 */
final class HeatStops {
    private final Figure massKg;
    private final Regimes cooling;
    private final double ambientC;
    private final Map<UUID, List<DiscReadingView>> beside;
    private final Map<UUID, Ladder> ladders;
    private final Map<WheelPosition, PeakHistory> discs = new EnumMap<>(WheelPosition.class);

    /**
     * @param massKg of the vehicle as driven
     * @param cooling of the discs, for late readings
     * @param ambientC of the air
     * @param beside what was read of each stop
     * @param ladders all there are
     */
    HeatStops(
            Figure massKg,
            Regimes cooling,
            double ambientC,
            Map<UUID, List<DiscReadingView>> beside,
            Map<UUID, Ladder> ladders) {
        this.massKg = massKg;
        this.cooling = cooling;
        this.ambientC = ambientC;
        this.beside = beside;
        this.ladders = ladders;
    }

    /** @param averaged whether means are taken over it */
    HeatStudy.Stop of(StopView stop, boolean averaged) {
        Map<WheelPosition, HeatStudy.Disc> seen = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Figure trough = trough(stop, w);
            List<PeakClue> clues = clues(stop, w);
            if (trough.isKnown() || !clues.isEmpty()) {
                PeakBelief peak =
                        discs.computeIfAbsent(w, k -> new PeakHistory()).next(clues);
                seen.put(w, new HeatStudy.Disc(trough, peak));
            }
        }
        double exit = stop.measured() == null ? 0 : stop.measured().exitSpeed().orElse(0);
        Figure energy =
                massKg.isKnown() ? stop.entrySpeed().map(v -> DiscRise.energyJ(massKg.value(), v, exit)) : massKg;
        return new HeatStudy.Stop(stop.number(), energy, averaged, seen);
    }

    private static Figure trough(StopView stop, WheelPosition w) {
        Double sensed = stop.measured() == null
                ? null
                : stop.measured().startTemperatures().get(w);
        var read =
                stop.byHand() == null ? null : stop.byHand().startTemperatures().get(w);
        return sensed != null
                ? Figure.of(sensed)
                : read != null ? Figure.of(read.inside()) : Figure.unknown("not read before the stop");
    }

    private List<PeakClue> clues(StopView stop, WheelPosition w) {
        List<PeakClue> clues = new ArrayList<>();
        Double sensed = stop.measured() == null
                ? null
                : stop.measured().peakTemperatures().get(w);
        if (sensed != null) {
            clues.add(PeakClue.sensed(sensed));
        }
        var read =
                stop.byHand() == null ? null : stop.byHand().endTemperatures().get(w);
        if (read != null) {
            double lateS = stop.lateS() == null ? 0 : stop.lateS();
            clues.add(PeakClue.read(lookedAt(stop), Optional.empty(), read.inside(), lateS, cooling, ambientC));
        }
        for (DiscReadingView r : beside.getOrDefault(stop.id(), List.of())) {
            if (r.reading().wheel() == w) {
                clues.add(clue(r.reading()));
            }
        }
        return clues;
    }

    /** What the thermometer looked at; bare metal, which is known least well, where nobody wrote it down. */
    private static PeakSource lookedAt(StopView stop) {
        return stop.byHand()
                .readOn()
                .map(word -> PeakSource.valueOf(word.toUpperCase(Locale.ROOT)))
                .orElse(PeakSource.BARE);
    }

    private PeakClue clue(DiscReading reading) {
        if (reading.painted()) {
            discs.computeIfAbsent(reading.wheel(), k -> new PeakHistory()).painted();
        }
        return reading.clue(reading.ladderId().map(ladders::get), cooling, ambientC);
    }
}
