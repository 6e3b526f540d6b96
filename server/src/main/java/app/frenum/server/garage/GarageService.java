package app.frenum.server.garage;

import app.frenum.server.problem.Problem;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps vehicles and their configurations. Adding one that is there already changes nothing. */
@Service
@Transactional
public class GarageService {
    private final VehicleRepository vehicles;
    private final ConfigurationRepository configurations;

    GarageService(VehicleRepository vehicles, ConfigurationRepository configurations) {
        this.vehicles = vehicles;
        this.configurations = configurations;
    }

    @Transactional(readOnly = true)
    public List<VehicleView> vehicles() {
        return vehicles.findAll().stream().map(Vehicle::view).toList();
    }

    @Transactional(readOnly = true)
    public VehicleView vehicle(UUID id) {
        return vehicles.findById(id).map(Vehicle::view).orElseThrow(() -> Problem.notFound("The vehicle"));
    }

    public VehicleView add(VehicleView vehicle) {
        return vehicles.findById(vehicle.id())
                .orElseGet(() -> vehicles.save(new Vehicle(vehicle.id(), vehicle)))
                .view();
    }

    @Transactional(readOnly = true)
    public List<ConfigurationView> configurations(UUID vehicleId) {
        return configurations.findByVehicleIdOrderByCreatedAt(vehicleId).stream()
                .map(Configuration::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<ConfigurationView> configurations() {
        return configurations.findAll().stream().map(Configuration::view).toList();
    }

    @Transactional(readOnly = true)
    public Map<UUID, ConfigurationView> byId(Collection<UUID> ids) {
        return configurations.findByIdIn(ids).stream()
                .map(Configuration::view)
                .collect(Collectors.toMap(ConfigurationView::id, Function.identity()));
    }

    /** Adds it; one of the same vehicle and name is taken instead of making a second. */
    public ConfigurationView add(ConfigurationView configuration) {
        vehicle(configuration.vehicleId());
        return configurations
                .findById(configuration.id())
                .or(() -> configurations.findByVehicleIdAndName(configuration.vehicleId(), configuration.name()))
                .orElseGet(() -> configurations.save(new Configuration(configuration)))
                .view();
    }
}
