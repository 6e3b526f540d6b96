package app.frenum.server.disc;

import app.frenum.core.people.Who;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "air_flow")
class AirFlowRow extends Row {
    private UUID configurationId;

    @JdbcTypeCode(SqlTypes.JSON)
    private String entry;

    private String byName;

    protected AirFlowRow() {}

    AirFlowRow(UUID id, UUID configurationId, String entry, Who by) {
        super(id);
        this.configurationId = configurationId;
        this.entry = entry;
        this.byName = by.name();
    }

    UUID configurationId() {
        return configurationId;
    }

    String entry() {
        return entry;
    }

    Who by() {
        return new Who(byName);
    }
}
