package app.frenum.server.plan;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TestPlanRepository extends JpaRepository<TestPlan, UUID> {
    List<TestPlan> findByExpectedBy(String name);
}
