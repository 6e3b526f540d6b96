package app.frenum.server.plan;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class Lane extends Row {
    /** Only for sorting in the database. */
    @SuppressWarnings("UnusedVariable")
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private String spec;

    protected Lane() {}

    Lane(UUID id) {
        super(id);
    }

    void set(String newName, String newSpec) {
        name = newName;
        spec = newSpec;
    }

    String spec() {
        return spec;
    }
}
