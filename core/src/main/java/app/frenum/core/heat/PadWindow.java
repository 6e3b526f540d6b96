package app.frenum.core.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import java.util.List;

/**
 * Where a pad did its work, against the temperatures it is made for: shares of brake energy by the disc's temperature at
 * the start of each stop.
 *
 * @param below share of the energy taken with the pad too cold, 0 to 1
 * @param inside share within its window
 * @param above share over it
 * @param marginC top of the window less the hottest peak, °C; negative when it was passed
 * @param words the reading in a sentence
 * @param asksFor what window the data ask for: from the coldest start to the hottest peak
 */
public record PadWindow(Figure below, Figure inside, Figure above, Figure marginC, Finding words, Finding asksFor) {
    private static final double MOSTLY = 0.5;
    private static final double HARDLY = 0.05;

    /** One stop: what it cost, J, from which temperature, up to which, °C. */
    public record Work(double joules, double startC, double peakC) {}

    /** Reads the work of one axle's pads against their window. */
    public static PadWindow of(List<Work> work, double lowC, double highC) {
        double all = work.stream().mapToDouble(Work::joules).sum();
        if (work.isEmpty() || !(all > 0)) {
            Figure none = Figure.unknown("no stop with known disc temperatures");
            return new PadWindow(
                    none,
                    none,
                    none,
                    none,
                    Finding.of(HeatFinding.PADS_NOT_KNOWN),
                    Finding.of(HeatFinding.ASKS_FOR_MORE_STOPS));
        }
        double cold = share(work, all, Double.NEGATIVE_INFINITY, lowC);
        double hot = share(work, all, highC, Double.POSITIVE_INFINITY);
        double peak = work.stream().mapToDouble(Work::peakC).max().orElseThrow();
        double start = work.stream().mapToDouble(Work::startC).min().orElseThrow();
        return new PadWindow(
                Figure.of(cold),
                Figure.of(1 - cold - hot),
                Figure.of(hot),
                Figure.of(highC - peak),
                Finding.of(reading(cold, hot, highC - peak)),
                Finding.of(HeatFinding.ASKS_FOR_PADS, Term.temperature(start), Term.temperature(peak)));
    }

    private static double share(List<Work> work, double all, double fromC, double toC) {
        return work.stream()
                        .filter(w -> w.startC() >= fromC && w.startC() < toC)
                        .mapToDouble(Work::joules)
                        .sum()
                / all;
    }

    private static HeatFinding reading(double cold, double hot, double marginC) {
        if (hot > HARDLY) {
            return HeatFinding.PADS_TOO_HOT;
        }
        if (marginC < 0) {
            return HeatFinding.PADS_ENDED_ABOVE;
        }
        if (cold > MOSTLY) {
            return HeatFinding.PADS_TOO_COLD;
        }
        return cold > HARDLY ? HeatFinding.PADS_BEGAN_COLD : HeatFinding.PADS_IN_WINDOW;
    }
}
