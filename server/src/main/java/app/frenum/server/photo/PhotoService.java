package app.frenum.server.photo;

import app.frenum.core.people.Who;
import app.frenum.server.problem.Problem;
import app.frenum.server.run.RunService;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;

/** Keeps pictures of stops. */
@Service
public class PhotoService {
    private static final int MOST_BYTES = 15_000_000;
    private static final int MOST_OF_A_RUN = 500;

    private final PhotoRepository photos;
    private final RunService runs;

    PhotoService(PhotoRepository photos, RunService runs) {
        this.photos = photos;
        this.runs = runs;
    }

    /** Keeps a picture; sent again it changes nothing. */
    public PhotoView keep(UUID id, UUID runId, UUID stopId, Who who, InputStream body) throws IOException {
        Path sent = Files.createTempFile("frenum-photo-", ".sent");
        try {
            long size = copied(body, sent);
            if (size > MOST_BYTES) {
                throw Problem.tooLarge("A picture may have 15 MB. Take it smaller.");
            }
            return keep(id, runId, stopId, who, sent);
        } finally {
            Files.deleteIfExists(sent);
        }
    }

    /** At most one byte more than a picture may have: many large ones at once must not fill the memory. */
    private static long copied(InputStream body, Path to) throws IOException {
        try (OutputStream out = Files.newOutputStream(to)) {
            byte[] buffer = new byte[1 << 16];
            long size = 0;
            for (int n = body.read(buffer); n >= 0 && size <= MOST_BYTES; n = body.read(buffer)) {
                out.write(buffer, 0, n);
                size += n;
            }
            return size;
        }
    }

    private PhotoView keep(UUID id, UUID runId, UUID stopId, Who who, Path sent) throws IOException {
        Optional<Photo> kept = photos.findById(id);
        if (kept.isPresent()) {
            return ofRun(kept.get(), runId);
        }
        boolean ofTheRun = runs.run(runId).stops().stream().anyMatch(s -> s.id().equals(stopId));
        if (!ofTheRun) {
            throw Problem.notFound("The stop of this picture");
        }
        if (photos.ofRun(runId).size() >= MOST_OF_A_RUN) {
            throw Problem.invalid("photo", "A run keeps 500 pictures. This one has them.");
        }
        try {
            return photos.save(new Photo(id, runId, stopId, who, Picture.madeAnew(sent)))
                    .view();
        } catch (DataIntegrityViolationException e) {
            // Sent twice at once, the other was quicker; anything else that is wrong with it is thrown again.
            return ofRun(photos.findById(id).orElseThrow(() -> e), runId);
        }
    }

    private static PhotoView ofRun(Photo kept, UUID runId) {
        if (!kept.isOfRun(runId)) {
            throw Problem.conflict("This picture is of another run. Give each an id of its own.");
        }
        return kept.view();
    }

    public List<PhotoView> ofRun(UUID runId) {
        return photos.ofRun(runId);
    }

    byte[] jpeg(UUID id) {
        return photos.findById(id)
                .orElseThrow(() -> Problem.notFound("The picture"))
                .jpeg();
    }
}
