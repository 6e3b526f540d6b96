package app.frenum.server.compare;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptVerdictRepository extends JpaRepository<KeptVerdict, UUID> {}
