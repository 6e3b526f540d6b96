package app.frenum.server.remark;

import app.frenum.core.compare.ReferenceMark;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RemarkController {
    private final RemarkService remarks;

    RemarkController(RemarkService remarks) {
        this.remarks = remarks;
    }

    /** As they stand beside stops from a speed, m/s. */
    @Does(Deed.READS)
    @GetMapping("/tests/{testId}/marks")
    List<ReferenceMarkView> marks(@PathVariable UUID testId, @RequestParam double speed) {
        return remarks.marks(testId, speed);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/tests/{testId}/marks/{id}")
    ReferenceMark mark(@PathVariable UUID testId, @PathVariable UUID id, @RequestBody ReferenceMark mark) {
        return remarks.mark(id, testId, mark);
    }

    @Does(Deed.RECORDS)
    @DeleteMapping("/marks/{id}")
    List<UUID> forgetMark(@PathVariable UUID id) {
        remarks.forgetMark(id);
        return List.of(id);
    }

    @Does(Deed.READS)
    @GetMapping("/tests/{testId}/trade-offs")
    List<TradeOffView> tradeOffs(@PathVariable UUID testId) {
        return remarks.tradeOffs(testId);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/tests/{testId}/trade-offs/{id}")
    TradeOffView tradeOff(
            @PathVariable UUID testId, @PathVariable UUID id, @Valid @RequestBody TradeOffRequest request) {
        return remarks.tradeOff(id, testId, request);
    }

    @Does(Deed.RECORDS)
    @DeleteMapping("/trade-offs/{id}")
    List<UUID> forgetTradeOff(@PathVariable UUID id) {
        remarks.forgetTradeOff(id);
        return List.of(id);
    }
}
