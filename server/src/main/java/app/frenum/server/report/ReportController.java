package app.frenum.server.report;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers; links lead to them, nobody parses them. */
@Hidden
@RestController
@RequestMapping("/papers/tests/{id}")
class ReportController {
    private final RunCardService runCards;

    ReportController(RunCardService runCards) {
        this.runCards = runCards;
    }

    @Does(Deed.READS)
    @GetMapping(value = "/run-card", produces = MediaType.TEXT_HTML_VALUE)
    String runCard(@PathVariable UUID id, @RequestParam(defaultValue = "METRIC") RunCard.Units units) {
        return runCards.page(id, units);
    }

    @Does(Deed.READS)
    @GetMapping(value = "/run-card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> runCardPdf(@PathVariable UUID id, @RequestParam(defaultValue = "METRIC") RunCard.Units units)
            throws IOException {
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"run-card.pdf\"")
                .body(runCards.pdf(id, units));
    }
}
