package app.frenum.server.garage;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

@Entity
class Vehicle extends Row {
    private String name;
    private String description;
    private String spec;

    protected Vehicle() {}

    Vehicle(UUID id) {
        super(id);
    }

    void set(String newName, String newDescription, String newSpec) {
        name = newName;
        description = newDescription;
        spec = newSpec;
    }

    String name() {
        return name;
    }

    String description() {
        return description;
    }

    String spec() {
        return spec;
    }
}
