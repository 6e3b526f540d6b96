package app.frenum.server.plan;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A procedure that a person made. */
@Entity
class ProcedureCopy extends Row {
    /** Only for sorting in the database. */
    @SuppressWarnings("UnusedVariable")
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private String spec;

    protected ProcedureCopy() {}

    ProcedureCopy(UUID id) {
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
