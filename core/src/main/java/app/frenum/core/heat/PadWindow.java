package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Locale;

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
public record PadWindow(Figure below, Figure inside, Figure above, Figure marginC, String words, String asksFor) {
    private static final double MOSTLY = 0.5;
    private static final double HARDLY = 0.05;

    /** One stop: what it cost, J, from which temperature, up to which, °C. */
    public record Work(double joules, double startC, double peakC) {}

    /** Reads the work of one axle's pads against their window. */
    public static PadWindow of(List<Work> work, double lowC, double highC) {
        double all = work.stream().mapToDouble(Work::joules).sum();
        if (work.isEmpty() || !(all > 0)) {
            Figure none = Figure.unknown("no stop with known disc temperatures");
            return new PadWindow(none, none, none, none, "Nothing is known of this pad's temperatures.", "");
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
                words(cold, hot, highC - peak),
                String.format(Locale.ROOT, "Work like this asks for pads from %.0f °C to %.0f °C.", start, peak));
    }

    private static double share(List<Work> work, double all, double fromC, double toC) {
        return work.stream()
                        .filter(w -> w.startC() >= fromC && w.startC() < toC)
                        .mapToDouble(Work::joules)
                        .sum()
                / all;
    }

    private static String words(double cold, double hot, double marginC) {
        if (hot > HARDLY) {
            return "Over its window: this pad is worked too hot.";
        }
        if (marginC < 0) {
            return "Its stops began in the window, and ended above it.";
        }
        if (cold > MOSTLY) {
            return "Too cold for this pad: most of the work was done below its window.";
        }
        return cold > HARDLY ? "In its window, after a cold beginning." : "In its window.";
    }
}
