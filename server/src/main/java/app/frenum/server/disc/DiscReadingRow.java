package app.frenum.server.disc;

import app.frenum.core.people.Who;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "disc_reading")
class DiscReadingRow extends Row {
    private UUID stopId;

    @JdbcTypeCode(SqlTypes.JSON)
    private String entry;

    private String byName;

    protected DiscReadingRow() {}

    DiscReadingRow(UUID id, UUID stopId, String entry, Who by) {
        super(id);
        this.stopId = stopId;
        this.entry = entry;
        this.byName = by.name();
    }

    UUID stopId() {
        return stopId;
    }

    String entry() {
        return entry;
    }

    Who by() {
        return new Who(byName);
    }
}
