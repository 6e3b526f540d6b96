package app.frenum.core.stop;

import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How far the pedal had gone when line pressure first rose through round figures, so that the travel of different stops
 * can be held against each other at a pressure they all reached. Vapour in the fluid shows as more travel at the same
 * pressure.
 *
 * @param bar pressures, every {@link #STEP_BAR} from that on, as far as the stop went
 * @param travelM pedal travel at each, m
 */
public record PedalCurve(List<Double> bar, List<Double> travelM) {
    private static final PedalCurve NONE = new PedalCurve(List.of(), List.of());
    private static final double STEP_BAR = 2.5;

    /** Of a stop without pressure or travel. */
    public static PedalCurve none() {
        return NONE;
    }

    public PedalCurve {
        bar = List.copyOf(bar);
        travelM = List.copyOf(travelM);
    }

    /** Read off smoothed pressure and travel from the onset to the pressure's peak. */
    static PedalCurve of(Signal pressure, Signal travel, double onsetS, double endS) {
        if (pressure.isEmpty() || travel.isEmpty()) {
            return NONE;
        }
        Signal rising = pressure.between(onsetS, endS);
        double peak = Arrays.stream(rising.v()).max().orElse(0);
        List<Double> bar = new ArrayList<>();
        List<Double> travelM = new ArrayList<>();
        int i = 1;
        for (double level = STEP_BAR; level <= peak; level += STEP_BAR) {
            while (i < rising.size() && rising.v()[i] < level) {
                i++;
            }
            double from = rising.v()[i - 1];
            double share = rising.v()[i] > from ? Math.max(0, (level - from) / (rising.v()[i] - from)) : 0;
            bar.add(level);
            travelM.add(travel.at(rising.t()[i - 1] + share * (rising.t()[i] - rising.t()[i - 1])));
        }
        return new PedalCurve(bar, travelM);
    }

    /** Travel at a pressure, m. */
    public Figure at(double pressureBar) {
        if (bar.isEmpty()) {
            return Figure.unknown("no pedal travel was logged");
        }
        if (!(pressureBar >= bar.get(0) && pressureBar <= bar.get(bar.size() - 1))) {
            return Figure.unknown("the stop never reached that pressure");
        }
        double place = (pressureBar - bar.get(0)) / STEP_BAR;
        int i = Math.min((int) place, bar.size() - 1);
        double next = travelM.get(Math.min(i + 1, bar.size() - 1));
        return Figure.of(travelM.get(i) + (place - i) * (next - travelM.get(i)));
    }
}
