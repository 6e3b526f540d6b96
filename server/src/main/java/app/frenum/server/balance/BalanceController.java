package app.frenum.server.balance;

import app.frenum.core.garage.SizingQuestion;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class BalanceController {
    private final BalanceService balances;
    private final SizingService sizings;

    BalanceController(BalanceService balances, SizingService sizings) {
        this.balances = balances;
        this.sizings = sizings;
    }

    /** @param wanted a front share of line pressure to turn the adjuster to, 0 to 1 */
    @Does(Deed.READS)
    @GetMapping("/tests/{id}/balance")
    BalanceView balance(@PathVariable UUID id, @RequestParam(required = false) @Nullable Double wanted) {
        return balances.of(id, wanted);
    }

    /** Two layouts of one vehicle; nothing is kept. */
    @Does(Deed.READS)
    @PostMapping("/vehicles/{id}/sizing")
    SizingView sizing(@PathVariable UUID id, @RequestBody SizingQuestion request) {
        return sizings.of(id, request);
    }
}
