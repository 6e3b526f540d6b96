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
    private final TestService tests;
    private final JsonMapper json;

    PlannedStops(TestPlanRepository plans, TestService tests, JsonMapper json) {
        this.plans = plans;
        this.tests = tests;
        this.json = json;
    }

    /**
     * What a test aims at.
     *
     * @param each stops of each configuration in its plan; 0 where there is none, or it was made after the stops
     * @param marginSize smallest worthwhile difference, m, or a fraction of the baseline
     * @param marginOfBaseline whether it is a fraction
     */
    public record Aim(int each, double marginSize, boolean marginOfBaseline) {
        public static Aim of(TestDefinition test, int each) {
            return new Aim(each, test.marginSize(), test.marginOfBaseline());
        }
    }

    public Aim aimOf(UUID testId) {
        return Aim.of(tests.test(testId), each(testId));
    }

    /** Of one test; 0 where it has no plan. */
    public int each(UUID testId) {
        return plans.findById(testId).map(this::each).orElse(0);
    }

    /** Of all tests that have a plan. */
    public Map<UUID, Integer> all() {
        return plans.findAll().stream().collect(Collectors.toMap(TestPlan::id, this::each));
    }

    /** A plan that was made once stops were there did not bind them: they are no early part of it. */
    private int each(TestPlan plan) {
        return plan.isMadeAfterStops()
                ? 0
                : json.readTree(plan.spec()).path("stopsEach").asInt(0);
    }
}
