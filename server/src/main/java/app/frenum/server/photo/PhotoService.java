package app.frenum.server.photo;

import app.frenum.core.people.Who;
import app.frenum.server.problem.Problem;
import app.frenum.server.run.RunService;
import app.frenum.server.trial.TrialService;
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

/** Keeps pictures of stops and trials. */
@Service
public class PhotoService {
    private static final int MOST_BYTES = 15_000_000;
    private static final int MOST_OF_A_TEST = 500;

    private final PhotoRepository photos;
    private final RunService runs;
    private final TrialService trials;

    PhotoService(PhotoRepository photos, RunService runs, TrialService trials) {
        this.photos = photos;
        this.runs = runs;
        this.trials = trials;
    }

    /** Keeps a picture; sent again it changes nothing. */
    public PhotoView keep(UUID id, UUID testId, UUID subjectId, Who who, InputStream body) throws IOException {
        Path sent = Files.createTempFile("frenum-photo-", ".sent");
        try {
            long size = copied(body, sent);
            if (size > MOST_BYTES) {
                throw Problem.tooLarge("A picture may have 15 MB. Take it smaller.");
            }
            return keep(id, testId, subjectId, who, sent);
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

    private PhotoView keep(UUID id, UUID testId, UUID subjectId, Who who, Path sent) throws IOException {
        Optional<Photo> kept = photos.findById(id);
        if (kept.isPresent()) {
            return ofTest(kept.get(), testId);
        }
        boolean ofTheTest = trials.isOf(subjectId, testId)
                || runs.began(testId).stream().flatMap(r -> r.stops().stream()).anyMatch(s -> s.id().equals(subjectId));
        if (!ofTheTest) {
            throw Problem.notFound("The stop or trial of this picture");
        }
        if (photos.ofTest(testId).size() >= MOST_OF_A_TEST) {
            throw Problem.invalid("photo", "A test keeps 500 pictures. This one has them.");
        }
        try {
            return photos.save(new Photo(id, testId, subjectId, who, Picture.madeAnew(sent)))
                    .view();
        } catch (DataIntegrityViolationException e) {
            // Sent twice at once, the other was quicker; anything else that is wrong with it is thrown again.
            return ofTest(photos.findById(id).orElseThrow(() -> e), testId);
        }
    }

    private static PhotoView ofTest(Photo kept, UUID testId) {
        if (!kept.isOfTest(testId)) {
            throw Problem.conflict("This picture is of another test. Give each an id of its own.");
        }
        return kept.view();
    }

    public List<PhotoView> ofTest(UUID testId) {
        return photos.ofTest(testId);
    }

    byte[] jpeg(UUID id) {
        return photos.findById(id)
                .orElseThrow(() -> Problem.notFound("The picture"))
                .jpeg();
    }
}
