package app.frenum.core.fade;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Trend;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * An order of the wheel that grows through a series, beyond chance (Mann–Kendall, 5 %).
 *
 * @param order of the wheel, from 1
 * @param perStop m/s² a stop
 * @param low lower end of its 95 % interval, m/s² a stop
 * @param high upper end
 */
public record JudderGrowth(int order, double perStop, double low, double high) {
    private static final double SURE = 0.05;

    /** Every order of deceleration that grows through these stops; a stop whose order is not known is left out of it. */
    public static List<JudderGrowth> of(List<Judder> series) {
        return IntStream.rangeClosed(1, Judder.ORDERS)
                .mapToObj(order -> of(order, series))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<JudderGrowth> of(int order, List<Judder> series) {
        double[] amplitudes = series.stream()
                .map(j -> j.deceleration().get(order - 1))
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
        Trend trend = Trend.of(amplitudes);
        double perStop = trend.perStop().orElse(0);
        if (perStop <= 0 || trend.p().orElse(1) >= SURE) {
            return Optional.empty();
        }
        TrendLine line = TrendLine.of(
                IntStream.range(0, amplitudes.length).asDoubleStream().toArray(), amplitudes);
        return Optional.of(new JudderGrowth(
                order, perStop, line.low().orElse(perStop), line.high().orElse(perStop)));
    }

    /** @param side what the series is called */
    public Finding finding(String side) {
        return Finding.of(
                FadeAnswerFinding.ORDER_GROWS,
                Term.name(side),
                Term.count(order),
                amplitude(perStop),
                amplitude(low),
                amplitude(high));
    }

    private static Term amplitude(double mps2) {
        return new Term.Amount(AmountKind.DECELERATION, mps2, 0.001);
    }
}
