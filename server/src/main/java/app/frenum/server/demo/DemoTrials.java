package app.frenum.server.demo;

import app.frenum.core.heat.AirFlowMethod;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.trial.TrialKind;
import app.frenum.core.trial.TrialResult;
import app.frenum.server.trial.TrialRequest;
import app.frenum.server.trial.TrialService;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What the club did with the estate beside its stops: the rollers before and after, and a look at the air. */
@Component
class DemoTrials {
    private final TrialService trials;

    DemoTrials(TrialService trials) {
        this.trials = trials;
    }

    void of(UUID testId, UUID before, UUID after, Who by) {
        rollers(
                testId,
                before,
                by,
                "both axles within 10 % left to right",
                TrialResult.AsGuessed.NO,
                false,
                2310,
                2690,
                1480,
                1510);
        rollers(
                testId,
                after,
                by,
                "the front evener, as the calipers were freed",
                TrialResult.AsGuessed.YES,
                true,
                3020,
                3110,
                1490,
                1530);
        UUID id = UUID.randomUUID();
        trials.begin(
                id,
                testId,
                new TrialRequest(after, TrialKind.PARKED_AIR, "air reaches the discs from the fog lamp holes"),
                by);
        trials.tell(
                id,
                new TrialResult(
                        Map.of(),
                        Map.of(),
                        Set.of(),
                        Optional.of(AirFlowMethod.TUFTS),
                        Optional.empty(),
                        "Tufts behind the hole blow outward, past the tyre; those on the disc’s hub hang still.",
                        Optional.of(TrialResult.AsGuessed.NO)),
                by);
    }

    private void rollers(
            UUID testId,
            UUID configuration,
            Who by,
            String guess,
            TrialResult.AsGuessed came,
            boolean frontsLock,
            double... newtons) {
        UUID id = UUID.randomUUID();
        Map<WheelPosition, Quantity> forces = new EnumMap<>(WheelPosition.class);
        int next = 0;
        for (WheelPosition wheel : WheelPosition.values()) {
            forces.put(wheel, new Quantity(newtons[next++], Unit.NEWTONS));
        }
        trials.begin(id, testId, new TrialRequest(configuration, TrialKind.ROLLER_TESTER, guess), by);
        trials.tell(
                id,
                new TrialResult(
                        Map.of(),
                        forces,
                        frontsLock ? Set.of(WheelPosition.FRONT_LEFT, WheelPosition.FRONT_RIGHT) : Set.of(),
                        Optional.empty(),
                        Optional.empty(),
                        frontsLock ? "Both fronts climbed out of the rollers." : "The left front needed a second run.",
                        Optional.of(came)),
                by);
    }
}
