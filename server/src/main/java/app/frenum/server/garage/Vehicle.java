package app.frenum.server.garage;

import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;

@Entity
class Vehicle extends Row {
    private String name;
    private String description;
    private Double massKg;

    @Column(name = "length_m")
    private Double lengthM;

    @Column(name = "width_m")
    private Double widthM;

    protected Vehicle() {}

    Vehicle(UUID id, VehicleView v) {
        super(id);
        name = v.name();
        description = v.description();
        massKg = v.massKg();
        lengthM = v.lengthM();
        widthM = v.widthM();
    }

    VehicleView view() {
        return new VehicleView(id(), name, description, massKg, lengthM, widthM);
    }
}
