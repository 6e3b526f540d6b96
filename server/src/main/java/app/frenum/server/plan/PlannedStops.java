package app.frenum.server.plan;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** How many stops of each configuration the plans ask for: what is compared before has been looked at early. */
@Component
@Transactional(readOnly = true)
public class PlannedStops {
    private final TestPlanRepository plans;
    private final JsonMapper json;

    PlannedStops(TestPlanRepository plans, JsonMapper json) {
        this.plans = plans;
        this.json = json;
    }

    /** Of one test; 0 where it has no plan. */
    public int each(UUID testId) {
        return plans.findById(testId).map(this::each).orElse(0);
    }

    /** Of all tests that have a plan. */
    public Map<UUID, Integer> all() {
        return plans.findAll().stream().collect(Collectors.toMap(TestPlan::id, this::each));
    }

    private int each(TestPlan plan) {
        return json.readTree(plan.spec()).path("stopsEach").asInt(0);
    }
}
