package app.frenum.server.heat;

import app.frenum.core.heat.CoolDowns;
import app.frenum.core.heat.CoolingFit;
import app.frenum.core.heat.CoolingResidual;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import java.util.List;
import java.util.function.Function;

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
            return new HeatView.CoolingView(0, none, none, none, none, none, List.of(), whyNone);
        }
        Summary taus = Summary.of(values(fitted, CoolingFit::tauS));
        CoolingFit one = fitted.get(0).fit();
        boolean several = taus.n() > 1;
        Figure half = taus.halfWidth95();
        Figure low = several ? taus.mean().map(m -> m - half.value()) : one.tauLowS();
        Figure high = several ? taus.mean().map(m -> m + half.value()) : one.tauHighS();
        double[] speeds = fitted.stream()
                .map(CoolDowns.CoolDown::meanMps)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
        return new HeatView.CoolingView(
                taus.n(),
                taus.median(),
                low,
                high,
                Summary.of(values(fitted, CoolingFit::rmsC)).median(),
                speeds.length == 0
                        ? Figure.unknown("no speed was logged")
                        : Summary.of(speeds).median(),
                CoolingResidual.of(fitted.stream().map(CoolDowns.CoolDown::left).toList()),
                whyNone);
    }

    private static double[] values(List<CoolDowns.CoolDown> downs, Function<CoolingFit, Figure> which) {
        return downs.stream()
                .map(d -> which.apply(d.fit()))
                .mapToDouble(Figure::value)
                .toArray();
    }
}
