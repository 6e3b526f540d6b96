package app.frenum.server.disc;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LadderRepository extends JpaRepository<LadderRow, UUID> {
    List<LadderRow> findAllByOrderByCreatedAt();
}
