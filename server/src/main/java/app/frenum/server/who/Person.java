package app.frenum.server.who;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

/** Somebody who is there on the day, so that a device changes hands by one press. */
@Entity
class Person extends Row {
    private String name;

    protected Person() {}

    Person(UUID id, String name) {
        super(id);
        this.name = name;
    }

    String name() {
        return name;
    }
}
