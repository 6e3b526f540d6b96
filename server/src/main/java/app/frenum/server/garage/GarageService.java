package app.frenum.server.garage;

import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.Difference;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.problem.Problem;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Keeps vehicles and their configurations. Adding one that is there already changes nothing. */
@Service
@Raced
@Transactional
public class GarageService {
    private final VehicleRepository vehicles;
    private final ConfigurationRepository configurations;
    private final DrivenConfigurations drivenConfigurations;
    private final Documents documents;

    GarageService(
            VehicleRepository vehicles,
            ConfigurationRepository configurations,
            DrivenConfigurations drivenConfigurations,
            Documents documents) {
        this.vehicles = vehicles;
        this.configurations = configurations;
        this.drivenConfigurations = drivenConfigurations;
        this.documents = documents;
    }

    @Transactional(readOnly = true)
    public List<VehicleView> vehicles() {
        return vehicles.findAllByOrderByCreatedAt().stream().map(this::view).toList();
    }

    @Transactional(readOnly = true)
    public VehicleView vehicle(UUID id) {
        return view(vehicleRow(id));
    }

    private Vehicle vehicleRow(UUID id) {
        return vehicles.findById(id).orElseThrow(() -> Problem.notFound("The vehicle"));
    }

    public VehicleView add(VehicleView vehicle) {
        if (vehicles.existsById(vehicle.id())) {
            return vehicle(vehicle.id());
        }
        return saved(new Vehicle(vehicle.id()), vehicle);
    }

    public VehicleView change(VehicleView vehicle) {
        Vehicle row = vehicleRow(vehicle.id());
        VehicleView now = view(row);
        if (now.equals(asKept(vehicle, row.version()))) {
            return now;
        }
        refuseOlder(vehicle.version(), row.version());
        return saved(row, vehicle);
    }

    private static VehicleView asKept(VehicleView v, int version) {
        return new VehicleView(v.id(), v.name().strip(), v.description().strip(), v.spec(), version);
    }

    private VehicleView saved(Vehicle row, VehicleView vehicle) {
        refuse(vehicle.spec().problems());
        row.set(vehicle.name().strip(), vehicle.description().strip(), documents.write(vehicle.spec()));
        return view(vehicles.saveAndFlush(row));
    }

    private VehicleView view(Vehicle v) {
        return new VehicleView(
                v.id(), v.name(), v.description(), documents.read(v.spec(), VehicleSpec.class), v.version());
    }

    @Transactional(readOnly = true)
    public List<ConfigurationView> configurations(UUID vehicleId) {
        return views(configurations.findByVehicleIdOrderByCreatedAt(vehicleId));
    }

    @Transactional(readOnly = true)
    public List<ConfigurationView> configurations() {
        return views(configurations.findAll());
    }

    @Transactional(readOnly = true)
    public Map<UUID, ConfigurationView> byId(Collection<UUID> ids) {
        return views(configurations.findByIdIn(ids)).stream()
                .collect(Collectors.toMap(ConfigurationView::id, Function.identity()));
    }

    @Transactional(readOnly = true)
    public ConfigurationView configuration(UUID id) {
        return views(List.of(configurationRow(id))).get(0);
    }

    private Configuration configurationRow(UUID id) {
        return configurations.findById(id).orElseThrow(() -> Problem.notFound("The configuration"));
    }

    /** Adds it; the last edition of the same vehicle and name is taken instead of making a second. */
    public ConfigurationView add(ConfigurationView configuration) {
        vehicleRow(configuration.vehicleId());
        Configuration row = configurations
                .findById(configuration.id())
                .or(() -> configurations.findFirstByVehicleIdAndNameOrderByEditionDesc(
                        configuration.vehicleId(), configuration.name().strip()))
                .orElse(null);
        return row == null
                ? saved(new Configuration(configuration.id(), configuration.vehicleId(), 1, null), configuration)
                : configuration(row.id());
    }

    /** Adds one that was kept elsewhere, with its edition. */
    public void bringIn(ConfigurationView c) {
        configurations
                .findFirstByVehicleIdAndNameOrderByEditionDesc(c.vehicleId(), c.name())
                .filter(last -> last.edition() >= c.edition())
                .ifPresent(last -> {
                    throw Problem.conflict(
                            "Nothing was brought in: \"%s\" has this edition here already.".formatted(c.label()));
                });
        saved(new Configuration(c.id(), c.vehicleId(), c.edition(), c.replacesId()), c);
    }

    /**
     * Changes a configuration; one that was driven stays as it is, and the change becomes its next edition.
     *
     * @param nextId the id of that next edition, should it be needed; sent again it changes nothing
     */
    public ConfigurationView change(ConfigurationView configuration, UUID nextId) {
        if (configurations.existsById(nextId)) {
            return configuration(nextId);
        }
        Configuration row = configurationRow(configuration.id());
        ConfigurationView now = configuration(row.id());
        if (isTheSame(now, configuration)) {
            return now;
        }
        refuseOlder(configuration.version(), row.version());
        if (!drivenConfigurations.driven().contains(row.id())) {
            return saved(row, configuration);
        }
        Configuration last = configurations
                .findFirstByVehicleIdAndNameOrderByEditionDesc(
                        row.vehicleId(), configuration.name().strip())
                .orElse(row);
        int edition = last.name().equals(configuration.name().strip()) ? last.edition() + 1 : 1;
        return saved(new Configuration(nextId, row.vehicleId(), edition, row.id()), configuration);
    }

    private static boolean isTheSame(ConfigurationView now, ConfigurationView sent) {
        return now.name().equals(sent.name().strip())
                && now.changed().equals(sent.changed())
                && now.spec().equals(sent.spec())
                && now.fitting().equals(sent.fitting());
    }

    private ConfigurationView saved(Configuration row, ConfigurationView c) {
        refuse(c.spec().problems());
        row.set(c.name().strip(), c.changed(), documents.write(c.spec()), documents.write(c.fitting()));
        return views(List.of(configurations.saveAndFlush(row))).get(0);
    }

    private List<ConfigurationView> views(Collection<Configuration> rows) {
        Set<UUID> driven = drivenConfigurations.driven();
        return rows.stream()
                .map(c -> new ConfigurationView(
                        c.id(),
                        c.vehicleId(),
                        c.name(),
                        c.changed(),
                        c.edition(),
                        c.replacesId(),
                        documents.read(c.spec(), ConfigurationSpec.class),
                        documents.read(c.fitting(), new TypeReference<Map<FittingCheck, String>>() {}),
                        driven.contains(c.id()),
                        c.version()))
                .toList();
    }

    /** What differs between two configurations of one vehicle. */
    @Transactional(readOnly = true)
    public DifferenceView difference(UUID a, UUID b) {
        ConfigurationView first = configuration(a);
        ConfigurationView second = configuration(b);
        return DifferenceView.of(first, second, Difference.between(first.spec(), second.spec()));
    }

    /** Makes the configuration between two: all of the first, and of the second only what belongs to one factor. */
    public ConfigurationView inBetween(UUID a, UUID b, String factor, UUID id) {
        ConfigurationView first = configuration(a);
        ConfigurationView second = configuration(b);
        ConfigurationView between = new ConfigurationView(
                id,
                first.vehicleId(),
                "%s, only the %s of %s".formatted(first.name(), factor, second.name()),
                List.of(factor),
                1,
                null,
                Difference.inBetween(first.spec(), second.spec(), factor),
                Map.of(),
                false,
                0);
        return add(between);
    }

    private static void refuse(List<FieldProblem> problems) {
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
    }

    private static void refuseOlder(int shown, int now) {
        if (shown != now) {
            throw Problem.changedMeanwhile();
        }
    }
}
