package app.frenum.server.plan;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProcedureCopyRepository extends JpaRepository<ProcedureCopy, UUID> {
    List<ProcedureCopy> findAllByOrderByName();
}
