package app.frenum.server.garage;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class Configuration extends Row {
    private UUID vehicleId;
    private String name;
    private int edition;
    private UUID replacesId;

    @JdbcTypeCode(SqlTypes.ARRAY)
    private List<String> changed;

    @JdbcTypeCode(SqlTypes.JSON)
    private String spec;

    @JdbcTypeCode(SqlTypes.JSON)
    private String fitting;

    protected Configuration() {}

    Configuration(UUID id, UUID vehicleId, int edition, @Nullable UUID replacesId) {
        super(id);
        this.vehicleId = vehicleId;
        this.edition = edition;
        this.replacesId = replacesId;
    }

    void set(String newName, List<String> newChanged, String newSpec, String newFitting) {
        name = newName;
        changed = List.copyOf(newChanged);
        spec = newSpec;
        fitting = newFitting;
    }

    UUID vehicleId() {
        return vehicleId;
    }

    String name() {
        return name;
    }

    int edition() {
        return edition;
    }

    UUID replacesId() {
        return replacesId;
    }

    List<String> changed() {
        return List.copyOf(changed);
    }

    String spec() {
        return spec;
    }

    String fitting() {
        return fitting;
    }
}
