package app.frenum.server.run;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunRepository extends JpaRepository<Run, UUID> {}
