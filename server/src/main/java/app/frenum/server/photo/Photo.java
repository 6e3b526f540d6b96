package app.frenum.server.photo;

import app.frenum.core.people.Who;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

@Entity
class Photo extends Row {
    private UUID runId;
    private UUID stopId;
    private String byName;
    private byte[] jpeg;

    protected Photo() {}

    Photo(UUID id, UUID runId, UUID stopId, Who by, byte[] jpeg) {
        super(id);
        this.runId = runId;
        this.stopId = stopId;
        this.byName = by.name();
        this.jpeg = jpeg.clone();
    }

    boolean isOfRun(UUID other) {
        return runId.equals(other);
    }

    PhotoView view() {
        return new PhotoView(id(), stopId, byName);
    }

    byte[] jpeg() {
        return jpeg.clone();
    }
}
