package app.frenum.core.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The heat of a circuit's braking events, lap after lap, for choosing pads, ducts and blockers. */
public final class LapHeat {
    private static final double JOULES_PER_KWH = 3.6e6;
    private static final int MOST_LAPS = 200;
    /** A lap repeats the one before when no peak moves by more than this, °C. */
    private static final double SETTLED_C = 0.5;
    /** Cast iron melts at 1150 °C, and far below a disc glows off more than one time constant lets go, °C. */
    private static final double MOST_C = 1000;

    private static final double TAU_SHARE = 0.2;
    private static final double HEAT_SHARE = 0.24;

    private final double massKg;
    private final List<Event> events;

    /**
     * One braking.
     *
     * @param v1 from, m/s
     * @param v2 to, m/s
     * @param gapS from its start to the start of the next one, s
     */
    public record Event(double v1, double v2, double gapS) {
        public Event {
            if (!(v1 > v2 && v2 >= 0 && gapS >= 0)) {
                throw new IllegalArgumentException(
                        "a braking must slow down: from %s to %s m/s does not".formatted(v1, v2));
            }
        }
    }

    /** What one braking does in a settled lap, °C. */
    public record LapSwing(double troughC, double peakC) {}

    /** Why swings cannot be those of any disc; empty where they can. */
    public static Optional<Finding> whyNot(List<LapSwing> swings) {
        double hottest = swings.stream().mapToDouble(LapSwing::peakC).max().orElse(0);
        return hottest <= MOST_C
                ? Optional.empty()
                : Optional.of(Finding.of(HeatFinding.NO_DISC_LASTS, Term.temperature(MOST_C)));
    }

    /**
     * The lap in which the discs have settled.
     *
     * @param laps how many it takes
     * @param swings one per event
     */
    public record Settled(int laps, List<LapSwing> swings) {}

    public LapHeat(double massKg, List<Event> events) {
        if (!(massKg > 0) || events.isEmpty()) {
            throw new IllegalArgumentException("a lap needs a mass above 0 and at least one braking");
        }
        this.massKg = massKg;
        this.events = List.copyOf(events);
    }

    /** J, one per event. */
    public double[] eventJ() {
        return events.stream()
                .mapToDouble(e -> DiscRise.energyJ(massKg, e.v1(), e.v2()))
                .toArray();
    }

    public double lapJ() {
        return Arrays.stream(eventJ()).sum();
    }

    public double lapKwh() {
        return lapJ() / JOULES_PER_KWH;
    }

    /** Applications of the brake in a race. */
    public int applications(int laps) {
        return Math.multiplyExact(laps, events.size());
    }

    /** Drives laps from cold until the discs repeat themselves. */
    public Settled settle(Cooling cooling, DiscRise disc) {
        return settle(cooling, disc, 1);
    }

    /**
     * 95 % uncertainty of each settled peak, °C: time constant at this circuit's speed ± 20 %, heat into the disc ± 24 % (brake share, drag, specific
     * heat), in quadrature.
     */
    public double[] peakUncertaintyC(Cooling cooling, DiscRise disc) {
        List<LapSwing> middle = settle(cooling, disc).swings();
        List<LapSwing> slower = settle(new Cooling(cooling.tauS() * (1 + TAU_SHARE), cooling.ambientC()), disc, 1)
                .swings();
        List<LapSwing> hotter = settle(cooling, disc, 1 + HEAT_SHARE).swings();
        double[] u = new double[middle.size()];
        Arrays.setAll(
                u,
                i -> Math.hypot(
                        slower.get(i).peakC() - middle.get(i).peakC(),
                        hotter.get(i).peakC() - middle.get(i).peakC()));
        return u;
    }

    private Settled settle(Cooling cooling, DiscRise disc, double share) {
        double t = cooling.ambientC();
        List<LapSwing> last = List.of();
        for (int lap = 1; lap <= MOST_LAPS; lap++) {
            List<LapSwing> swings = lap(t, cooling, disc, share);
            if (repeats(last, swings)) {
                return new Settled(lap, swings);
            }
            t = after(swings, cooling);
            last = swings;
        }
        return new Settled(MOST_LAPS, last);
    }

    /**
     * The swings of one lap of several.
     *
     * @param lap which, from 1
     * @param fromC of the disc before the first
     */
    public List<LapSwing> swings(int lap, double fromC, Cooling cooling, DiscRise disc) {
        List<LapSwing> swings = lap(fromC, cooling, disc, 1);
        for (int i = 1; i < lap; i++) {
            swings = lap(after(swings, cooling), cooling, disc, 1);
        }
        return swings;
    }

    private List<LapSwing> lap(double fromC, Cooling cooling, DiscRise disc, double share) {
        List<LapSwing> swings = new ArrayList<>();
        double t = fromC;
        for (Event e : events) {
            double peak = t + share * disc.from(t, e.v1(), e.v2());
            swings.add(new LapSwing(t, peak));
            t = cooling.after(peak, e.gapS());
        }
        return swings;
    }

    private double after(List<LapSwing> swings, Cooling cooling) {
        return cooling.after(
                swings.get(swings.size() - 1).peakC(),
                events.get(events.size() - 1).gapS());
    }

    private static boolean repeats(List<LapSwing> before, List<LapSwing> now) {
        if (before.size() != now.size()) {
            return false;
        }
        for (int i = 0; i < now.size(); i++) {
            if (Math.abs(before.get(i).peakC() - now.get(i).peakC()) > SETTLED_C) {
                return false;
            }
        }
        return true;
    }
}
