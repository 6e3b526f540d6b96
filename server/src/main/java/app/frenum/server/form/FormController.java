package app.frenum.server.form;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FormController {
    @Does(Deed.READS)
    @GetMapping("/api/forms")
    Forms forms() {
        return Forms.ALL;
    }
}
