package app.frenum.server.remark;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReferenceMarkRepository extends JpaRepository<ReferenceMarkRow, UUID> {
    List<ReferenceMarkRow> findByTestIdOrderByCreatedAt(UUID testId);

    int countByTestId(UUID testId);
}
