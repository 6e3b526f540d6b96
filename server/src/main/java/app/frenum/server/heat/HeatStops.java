package app.frenum.server.heat;

import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.heat.HeatStudy;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.StopView;
import java.util.EnumMap;
import java.util.Map;

/** Stops of a test as a heat study sees them: sensors where there are some, else what people read, carried back. */
final class HeatStops {
    private static final double SENSOR_C = 2;
    private static final double READING_C = 5;
    private static final double AMBIENT_C = 2;

    private final Figure massKg;
    private final Cooling cooling;
    private final double tauU;

    /**
     * @param massKg of the vehicle as driven
     * @param cooling of the discs, for late readings
     * @param tauU standard uncertainty of its time constant, s
     */
    HeatStops(Figure massKg, Cooling cooling, double tauU) {
        this.massKg = massKg;
        this.cooling = cooling;
        this.tauU = tauU;
    }

    HeatStudy.Stop of(StopView stop) {
        return stop.measured() != null ? logged(stop, stop.measured()) : byHand(stop, stop.byHand());
    }

    private HeatStudy.Stop logged(StopView stop, MeasuredStop m) {
        Map<WheelPosition, HeatStudy.Disc> discs = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Figure trough = known(m.startTemperatures().get(w), "no sensor on this disc");
            Figure peak = known(m.peakTemperatures().get(w), "no sensor on this disc");
            if (trough.isKnown() || peak.isKnown()) {
                discs.put(w, new HeatStudy.Disc(trough, peak, Figure.of(SENSOR_C), false));
            }
        }
        Figure energy = massKg.isKnown() && m.entrySpeed().isKnown()
                ? Figure.of(DiscRise.energyJ(
                        massKg.value(), m.entrySpeed().value(), m.exitSpeed().orElse(0)))
                : massKg;
        return new HeatStudy.Stop(stop.number(), energy, discs);
    }

    private HeatStudy.Stop byHand(StopView stop, SheetStop row) {
        Map<WheelPosition, HeatStudy.Disc> discs = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            var start = row.startTemperatures().get(w);
            var end = row.endTemperatures().get(w);
            if (start == null && end == null) {
                continue;
            }
            Figure trough = start == null ? Figure.unknown("not read before the stop") : Figure.of(start.inside());
            if (end == null) {
                Figure none = Figure.unknown("not read after the stop");
                discs.put(w, new HeatStudy.Disc(trough, none, none, true));
            } else {
                double late = stop.lateS() == null ? 0 : stop.lateS();
                Cooling.Peak peak =
                        cooling.peakBefore(new Cooling.Peak(end.inside(), READING_C), late, tauU, AMBIENT_C);
                discs.put(
                        w, new HeatStudy.Disc(trough, Figure.of(peak.celsius()), Figure.of(peak.uncertaintyC()), true));
            }
        }
        Figure entry = stop.entrySpeed();
        Figure energy = massKg.isKnown() && entry.isKnown()
                ? Figure.of(DiscRise.energyJ(massKg.value(), entry.value(), 0))
                : massKg.isKnown() ? entry : massKg;
        return new HeatStudy.Stop(stop.number(), energy, discs);
    }

    private static Figure known(Double value, String whyNot) {
        return value == null ? Figure.unknown(whyNot) : Figure.of(value);
    }
}
