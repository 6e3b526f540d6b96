package app.frenum.server.sheet;

import app.frenum.core.people.Who;
import app.frenum.formats.BadInput;
import app.frenum.formats.sheet.PastedTable;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sheet")
class SheetController {
    private final SheetService sheets;

    SheetController(SheetService sheets) {
        this.sheets = sheets;
    }

    /** The columns that a table of stops can have. */
    @Does(Deed.READS)
    @GetMapping("/form")
    SheetForm form() {
        return SheetForm.ALL;
    }

    /** What lay on somebody's clipboard, taken apart. */
    @Does(Deed.READS)
    @PostMapping("/pasted")
    PastedView pasted(@Valid @RequestBody PasteRequest request) throws BadInput {
        return PastedView.of(PastedTable.of(request.text()));
    }

    @Does(Deed.READS)
    @PostMapping("/reading")
    SheetReading read(@Valid @RequestBody ReadRequest request) {
        return sheets.read(request);
    }

    @Does(Deed.RECORDS)
    @PostMapping
    KeptIn keep(Who who, @Valid @RequestBody KeepRequest request) {
        return sheets.keep(request, who);
    }
}
