package app.frenum.server.run;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

@Entity
class Operator extends Row {
    private String name;
    private UUID deviceId;

    protected Operator() {}

    Operator(UUID id, String name) {
        super(id);
        this.name = name;
    }

    /** What a device says in a run it says itself. */
    static Operator device(UUID id, String name) {
        Operator device = new Operator(id, name);
        device.deviceId = id;
        return device;
    }

    boolean isDevice() {
        return deviceId != null;
    }

    String name() {
        return name;
    }
}
