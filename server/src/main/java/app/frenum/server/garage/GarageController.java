package app.frenum.server.garage;

import app.frenum.core.garage.Outlook;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.garage.Weighing;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class GarageController {
    private final GarageService garage;

    GarageController(GarageService garage) {
        this.garage = garage;
    }

    @Does(Deed.READS)
    @GetMapping("/garage/form")
    GarageForm form() {
        return GarageForm.whole();
    }

    /** A part's mass from two readings of one scale. */
    @Does(Deed.READS)
    @PostMapping("/garage/weighing")
    WeighedView weigh(@RequestBody Weighing weighing) {
        return WeighedView.of(weighing);
    }

    /** What the figures of a vehicle say about its balance and heat, before anything is driven. */
    @Does(Deed.READS)
    @GetMapping("/vehicles/{id}/outlook")
    Outlook outlook(@PathVariable UUID id, @RequestParam(defaultValue = "LADEN") VehicleSpec.Load load) {
        return Outlook.of(garage.vehicle(id).spec(), load);
    }

    @Does(Deed.READS)
    @GetMapping("/vehicles")
    List<VehicleView> vehicles() {
        return garage.vehicles();
    }

    @Does(Deed.RECORDS)
    @PostMapping("/vehicles")
    VehicleView add(@Valid @RequestBody NewVehicle vehicle) {
        return garage.add(vehicle.view());
    }

    @Does(Deed.RECORDS)
    @PutMapping("/vehicles")
    VehicleView change(@Valid @RequestBody VehicleView vehicle) {
        return garage.change(vehicle);
    }

    @Does(Deed.READS)
    @GetMapping("/vehicles/{id}/configurations")
    List<ConfigurationView> configurations(@PathVariable UUID id) {
        return garage.configurations(id);
    }

    @Does(Deed.RECORDS)
    @PostMapping("/configurations")
    ConfigurationView add(@Valid @RequestBody NewConfiguration configuration) {
        return garage.add(configuration.view());
    }

    /** @param nextId the id of the next edition, should this one have been driven already */
    @Does(Deed.RECORDS)
    @PutMapping("/configurations")
    ConfigurationView change(@Valid @RequestBody ConfigurationView configuration, @RequestParam UUID nextId) {
        return garage.change(configuration, nextId);
    }

    @Does(Deed.READS)
    @GetMapping("/configurations/{a}/difference/{b}")
    DifferenceView difference(@PathVariable UUID a, @PathVariable UUID b) {
        return garage.difference(a, b);
    }

    @Does(Deed.RECORDS)
    @PostMapping("/configurations/{a}/between/{b}")
    ConfigurationView inBetween(
            @PathVariable UUID a, @PathVariable UUID b, @RequestParam String factor, @RequestParam UUID id) {
        return garage.inBetween(a, b, factor, id);
    }
}
