package app.frenum.server.disc;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "air_flow")
class AirFlowRow extends Row {
    private UUID configurationId;
    private String entry;

    protected AirFlowRow() {}

    AirFlowRow(UUID id, UUID configurationId, String entry) {
        super(id);
        this.configurationId = configurationId;
        this.entry = entry;
    }

    UUID configurationId() {
        return configurationId;
    }

    String entry() {
        return entry;
    }
}
