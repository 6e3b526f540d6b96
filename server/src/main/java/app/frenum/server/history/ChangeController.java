package app.frenum.server.history;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/changes")
class ChangeController {
    private final Changes changes;

    ChangeController(Changes changes) {
        this.changes = changes;
    }

    /** @param before id of the oldest that is known; those before it are told */
    @Does(Deed.READS)
    @GetMapping
    List<ChangeView> changes(
            @RequestParam(required = false) UUID test,
            @RequestParam(defaultValue = "") String who,
            @RequestParam(defaultValue = "") String what,
            @RequestParam(defaultValue = "0") long before) {
        return changes.page(new Changes.Asked(test, who, what, before));
    }

    @Does(Deed.READS)
    @GetMapping("/people")
    List<String> people() {
        return changes.people();
    }

    @Does(Deed.READS)
    @GetMapping(value = "/csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<StreamingResponseBody> csv(
            @RequestParam(required = false) UUID test,
            @RequestParam(defaultValue = "") String who,
            @RequestParam(defaultValue = "") String what) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"history.csv\"")
                .body(out -> {
                    Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
                    changes.write(new Changes.Asked(test, who, what, 0), writer);
                });
    }
}
