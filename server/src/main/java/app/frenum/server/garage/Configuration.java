package app.frenum.server.garage;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class Configuration extends Row {
    private UUID vehicleId;
    private String name;

    @JdbcTypeCode(SqlTypes.ARRAY)
    private List<String> changed;

    protected Configuration() {}

    Configuration(ConfigurationView v) {
        super(v.id());
        vehicleId = v.vehicleId();
        name = v.name();
        changed = List.copyOf(v.changed());
    }

    ConfigurationView view() {
        return new ConfigurationView(id(), vehicleId, name, List.copyOf(changed));
    }
}
