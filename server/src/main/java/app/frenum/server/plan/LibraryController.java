package app.frenum.server.plan;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What plans are made from: procedures and lanes. */
@RestController
@RequestMapping("/api")
class LibraryController {
    private final ProcedureService procedures;
    private final LaneService lanes;

    LibraryController(ProcedureService procedures, LaneService lanes) {
        this.procedures = procedures;
        this.lanes = lanes;
    }

    @Does(Deed.READS)
    @GetMapping("/procedures")
    List<ProcedureView> procedures() {
        return procedures.procedures();
    }

    @Does(Deed.RECORDS)
    @PutMapping("/procedures")
    ProcedureView save(@Valid @RequestBody ProcedureView procedure) {
        return procedures.save(procedure);
    }

    @Does(Deed.READS)
    @GetMapping("/lanes")
    List<LaneView> lanes() {
        return lanes.lanes();
    }

    @Does(Deed.RECORDS)
    @PutMapping("/lanes")
    LaneView save(@Valid @RequestBody LaneView lane) {
        return lanes.save(lane);
    }
}
