package app.frenum.server.garage;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class Vehicle extends Row {
    private String name;
    private String description;

    @JdbcTypeCode(SqlTypes.JSON)
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
