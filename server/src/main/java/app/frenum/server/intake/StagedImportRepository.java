package app.frenum.server.intake;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface StagedImportRepository extends JpaRepository<StagedImport, UUID> {
    /** Looked at long ago and never saved. */
    List<StagedImport> findBySavedTestIdIsNullAndCreatedAtBefore(Instant when);

    /** Not saved yet, the newest first. */
    List<StagedImport> findBySavedTestIdIsNullOrderByCreatedAtDesc();

    /** Held until the transaction ends, so that two equal saves come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from StagedImport s where s.id = :id")
    Optional<StagedImport> locked(UUID id);
}
