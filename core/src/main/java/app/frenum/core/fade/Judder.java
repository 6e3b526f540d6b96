package app.frenum.core.fade;

import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.IntStream;

/**
 * Judder by order tracking: deceleration and line pressure over the angle of the wheel, and how much of each goes round
 * with it. If it grows through a series, the disc is getting uneven, in thickness or in what pads left on it. Handbook,
 * "Judder".
 *
 * @param deceleration amplitude of orders 1 to 4, m/s²
 * @param noise of each order's deceleration, m/s²: the mean amplitude half an order beside it, where nothing goes round
 *     with the wheel
 * @param pressure amplitude of orders 1 to 4, bar; unknown without a pressure channel
 */
public record Judder(List<Figure> deceleration, List<Figure> noise, List<Figure> pressure) {
    /** Highest order looked at. */
    public static final int ORDERS = 4;

    /** Below this the wheel turns too slowly for its orders to be felt, or told from the driver's foot, m/s. */
    private static final double SLOWEST_MPS = 5;
    /** An order is read from where the wheel is slow enough for so many samples to a wave. */
    private static final double SAMPLES_PER_WAVE = 4;

    private static final String NO_SLOWING = "judder needs a deceleration channel";
    private static final int FEWEST_TURNS = 6;
    private static final int STEPS_PER_TURN = 64;

    /** How often a wheel turns at a speed, Hz: v / (2πr). */
    public static double turnsHz(double speedMps, double tyreRadiusM) {
        return speedMps / (2 * Math.PI * tyreRadiusM);
    }

    /**
     * Judder of one stop.
     *
     * @param log it is in
     * @param onsetS when the brake was applied
     * @param endS when it was over
     * @param tyreRadiusM rolling radius, m
     */
    public static Judder of(Log log, double onsetS, double endS, double tyreRadiusM) {
        int speed = channel(log, Role.SPEED);
        int slowing = Math.max(channel(log, Role.DECELERATION), channel(log, Role.ACCELERATION));
        int pressure = channel(log, Role.PRESSURE_FRONT);
        if (speed < 0) {
            return unknown("judder needs a speed channel");
        }
        int from = log.rowAt(onsetS);
        int to = Math.min(log.rows(), log.rowAt(endS) + 1);
        double[] t = log.times(from, to);
        double[] v = log.values(speed, from, to);
        int fast = (int) Arrays.stream(v)
                .takeWhile(x -> x > SLOWEST_MPS || Double.isNaN(x))
                .count();
        // The pedal's own rise is no judder.
        int first = Math.min(fast, (int) Math.round(0.15 * t.length));
        if (fast - first < 16) {
            return unknown("the stop is too short for judder");
        }
        double[] turns = turns(t, v, first, fast, tyreRadiusM);
        double rate = (fast - first - 1) / (t[fast - 1] - t[first]);
        int[] starts = IntStream.rangeClosed(1, ORDERS)
                .map(order -> slowEnough(v, first, fast, rate * 2 * Math.PI * tyreRadiusM / (SAMPLES_PER_WAVE * order)))
                .toArray();
        return new Judder(
                amplitudes(log, slowing, from + first, turns, starts, Judder::amplitude, NO_SLOWING),
                amplitudes(log, slowing, from + first, turns, starts, Judder::beside, NO_SLOWING),
                amplitudes(
                        log, pressure, from + first, turns, starts, Judder::amplitude, "no line pressure was logged"));
    }

    /** Rows after the first from which on the wheel turns slowly enough for an order to be sampled. */
    private static int slowEnough(double[] v, int first, int end, double mps) {
        int row = first;
        while (row < end && !(v[row] <= mps)) {
            row++;
        }
        return row - first;
    }

    private static Judder unknown(String why) {
        List<Figure> none =
                IntStream.range(0, ORDERS).mapToObj(i -> Figure.unknown(why)).toList();
        return new Judder(none, none, none);
    }

    private static int channel(Log log, Role role) {
        return log.channels().stream().map(c -> c.role()).toList().indexOf(role);
    }

    /** Turns of the wheel since the first row, by the trapezium rule. */
    private static double[] turns(double[] t, double[] v, int first, int end, double radius) {
        double[] turns = new double[end - first];
        for (int i = 1; i < turns.length; i++) {
            double a = v[first + i - 1];
            double b = v[first + i];
            double mean = Double.isNaN(a) || Double.isNaN(b) ? 0 : (a + b) / 2;
            turns[i] = turns[i - 1] + turnsHz(mean, radius) * (t[first + i] - t[first + i - 1]);
        }
        return turns;
    }

    private static List<Figure> amplitudes(
            Log log,
            int channel,
            int firstRow,
            double[] turns,
            int[] starts,
            ToDoubleBiFunction<double[], Integer> which,
            String whyNone) {
        if (channel < 0) {
            return unknown(whyNone).deceleration;
        }
        double[] values = log.values(channel, firstRow, firstRow + turns.length);
        return IntStream.rangeClosed(1, ORDERS)
                .mapToObj(order -> read(order, turns, values, starts[order - 1], which))
                .toList();
    }

    private static Figure read(
            int order, double[] turns, double[] values, int start, ToDoubleBiFunction<double[], Integer> which) {
        int n = turns.length - start;
        int whole = n < 2 ? 0 : (int) (turns[turns.length - 1] - turns[start]);
        if (whole < FEWEST_TURNS) {
            return Figure.unknown("too few samples or turns for order %d".formatted(order));
        }
        double[] own = IntStream.range(start, turns.length)
                .mapToDouble(i -> turns[i] - turns[start])
                .toArray();
        return Figure.of(
                which.applyAsDouble(overAngle(own, Arrays.copyOfRange(values, start, values.length), whole), order));
    }

    /** The values at even steps of wheel angle, their straight line taken out. */
    private static double[] overAngle(double[] turns, double[] values, int whole) {
        double[] even = new double[whole * STEPS_PER_TURN];
        int row = 0;
        for (int i = 0; i < even.length; i++) {
            double at = (double) i / STEPS_PER_TURN;
            while (row < turns.length - 2 && turns[row + 1] < at) {
                row++;
            }
            double step = turns[row + 1] - turns[row];
            double share = step > 0 ? (at - turns[row]) / step : 0;
            double x = values[row] + share * (values[row + 1] - values[row]);
            even[i] = Double.isNaN(x) ? (i > 0 ? even[i - 1] : 0) : x;
        }
        return withoutLine(even);
    }

    private static double[] withoutLine(double[] x) {
        double middle = (x.length - 1) / 2.0;
        double mean = Arrays.stream(x).average().orElse(0);
        double slope = IntStream.range(0, x.length)
                        .mapToDouble(i -> (i - middle) * x[i])
                        .sum()
                / IntStream.range(0, x.length)
                        .mapToDouble(i -> (i - middle) * (i - middle))
                        .sum();
        return IntStream.range(0, x.length)
                .mapToDouble(i -> x[i] - mean - slope * (i - middle))
                .toArray();
    }

    /** Amplitude of one order over whole turns. */
    private static double amplitude(double[] even, int order) {
        return amplitude(even, (double) order, even.length);
    }

    /** Mean amplitude half an order below and above, over an even number of turns, so that those go round whole too. */
    private static double beside(double[] even, int order) {
        int n = even.length / (2 * STEPS_PER_TURN) * 2 * STEPS_PER_TURN;
        return (amplitude(even, order - 0.5, n) + amplitude(even, order + 0.5, n)) / 2;
    }

    private static double amplitude(double[] even, double order, int n) {
        double cosine = 0;
        double sine = 0;
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * order * i / STEPS_PER_TURN;
            cosine += even[i] * Math.cos(angle);
            sine += even[i] * Math.sin(angle);
        }
        return 2 * Math.hypot(cosine, sine) / n;
    }
}
