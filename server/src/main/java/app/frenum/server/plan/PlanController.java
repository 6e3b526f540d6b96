package app.frenum.server.plan;

import app.frenum.core.procedure.SafetyGate;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class PlanController {
    private final PlanService plans;

    PlanController(PlanService plans) {
        this.plans = plans;
    }

    @PostMapping("/plans/forecast")
    ForecastView forecast(@Valid @RequestBody PlanRequest plan) {
        return plans.forecast(plan);
    }

    @GetMapping("/tests/{id}/plan")
    PlanView plan(@PathVariable UUID id) {
        return plans.plan(id);
    }

    /** @param version of the plan that was changed; 0 for a first one */
    @PutMapping("/tests/{id}/plan")
    PlanView save(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") int version,
            @Valid @RequestBody PlanRequest plan) {
        return plans.save(id, version, plan);
    }

    /** Nobody drives before it is signed. */
    @PutMapping("/tests/{id}/safety-gate")
    PlanView sign(@PathVariable UUID id, @RequestBody SafetyGate gate) {
        return plans.sign(id, gate);
    }

    @GetMapping("/plans/form")
    PlanForm form() {
        return PlanForm.whole();
    }

    @PostMapping("/plans/lap-heat")
    LapHeatView lapHeat(@Valid @RequestBody LapHeatRequest request) {
        return LapHeatView.of(request);
    }

    @PutMapping("/tests/{id}/expectation")
    PlanView seal(@PathVariable UUID id, @Valid @RequestBody ExpectationRequest expectation) {
        return plans.seal(id, expectation);
    }
}
