package app.frenum.server.sheet;

import app.frenum.core.people.Who;
import app.frenum.formats.sheet.SheetBlocks;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.StopService;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Keeps stops of a sheet in a test, however they came: in the blocks they were driven in, under configurations by name. */
@Component
public class SheetKeeper {
    private final GarageService garage;
    private final TestService tests;
    private final StopService stops;

    SheetKeeper(GarageService garage, TestService tests, StopService stops) {
        this.garage = garage;
        this.tests = tests;
        this.stops = stops;
    }

    /**
     * Keeps them.
     *
     * @param ids of the stops, one for each row
     * @param conditions of the series that are new
     * @param changed what somebody said is changed in a configuration that is new, by its name
     */
    public void keep(
            TestDefinition test,
            List<SheetStop> rows,
            List<UUID> ids,
            Conditions conditions,
            Function<String, List<String>> changed,
            Who who) {
        List<Integer> blocks = blocksOf(test.id(), rows);
        Map<String, UUID> configurations = new HashMap<>();
        for (int i = 0; i < rows.size(); i++) {
            String name = rows.get(i).configuration().strip();
            UUID configuration =
                    configurations.computeIfAbsent(name, n -> configuration(test.vehicleId(), n, changed.apply(n)));
            SeriesView series = tests.seriesFor(test.id(), configuration, blocks.get(i), conditions);
            stops.addByHand(ids.get(i), series.id(), rows.get(i), who);
        }
    }

    private UUID configuration(UUID vehicleId, String name, List<String> changed) {
        return garage.add(ConfigurationView.named(UUID.randomUUID(), vehicleId, name, changed))
                .id();
    }

    /** In which block of its configuration each is, after what the test has already. */
    List<Integer> blocksOf(UUID testId, List<SheetStop> rows) {
        List<SeriesView> series = tests.seriesOf(testId);
        Map<UUID, String> names =
                garage
                        .byId(series.stream()
                                .map(SeriesView::configurationId)
                                .distinct()
                                .toList())
                        .values()
                        .stream()
                        .collect(Collectors.toMap(ConfigurationView::id, ConfigurationView::name));
        SheetBlocks blocks = SheetBlocks.none();
        series.forEach(s -> blocks.after(Objects.requireNonNull(names.get(s.configurationId())), s.block()));
        return blocks.of(rows);
    }
}
