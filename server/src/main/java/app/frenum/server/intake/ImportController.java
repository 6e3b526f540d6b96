package app.frenum.server.intake;

import app.frenum.core.log.Role;
import app.frenum.core.people.Who;
import app.frenum.formats.BadInput;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/imports/{id}")
class ImportController {
    private final ImportService imports;

    ImportController(ImportService imports) {
        this.imports = imports;
    }

    /** The file itself is the body, so that it is never held in memory. Answers with a preview unless told not to. */
    @Does(Deed.RECORDS)
    @PutMapping(consumes = "application/octet-stream")
    @Nullable
    ImportPreview upload(
            @PathVariable UUID id,
            @RequestParam String fileName,
            @RequestParam(required = false) @Nullable UUID testId,
            @RequestParam(defaultValue = "true") boolean preview,
            HttpServletRequest request)
            throws IOException, BadInput {
        boolean isNew = imports.stage(id, fileName, request.getInputStream());
        try {
            return preview ? imports.preview(id, testId, Sender.of(request)::requireThere) : null;
        } catch (BadInput | Sender.Gone e) {
            if (isNew) {
                imports.forget(id);
            }
            throw e;
        }
    }

    @Does(Deed.READS)
    @GetMapping
    ImportPreview preview(
            @PathVariable UUID id, @RequestParam(required = false) UUID testId, HttpServletRequest request)
            throws IOException, BadInput {
        return imports.preview(id, testId, Sender.of(request)::requireThere);
    }

    /** The file is not wanted; one that was saved stays. */
    @Does(Deed.RECORDS)
    @DeleteMapping
    void forget(@PathVariable UUID id) throws IOException {
        imports.forget(id);
    }

    @Does(Deed.READS)
    @GetMapping("/progress")
    Progress progress(@PathVariable UUID id) {
        return new Progress(imports.rowsRead(id));
    }

    @Does(Deed.RECORDS)
    @PutMapping("/roles")
    ImportPreview roles(
            @PathVariable UUID id,
            @RequestParam(required = false) UUID testId,
            @RequestBody Map<Integer, Role> roles,
            HttpServletRequest request)
            throws IOException, BadInput {
        imports.setRoles(id, roles);
        return imports.preview(id, testId, Sender.of(request)::requireThere);
    }

    @Does(Deed.RECORDS)
    @PostMapping("/save")
    Saved save(Who who, @PathVariable UUID id, @Valid @RequestBody SaveRequest request) throws IOException, BadInput {
        return imports.save(id, who, request);
    }

    /** How far reading has come. */
    record Progress(long rows) {}
}
