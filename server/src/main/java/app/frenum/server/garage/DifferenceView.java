package app.frenum.server.garage;

import app.frenum.core.garage.Difference;
import app.frenum.core.quantity.Figure;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What differs between two configurations, for showing.
 *
 * @param currency of the cost; null where none was entered
 * @param warning why a test of the two could not name a cause; null when it could
 */
public record DifferenceView(
        String first,
        String second,
        List<Difference.Change> changes,
        List<String> factors,
        Figure massKg,
        Figure massUncertaintyKg,
        Figure cost,
        @Nullable String currency,
        Figure hours,
        @Nullable String warning) {
    static DifferenceView of(ConfigurationView a, ConfigurationView b, Difference d) {
        return new DifferenceView(
                a.name(),
                b.name(),
                d.changes(),
                d.factors(),
                d.massKg(),
                d.massUncertaintyKg(),
                d.cost(),
                d.currency().orElse(null),
                d.hours(),
                d.warning().orElse(null));
    }
}
