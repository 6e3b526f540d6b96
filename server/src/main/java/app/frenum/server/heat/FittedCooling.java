package app.frenum.server.heat;

import app.frenum.core.heat.CoolDowns;
import app.frenum.core.heat.CoolingFit;
import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.hipparchus.distribution.continuous.TDistribution;

/** The cool-downs of one disc taken together. */
final class FittedCooling {
    private FittedCooling() {}

    static HeatView.CoolingView of(List<CoolDowns.CoolDown> downs) {
        List<CoolDowns.CoolDown> fitted =
                downs.stream().filter(d -> d.fit().tauS().isKnown()).toList();
        String whyNone = downs.stream()
                .map(d -> d.fit().tauS())
                .filter(f -> !f.isKnown())
                .map(Figure::reason)
                .findFirst()
                .orElse("");
        if (fitted.isEmpty()) {
            Figure none = Figure.unknown(whyNone);
            return new HeatView.CoolingView(0, none, none, none, none, none, whyNone);
        }
        double[] taus = values(fitted, CoolingFit::tauS);
        Figure tau = median(taus);
        Figure low = fitted.get(0).fit().tauLowS();
        Figure high = fitted.get(0).fit().tauHighS();
        if (taus.length > 1) {
            double mean = Arrays.stream(taus).average().orElseThrow();
            double squares =
                    Arrays.stream(taus).map(t -> (t - mean) * (t - mean)).sum();
            double half = new TDistribution(taus.length - 1).inverseCumulativeProbability(0.975)
                    * Math.sqrt(squares / (taus.length - 1) / taus.length);
            low = Figure.of(mean - half);
            high = Figure.of(mean + half);
        }
        double[] speeds = fitted.stream()
                .map(CoolDowns.CoolDown::meanMps)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
        return new HeatView.CoolingView(
                taus.length, tau, low, high, median(values(fitted, CoolingFit::rmsC)), median(speeds), whyNone);
    }

    private static double[] values(List<CoolDowns.CoolDown> downs, Function<CoolingFit, Figure> which) {
        return downs.stream()
                .map(d -> which.apply(d.fit()))
                .mapToDouble(Figure::value)
                .toArray();
    }

    private static Figure median(double[] values) {
        if (values.length == 0) {
            return Figure.unknown("no speed was logged");
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return Figure.of(sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2);
    }
}
