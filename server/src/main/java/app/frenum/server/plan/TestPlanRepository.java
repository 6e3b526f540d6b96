package app.frenum.server.plan;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TestPlanRepository extends JpaRepository<TestPlan, UUID> {}
