package app.frenum.server.intake;

import app.frenum.formats.BadInput;
import app.frenum.formats.log.LogReader;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.server.intake.StagedImport.Kind;
import app.frenum.server.intake.UploadFolder.Arrived;
import app.frenum.server.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes files in for a look, each under an id that stands for its bytes from then on. */
@Component
class Staging {
    private static final Logger LOG = LoggerFactory.getLogger(Staging.class);
    /** A file that was only looked at is kept for as long as somebody may come back to it. */
    private static final Duration KEPT_UNSAVED = Duration.ofDays(7);

    private static final StagingLimit OF_ONE_ACCOUNT = new StagingLimit(500, 4L << 30);
    private static final StagingLimit OF_ALL = new StagingLimit(1_000, 10L << 30);

    private final StagedImportRepository staged;
    private final UploadFolder folder;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Staging(StagedImportRepository staged, UploadFolder folder, PlatformTransactionManager transactions, Clock clock) {
        this.staged = staged;
        this.folder = folder;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /**
     * Takes a file in. Sent again it changes nothing; another under the same id is refused. Refused files leave nothing
     * behind.
     *
     * @return whether it was not here before
     */
    boolean stage(UUID id, String fileName, InputStream content) throws IOException, BadInput {
        forgetTheUnsaved();
        try (Arrived arrived = folder.receive(fileName, content)) {
            Kind kind = !LogReader.isTrack(arrived.path()) && StopSheetReader.looksLikeSheet(arrived.path())
                    ? Kind.SHEET
                    : Kind.LOG;
            if (staged.existsById(id)) {
                return again(id, arrived);
            }
            try {
                transaction.executeWithoutResult(status -> {
                    staged.saveAndFlush(new StagedImport(id, arrived.file(), kind));
                    keep(id, arrived);
                });
                forgetWhatIsTooMuch();
                return true;
            } catch (DataIntegrityViolationException e) {
                // Sent twice at once, the other was quicker.
                return again(id, arrived);
            }
        }
    }

    private void keep(UUID id, Arrived arrived) {
        try {
            folder.keep(id, arrived);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean again(UUID id, Arrived arrived) throws IOException {
        StagedImport known = staged.findById(id).orElseThrow(() -> Problem.busy("This file is just being taken out."));
        if (!known.file().sha256().equals(arrived.file().sha256())) {
            throw Problem.conflict("Another file came in under this id. Give each an id of its own.");
        }
        if (!folder.has(id)) {
            folder.keep(id, arrived);
        }
        return false;
    }

    /** A file that was refused, or is not wanted any more. */
    void forget(UUID id) throws IOException {
        Optional<StagedImport> unsaved = staged.findById(id).filter(s -> s.savedTestId() == null);
        if (unsaved.isPresent()) {
            staged.delete(unsaved.get());
            folder.remove(id);
        }
    }

    private void forgetTheUnsaved() throws IOException {
        for (StagedImport old :
                staged.findBySavedTestIdIsNullAndCreatedAtBefore(clock.instant().minus(KEPT_UNSAVED))) {
            forget(old.id());
        }
    }

    /** The newest stay: whoever sends more than is kept loses their own oldest first. */
    private void forgetWhatIsTooMuch() throws IOException {
        StagingLimit.Count all = OF_ALL.count();
        Map<String, StagingLimit.Count> byAccount = new HashMap<>();
        for (StagedImport one : staged.findBySavedTestIdIsNullOrderByCreatedAtDesc()) {
            long bytes = one.file().bytes();
            boolean fits = byAccount
                            .computeIfAbsent(one.changedBy(), account -> OF_ONE_ACCOUNT.count())
                            .fits(bytes)
                    && all.fits(bytes);
            if (!fits) {
                forget(one.id());
            }
        }
    }

    /** What a server that was killed left half received. */
    @EventListener
    void tidyUp(ApplicationReadyEvent event) {
        Set<UUID> known = staged.findAll().stream().map(StagedImport::id).collect(Collectors.toSet());
        try {
            folder.removeAllBut(known);
        } catch (IOException e) {
            LOG.warn("the folder of uploads could not be tidied up", e);
        }
    }
}
