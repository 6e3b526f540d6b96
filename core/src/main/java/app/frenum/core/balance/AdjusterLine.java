package app.frenum.core.balance;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.StraightLine;
import app.frenum.core.statistics.StudentT;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a turn of the bias adjuster does to the front share of line pressure: a straight line through every stop. What a
 * setting gives after it was turned up and after it was turned down is its play.
 *
 * @param line share (0 to 1) over turns from full front
 * @param play turns by which the two ways differ; unknown where it was turned one way only
 */
public record AdjusterLine(StraightLine line, Figure play) {
    private static final double STEP_TURNS = 0.25;

    /**
     * One stop at one setting, in the order driven.
     *
     * @param turns from full front
     * @param share front share of line pressure on its plateau
     */
    public record Tried(double turns, double share) {}

    /**
     * A way to turn it.
     *
     * @param turns to turn by, in quarter turns; above 0 away from full front, to the rear
     * @param share that gives
     * @param halfWidth of the share's 95 % interval, one more stop's, with the play in it
     */
    public record Advice(double turns, double share, double halfWidth) {}

    public static AdjusterLine of(List<Tried> inOrder) {
        StraightLine line = StraightLine.of(
                inOrder.stream().mapToDouble(Tried::turns).toArray(),
                inOrder.stream().mapToDouble(Tried::share).toArray());
        return new AdjusterLine(line, turns(line) ? play(inOrder, line) : noEffect(line));
    }

    /** Whether turning it does anything that can be told from nothing: nothing is divided by a slope that may be 0. */
    private static boolean turns(StraightLine line) {
        return line.slope().isKnown()
                && (line.slopeLow().value() > 0 || line.slopeHigh().value() < 0);
    }

    private static Figure noEffect(StraightLine line) {
        return line.slope().isKnown()
                ? Figure.unknown("the adjuster made no measurable difference to the front brake bias")
                : line.slope();
    }

    /** Mean of what is left over after turning up, less that after turning down, in turns. */
    private static Figure play(List<Tried> inOrder, StraightLine line) {
        List<Double> up = new ArrayList<>();
        List<Double> down = new ArrayList<>();
        int way = 0;
        for (int i = 0; i < inOrder.size(); i++) {
            Tried now = inOrder.get(i);
            if (i > 0 && now.turns() != inOrder.get(i - 1).turns()) {
                way = Double.compare(now.turns(), inOrder.get(i - 1).turns());
            }
            if (way != 0) {
                (way > 0 ? up : down).add(now.share() - line.at(now.turns()).value());
            }
        }
        if (up.isEmpty() || down.isEmpty()) {
            return Figure.unknown("it was turned one way only; turn it back through the same settings");
        }
        return Figure.of(Math.abs((mean(up) - mean(down)) / line.slope().value()));
    }

    private static double mean(List<Double> all) {
        return all.stream().mapToDouble(x -> x).average().orElseThrow();
    }

    /**
     * The quarter turn nearest to a wanted share.
     *
     * @param fromTurns where it stands
     */
    public Figure turnsFor(double fromTurns, double wantedShare) {
        if (!turns(line)) {
            return noEffect(line);
        }
        return line.xFor(wantedShare).map(x -> Math.round((x - fromTurns) / STEP_TURNS) * STEP_TURNS);
    }

    /** What a turn from a setting gives, with the ± of one more stop. */
    public Advice after(double fromTurns, double turns, List<Tried> inOrder) {
        double at = fromTurns + turns;
        double own = line.halfWidthAt(at).orElse(0);
        double[] left = inOrder.stream()
                .mapToDouble(p -> p.share() - line.at(p.turns()).value())
                .toArray();
        double scatter = Math.sqrt(IntStream.range(0, left.length)
                        .mapToDouble(i -> left[i] * left[i])
                        .sum()
                / Math.max(1, left.length - 2));
        double t = StudentT.quantile(0.975, Math.max(1, left.length - 2));
        double half = Math.hypot(own, t * scatter)
                + Math.abs(play.orElse(0) * line.slope().value()) / 2;
        return new Advice(turns, line.at(at).value(), half);
    }
}
