package app.frenum.server.compare;

import app.frenum.core.finding.Finding;
import app.frenum.core.log.WheelPosition;
import app.frenum.server.analysis.StopView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.Expectation;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything a reading page needs of a test, in one answer.
 *
 * @param discNames what the vehicle's discs or drums are called
 * @param expectation null when nobody said one
 * @param guesses how good those of whoever said it were, over the years
 */
public record TestDetail(
        TestDefinition test,
        VehicleView vehicle,
        List<ConfigurationView> configurations,
        List<SeriesView> series,
        List<StopView> stops,
        Map<WheelPosition, String> discNames,
        @Nullable Expectation expectation,
        @Nullable Finding guesses) {}
