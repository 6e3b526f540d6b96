package app.frenum.server.remark;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TradeOffRepository extends JpaRepository<TradeOffRow, UUID> {
    List<TradeOffRow> findByTestIdOrderByCreatedAt(UUID testId);

    int countByTestId(UUID testId);
}
