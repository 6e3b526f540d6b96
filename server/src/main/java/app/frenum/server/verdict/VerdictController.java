package app.frenum.server.verdict;

import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class VerdictController {
    private final VerdictService verdicts;

    VerdictController(VerdictService verdicts) {
        this.verdicts = verdicts;
    }

    /** As it stands first. */
    @Does(Deed.READS)
    @GetMapping("/tests/{id}/alternatives")
    List<AlternativeView> alternatives(
            @PathVariable UUID id,
            @RequestParam UUID candidate,
            @RequestParam(required = false) @Nullable UUID baseline,
            @RequestParam(defaultValue = "false") boolean includeStruckOut,
            @RequestParam(required = false) @Nullable String group) {
        return verdicts.alternatives(id, new SignRequest(baseline, candidate, includeStruckOut, group));
    }

    @Does(Deed.READS)
    @GetMapping("/tests/{id}/verdicts")
    List<SignedVerdictView> signed(@PathVariable UUID id) {
        return verdicts.signed(id);
    }

    @Does(Deed.DECIDES)
    @PutMapping("/tests/{id}/verdicts/{verdictId}")
    SignedVerdictView sign(
            Asker signer,
            @PathVariable UUID id,
            @PathVariable UUID verdictId,
            @Valid @RequestBody SignRequest request) {
        return verdicts.sign(verdictId, id, request, signer);
    }

    /** To be verified by anybody. */
    @Does(Deed.READS)
    @GetMapping("/verdicts/{verdictId}/file")
    ResponseEntity<String> file(@PathVariable UUID verdictId) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header("Content-Disposition", "attachment; filename=\"verdict.json\"")
                .body(verdicts.file(verdictId));
    }
}
