package app.frenum.server.remark;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "reference_mark")
class ReferenceMarkRow extends Row {
    private UUID testId;

    @JdbcTypeCode(SqlTypes.JSON)
    private String mark;

    protected ReferenceMarkRow() {}

    ReferenceMarkRow(UUID id, UUID testId) {
        super(id);
        this.testId = testId;
    }

    void set(String newMark) {
        mark = newMark;
    }

    UUID testId() {
        return testId;
    }

    String mark() {
        return mark;
    }
}
