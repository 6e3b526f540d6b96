package app.frenum.server.plan;

import app.frenum.core.plan.Forecast;
import app.frenum.core.plan.RunOrder;
import app.frenum.core.plan.StopsNeeded;
import app.frenum.core.plan.Stretch;
import app.frenum.core.quantity.Figure;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A forecast with the figures that follow from it, for showing.
 *
 * @param perSide stops of each that the margin needs
 * @param curve smallest difference against stops
 * @param laneTotalM what a stop takes in all
 * @param endS how long the day is
 * @param hottestC the hottest a front disc gets
 * @param guards what the order guards against
 * @param stretches the day as a person plans it
 * @param names of the configurations, the baseline first
 * @param learntCooling the time constant that it goes by and where it is from; null when it was entered or assumed
 */
public record ForecastView(
        Forecast forecast,
        int perSide,
        List<StopsNeeded.Point> curve,
        double laneTotalM,
        double endS,
        Figure hottestC,
        String guards,
        List<Stretch> stretches,
        List<String> names,
        @Nullable String learntCooling) {
    static ForecastView of(Forecast f, RunOrder order, List<String> names, @Nullable String learntCooling) {
        return new ForecastView(
                f,
                f.stopsNeeded().perSide(),
                f.stopsNeeded().curve(),
                f.lane().check().totalM(),
                f.clock().endS(),
                f.clock().hottestC(),
                order.guards(),
                Stretch.of(f.clock()),
                names,
                learntCooling);
    }
}
