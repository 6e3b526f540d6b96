package app.frenum.server.plan;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LaneRepository extends JpaRepository<Lane, UUID> {
    List<Lane> findAllByOrderByName();
}
