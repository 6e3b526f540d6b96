package app.frenum.server.fade;

import app.frenum.core.fade.Judder;
import app.frenum.core.fade.TrendLine;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Trend;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * What goes round with the wheel, through every series of a test.
 *
 * @param tyreRadiusM rolling radius, as the vehicle has it
 * @param sides in the order of the test's configurations
 */
record JudderView(Figure tyreRadiusM, List<JudderSide> sides) {
    private static final double SURE = 0.05;

    /** One logged stop. */
    record JudderStop(int number, Judder judder) {}

    /**
     * One configuration.
     *
     * @param stops that count and were logged, in order
     * @param growing orders of deceleration that grow from stop to stop, beyond chance
     */
    record JudderSide(UUID configurationId, List<JudderStop> stops, List<Growing> growing) {
        static JudderSide of(UUID configurationId, List<JudderStop> stops) {
            List<Growing> growing = IntStream.range(0, Judder.ORDERS)
                    .mapToObj(order -> Growing.of(order, stops))
                    .filter(g -> g.perStop() > 0 && g.p() < SURE)
                    .toList();
            return new JudderSide(configurationId, stops, growing);
        }
    }

    /**
     * An order that grows.
     *
     * @param order of the wheel, from 1
     * @param perStop m/s² a stop
     * @param low lower end of its 95 % interval, m/s² a stop
     * @param high upper end
     * @param p Mann–Kendall, two-sided
     */
    record Growing(int order, double perStop, double low, double high, double p) {
        static Growing of(int index, List<JudderStop> stops) {
            double[] amplitudes = stops.stream()
                    .map(s -> s.judder().deceleration().get(index))
                    .filter(Figure::isKnown)
                    .mapToDouble(Figure::value)
                    .toArray();
            Trend trend = Trend.of(amplitudes);
            double perStop = trend.perStop().orElse(0);
            TrendLine line = TrendLine.of(
                    IntStream.range(0, amplitudes.length).asDoubleStream().toArray(), amplitudes);
            return new Growing(
                    index + 1,
                    perStop,
                    line.low().orElse(perStop),
                    line.high().orElse(perStop),
                    trend.p().orElse(1));
        }
    }
}
