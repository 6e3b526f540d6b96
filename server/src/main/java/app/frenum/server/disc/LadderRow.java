package app.frenum.server.disc;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "ladder")
class LadderRow extends Row {
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
