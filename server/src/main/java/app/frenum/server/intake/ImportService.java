package app.frenum.server.intake;

import app.frenum.core.log.Role;
import app.frenum.core.people.Who;
import app.frenum.formats.BadInput;
import app.frenum.server.Raced;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.UUID;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Brings files in: first a look at what was recognised, then one save that stores everything or nothing. */
@Service
@Raced
public class ImportService {
    private final Staging staging;
    private final RememberedRoles roles;
    private final Reading reading;
    private final Previews previews;
    private final Saver saver;

    ImportService(Staging staging, RememberedRoles roles, Reading reading, Previews previews, Saver saver) {
        this.staging = staging;
        this.roles = roles;
        this.reading = reading;
        this.previews = previews;
        this.saver = saver;
    }

    /**
     * Takes a file in for a look; sent again it changes nothing. Refused files leave nothing behind.
     *
     * @return whether it was not here before
     */
    public boolean stage(UUID id, String fileName, InputStream content) throws IOException, BadInput {
        return staging.stage(id, fileName, content);
    }

    /** A file that is not wanted any more; one that was saved stays. */
    void forget(UUID id) throws IOException {
        staging.forget(id);
    }

    /** How many rows of a file have been read so far. */
    long rowsRead(UUID id) {
        return reading.rows(id);
    }

    /**
     * What is in a staged file.
     *
     * @param testId the test whose nominal speed and basis the stops are measured with; null for neither
     * @param whileReading told now and then how many rows were read; may end the reading by an exception
     */
    public ImportPreview preview(UUID id, @Nullable UUID testId, LongConsumer whileReading)
            throws IOException, BadInput {
        return previews.of(id, testId, whileReading);
    }

    /** Remembers which columns mean what for every file with this header. */
    public void setRoles(UUID id, Map<Integer, Role> columns) throws IOException, BadInput {
        roles.remember(id, columns);
    }

    /** Stores an import, all of it or nothing. Asked again, it answers as before. */
    public Saved save(UUID id, Who who, SaveRequest request) throws IOException, BadInput {
        return saver.save(id, who, request);
    }
}
