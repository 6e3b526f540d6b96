package app.frenum.server.disc;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "disc_reading")
class DiscReadingRow extends Row {
    private UUID stopId;
    private String entry;

    protected DiscReadingRow() {}

    DiscReadingRow(UUID id, UUID stopId, String entry) {
        super(id);
        this.stopId = stopId;
        this.entry = entry;
    }

    UUID stopId() {
        return stopId;
    }

    String entry() {
        return entry;
    }
}
