package app.frenum.server.assessment;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AssessmentController {
    private final AssessmentService assessments;

    AssessmentController(AssessmentService assessments) {
        this.assessments = assessments;
    }

    /** Phase by phase, for a test with a plan. */
    @Does(Deed.READS)
    @GetMapping("/api/tests/{id}/assessment")
    AssessmentView assessment(@PathVariable UUID id) {
        return assessments.of(id);
    }
}
