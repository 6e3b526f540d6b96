package app.frenum.server.sheet;

import app.frenum.core.compare.Margin;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.Driven;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.sheet.SheetBlocks;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.compare.ComparisonService;
import app.frenum.server.compare.ComparisonView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.PlannedStops;
import app.frenum.server.plan.TestDefinition;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Compares stops as if they were kept. */
@Component
class AsIfDriven {
    private static final UUID NOBODYS = new UUID(0, 0);

    private final StopReader reader;
    private final GarageService garage;
    private final ComparisonService comparisons;
    private final PlannedStops planned;
    private final SheetKeeper keeper;
    private final Clock clock;

    AsIfDriven(
            StopReader reader,
            GarageService garage,
            ComparisonService comparisons,
            PlannedStops planned,
            SheetKeeper keeper,
            Clock clock) {
        this.reader = reader;
        this.garage = garage;
        this.comparisons = comparisons;
        this.planned = planned;
        this.keeper = keeper;
        this.clock = clock;
    }

    /** By themselves, of a test that is still to be made. */
    ComparisonView alone(List<SheetStop> typed, List<String> named, Quantity nominal) {
        List<ConfigurationView> configurations = added(List.of(), named, typed, NOBODYS);
        TestDefinition test = new TestDefinition(
                NOBODYS,
                NOBODYS,
                "",
                "",
                null,
                nominal,
                DistanceBasis.ONSET_TO_REST,
                Margin.DEFAULT.size(),
                Margin.DEFAULT.ofBaseline(),
                configurations.get(0).id(),
                LocalDate.now(clock),
                false);
        VehicleView vehicle = new VehicleView(NOBODYS, "", "", VehicleSpec.unknown(), 0);
        List<Integer> blocks = SheetBlocks.none().of(typed);
        return comparisons.asIf(
                new DrivenTest(
                        test,
                        List.of(),
                        driven(configurations, typed),
                        stops(typed, blocks, configurations, test, 0),
                        Map.of(),
                        Map.of()),
                vehicle,
                0);
    }

    /** Beside those of a test, without the ones that they correct. */
    ComparisonView beside(UUID testId, List<SheetStop> typed, Collection<UUID> corrected) {
        DrivenTest driven = reader.driven(testId);
        List<DrivenStop> before = driven.stops().stream()
                .filter(s -> !corrected.contains(s.driven().id()))
                .toList();
        List<ConfigurationView> configurations =
                added(driven.configurations(), List.of(), typed, driven.test().vehicleId());
        TestDefinition test = driven.test();
        List<DrivenStop> all = Stream.concat(
                        before.stream(),
                        stops(typed, keeper.blocksOf(testId, typed), configurations, test, before.size()).stream())
                .toList();
        return comparisons.asIf(
                new DrivenTest(test, driven.series(), configurations, all, driven.seriesOf(), driven.phases()),
                garage.vehicle(test.vehicleId()),
                planned.each(testId));
    }

    /** Those that are known, and after them what the rows name: by an id that is the same each time. */
    private static List<ConfigurationView> added(
            List<ConfigurationView> known, List<String> named, List<SheetStop> typed, UUID vehicleId) {
        List<ConfigurationView> all = new ArrayList<>(known);
        Stream.concat(named.stream(), typed.stream().map(SheetStop::configuration))
                .map(String::strip)
                .distinct()
                .filter(name -> known.stream().noneMatch(c -> c.name().equals(name)))
                .map(name -> ConfigurationView.named(
                        UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)), vehicleId, name, List.of()))
                .forEach(all::add);
        return all;
    }

    private static List<ConfigurationView> driven(List<ConfigurationView> all, List<SheetStop> typed) {
        return all.stream()
                .filter(c ->
                        typed.stream().anyMatch(t -> t.configuration().strip().equals(c.name())))
                .toList();
    }

    private static List<DrivenStop> stops(
            List<SheetStop> typed,
            List<Integer> blocks,
            List<ConfigurationView> configurations,
            TestDefinition test,
            int before) {
        Map<String, ConfigurationView> byName = configurations.stream()
                .collect(Collectors.toMap(ConfigurationView::name, Function.identity(), (first, second) -> second));
        List<DrivenStop> all = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            SheetStop row = typed.get(i);
            HandEntry entry = row.entry();
            ConfigurationView own =
                    Objects.requireNonNull(byName.get(row.configuration().strip()));
            all.add(entry.stop(
                    new Driven(
                            new UUID(1, i),
                            row.stop().orElse(i + 1),
                            DrivenTest.key(own),
                            blocks.get(i),
                            before + i + 1,
                            Figure.of(entry.nominalSpeed()
                                    .orElse(test.nominalSpeed())
                                    .inside()),
                            entry.phase(),
                            entry.surroundings(),
                            entry.pedal(),
                            entry.effort(),
                            row.struckOut()
                                    ? row.reason().or(() -> Optional.of("struck out on the sheet"))
                                    : Optional.empty()),
                    StopKind.STOP,
                    0));
        }
        return all;
    }
}
