package app.frenum.server.run;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

@Entity
class Operator extends Row {
    private String name;

    protected Operator() {}

    Operator(UUID id, String name) {
        super(id);
        this.name = name;
    }

    String name() {
        return name;
    }
}
