package app.frenum.server.retention;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RetentionRepository extends JpaRepository<Retention, UUID> {}
