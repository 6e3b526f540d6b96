package app.frenum.server.run;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RunRepository extends JpaRepository<Run, UUID> {
    /** Tests whose run's clock went faster. */
    @Query("select r.id from Run r where r.rate > :rate")
    List<UUID> testsFasterThan(double rate);
}
