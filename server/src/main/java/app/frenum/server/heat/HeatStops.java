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
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.StopByHand;
import app.frenum.server.disc.DiscReadingView;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
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
    HeatStudy.Stop of(DrivenStop stop, boolean averaged) {
        Map<WheelPosition, HeatStudy.Disc> seen = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Double start = stop.startC().get(w);
            Figure trough = start == null ? Figure.unknown("not read before the stop") : Figure.of(start);
            List<PeakClue> clues = clues(stop, w);
            if (trough.isKnown() || !clues.isEmpty()) {
                PeakBelief peak =
                        discs.computeIfAbsent(w, k -> new PeakHistory()).next(clues);
                seen.put(w, new HeatStudy.Disc(trough, peak));
            }
        }
        Figure energy = massKg.isKnown()
                ? stop.entrySpeed().map(v -> DiscRise.energyJ(massKg.value(), v, stop.exitSpeed()))
                : massKg;
        return new HeatStudy.Stop(stop.driven().number(), energy, averaged, seen);
    }

    private List<PeakClue> clues(DrivenStop stop, WheelPosition w) {
        List<PeakClue> clues = new ArrayList<>();
        stop.logged()
                .map(m -> m.peakTemperatures().get(w))
                .map(PeakClue::sensed)
                .ifPresent(clues::add);
        if (stop instanceof StopByHand byHand && byHand.readC().containsKey(w)) {
            // Bare metal, which is known least well, where nobody wrote down what the thermometer looked at.
            clues.add(PeakClue.read(
                    byHand.readOn().orElse(PeakSource.BARE),
                    Optional.empty(),
                    byHand.readC().get(w),
                    byHand.lateS(),
                    cooling,
                    ambientC));
        }
        for (DiscReadingView r : beside.getOrDefault(stop.driven().id(), List.of())) {
            if (r.reading().wheel() == w) {
                clues.add(clue(r.reading()));
            }
        }
        return clues;
    }

    private PeakClue clue(DiscReading reading) {
        if (reading.painted()) {
            discs.computeIfAbsent(reading.wheel(), k -> new PeakHistory()).painted();
        }
        return reading.clue(reading.ladderId().map(ladders::get), cooling, ambientC);
    }
}
