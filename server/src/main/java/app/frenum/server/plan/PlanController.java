package app.frenum.server.plan;

import app.frenum.core.people.Who;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
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

    @Does(Deed.READS)
    @PostMapping("/plans/forecast")
    ForecastView forecast(@Valid @RequestBody PlanRequest plan) {
        return plans.forecast(plan);
    }

    @Does(Deed.READS)
    @GetMapping("/tests/{id}/plan")
    PlanView plan(@PathVariable UUID id) {
        return plans.plan(id);
    }

    /** @param version of the plan that was changed; 0 for a first one */
    @Does(Deed.RECORDS)
    @PutMapping("/tests/{id}/plan")
    PlanView save(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") int version,
            @Valid @RequestBody PlanRequest plan) {
        return plans.save(id, version, plan);
    }

    /** Nobody drives before it is signed. */
    @Does(Deed.DECIDES)
    @PutMapping("/tests/{id}/safety-gate")
    PlanView sign(Who who, @PathVariable UUID id, @RequestBody SafetyGate gate) {
        return plans.sign(id, who, gate);
    }

    @Does(Deed.READS)
    @GetMapping("/plans/form")
    PlanForm form() {
        return PlanForm.whole();
    }

    @Does(Deed.READS)
    @PostMapping("/plans/lap-heat")
    LapHeatView lapHeat(@Valid @RequestBody LapHeatRequest request) {
        return LapHeatView.of(request);
    }

    @Does(Deed.DECIDES)
    @PutMapping("/tests/{id}/expectation")
    PlanView seal(Who who, @PathVariable UUID id, @Valid @RequestBody ExpectationRequest expectation) {
        return plans.seal(id, who, expectation);
    }
}
