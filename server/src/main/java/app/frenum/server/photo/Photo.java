package app.frenum.server.photo;

import app.frenum.core.people.Who;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

@Entity
class Photo extends Row {
    private UUID testId;
    private UUID subjectId;
    private String byName;
    private byte[] jpeg;

    protected Photo() {}

    Photo(UUID id, UUID testId, UUID subjectId, Who by, byte[] jpeg) {
        super(id);
        this.testId = testId;
        this.subjectId = subjectId;
        this.byName = by.name();
        this.jpeg = jpeg.clone();
    }

    boolean isOfTest(UUID other) {
        return testId.equals(other);
    }

    PhotoView view() {
        return new PhotoView(id(), subjectId, byName);
    }

    byte[] jpeg() {
        return jpeg.clone();
    }
}
