package app.frenum.server.intake;

import app.frenum.formats.BadInput;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.log.LogReader;
import app.frenum.server.problem.Problem;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.LongConsumer;
import org.springframework.stereotype.Component;

/** Reads staged logs, and tells meanwhile how far it has come. */
@Component
class Reading {
    private final UploadFolder folder;
    private final RememberedRoles roles;
    private final Map<UUID, Long> rowsRead = new ConcurrentHashMap<>();

    Reading(UploadFolder folder, RememberedRoles roles) {
        this.folder = folder;
        this.roles = roles;
    }

    /** How many rows of a file have been read so far. */
    long rows(UUID id) {
        return rowsRead.getOrDefault(id, 0L);
    }

    LogFile read(UUID id, LongConsumer whileReading) throws IOException, BadInput {
        if (!folder.has(id)) {
            throw Problem.notFound("The file");
        }
        try {
            return LogReader.read(folder.path(id), roles.of(id), rows -> {
                rowsRead.put(id, rows);
                whileReading.accept(rows);
            });
        } finally {
            rowsRead.remove(id);
        }
    }
}
