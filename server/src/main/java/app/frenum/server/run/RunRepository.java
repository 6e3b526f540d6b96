package app.frenum.server.run;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RunRepository extends JpaRepository<Run, UUID> {
    /** Runs of earlier versions whose stored stops were never compared with what the run recorded. */
    @Query("select r.id from Run r where r.recordVerified = false")
    List<UUID> notVerified();
}
