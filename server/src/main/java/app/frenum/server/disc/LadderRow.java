package app.frenum.server.disc;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "ladder")
class LadderRow extends Row {
    @JdbcTypeCode(SqlTypes.JSON)
    private String spec;

    protected LadderRow() {}

    LadderRow(UUID id, String spec) {
        super(id);
        this.spec = spec;
    }

    String spec() {
        return spec;
    }
}
