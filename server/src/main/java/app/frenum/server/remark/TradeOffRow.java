package app.frenum.server.remark;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "trade_off")
class TradeOffRow extends Row {
    private UUID testId;
    private UUID configurationId;

    @JdbcTypeCode(SqlTypes.JSON)
    private String note;

    protected TradeOffRow() {}

    TradeOffRow(UUID id, UUID testId) {
        super(id);
        this.testId = testId;
    }

    void set(UUID ofConfiguration, String newNote) {
        configurationId = ofConfiguration;
        note = newNote;
    }

    UUID testId() {
        return testId;
    }

    UUID configurationId() {
        return configurationId;
    }

    String note() {
        return note;
    }
}
