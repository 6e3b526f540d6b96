package app.frenum.server.exchange;

import app.frenum.formats.BadInput;
import app.frenum.formats.bundle.BundleFile;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/bundle")
class BundleController {
    private final BundleService bundles;

    BundleController(BundleService bundles) {
        this.bundles = bundles;
    }

    @Does(Deed.READS)
    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> bundle() {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"frenum-bundle.json\"")
                .body(BundleFile.write(bundles.bundle()));
    }

    @Does(Deed.READS)
    @GetMapping(value = "/schema", produces = MediaType.APPLICATION_JSON_VALUE)
    String schema() {
        return BundleFile.schema();
    }

    /** @param asCopies give everything new ids, so that it stands beside what is here */
    @Does(Deed.ADMINISTERS)
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    BroughtIn bringIn(@RequestBody byte[] bundle, @RequestParam(defaultValue = "false") boolean asCopies)
            throws BadInput {
        return bundles.bringIn(bundle, asCopies);
    }
}
