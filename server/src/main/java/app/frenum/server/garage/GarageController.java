package app.frenum.server.garage;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/vehicles")
class GarageController {
    private final GarageService garage;

    GarageController(GarageService garage) {
        this.garage = garage;
    }

    @GetMapping
    List<VehicleView> vehicles() {
        return garage.vehicles();
    }

    @PostMapping
    VehicleView add(@Valid @RequestBody VehicleView vehicle) {
        return garage.add(vehicle);
    }

    @GetMapping("/{id}/configurations")
    List<ConfigurationView> configurations(@PathVariable UUID id) {
        return garage.configurations(id);
    }
}
