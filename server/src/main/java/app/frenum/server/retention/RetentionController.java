package app.frenum.server.retention;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/retention")
class RetentionController {
    private final RetentionService retention;

    RetentionController(RetentionService retention) {
        this.retention = retention;
    }

    /** @param months null to keep samples for good */
    record RetentionRequest(@Nullable Integer months) {}

    @Does(Deed.READS)
    @GetMapping
    RetentionView retention() {
        return retention.now();
    }

    @Does(Deed.GOVERNS)
    @PutMapping
    RetentionView choose(@RequestBody RetentionRequest request) {
        retention.choose(request.months());
        return retention.now();
    }
}
