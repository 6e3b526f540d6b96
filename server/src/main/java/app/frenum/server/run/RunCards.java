package app.frenum.server.run;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.run.GateView;
import app.frenum.core.procedure.run.Instruction;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.procedure.run.RunState;
import app.frenum.core.procedure.run.Step;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Quantity;
import app.frenum.formats.words.Wording;
import app.frenum.server.device.Card;
import app.frenum.server.device.DeviceLinks;
import app.frenum.server.device.DeviceView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.stream.Serially;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Tells the devices of a run what is asked for, whenever that changes. */
@Component
class RunCards {
    /** By how much a distance with one bound only is kept away from that. */
    private static final double MARGIN = 1.1;

    private final RunService runs;
    private final RunDevices devices;
    private final GarageService garage;
    private final DeviceLinks links;
    /** Nobody who has something to say waits for it to be shown. */
    private final Serially showing = new Serially("run-cards");

    RunCards(RunService runs, RunDevices devices, GarageService garage, DeviceLinks links) {
        this.runs = runs;
        this.devices = devices;
        this.garage = garage;
        this.links = links;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(RunChanged run) {
        show(run.testId());
    }

    /** Shows the run as it stands to all its devices; one after another, so that the last shown is the newest. */
    void show(UUID run) {
        showing.execute(run, () -> shown(run));
    }

    @PreDestroy
    void stop() {
        showing.close();
    }

    private void shown(UUID run) {
        List<DeviceView> listening =
                devices.of(run).stream().filter(DeviceView::connected).toList();
        if (!listening.isEmpty()) {
            Card card = card(run);
            listening.forEach(d -> links.show(d.id(), card));
        }
    }

    private Card card(UUID run) {
        RunState state = runs.state(run);
        double now = runs.clockS(run);
        Optional<Step> step = state.current();
        Optional<Phase> driven = step.flatMap(Step::phase).filter(p -> p.kind().isBraking());
        int configuration = step.map(Step::configuration).orElse(0);
        RunScript.Side side = state.script().sides().get(configuration);
        return new Card(
                state.stage().name(),
                Wording.in(UnitSystem.METRIC)
                        .text(Instruction.of(state, GateView.of(state, now)).imperative()),
                state.stops().size(),
                driven.map(p -> p.from().inside()).orElse(null),
                driven.map(p -> p.to().inside()).orElse(null),
                driven.flatMap(Phase::target)
                        .filter(t -> t.unit().dimension() == Dimension.DECELERATION)
                        .map(Quantity::inside)
                        .orElse(null),
                driven.map(Phase::gate).flatMap(RunCards::rollM).orElse(null),
                driven.map(p -> p.system().name()).orElse(null),
                driven.map(p -> p.load().name()).orElse(null),
                driven.flatMap(Phase::adjuster).map(Quantity::inside).orElse(null),
                driven.flatMap(Phase::grip).map(Quantity::inside).orElse(null),
                configuration,
                side.name(),
                side.switches().entrySet().stream()
                        .collect(Collectors.toMap(e -> e.getKey().label(), Map.Entry::getValue)),
                figures(runs.plan(run), configuration),
                now,
                runs.rate(run));
    }

    /** In the middle of what the gate takes. */
    private static Optional<Double> rollM(Gate gate) {
        Optional<Double> nearest = gate.nearest().map(Quantity::inside);
        Optional<Double> furthest = gate.furthest().map(Quantity::inside);
        return nearest.isPresent() && furthest.isPresent()
                ? Optional.of((nearest.get() + furthest.get()) / 2)
                : nearest.map(n -> MARGIN * n).or(() -> furthest.map(f -> f / MARGIN));
    }

    private Map<String, Double> figures(PlanRequest plan, int configuration) {
        Map<String, Double> known = new TreeMap<>();
        Map<VehicleField, Quantity> vehicle =
                garage.vehicle(plan.vehicleId()).spec().figures();
        vehicle.forEach((field, q) -> known.put(field.name(), q.inside()));
        UUID id = plan.configurationIds().get(configuration);
        ConfigurationView parts = garage.configuration(id);
        put(known, parts, Slot.PADS_FRONT, PartField.PAD_WINDOW_LOW);
        put(known, parts, Slot.PADS_FRONT, PartField.PAD_WINDOW_HIGH);
        put(known, parts, Slot.FLUID, PartField.DRY_BOILING_POINT);
        put(known, parts, Slot.FLUID, PartField.WET_BOILING_POINT);
        return known;
    }

    private static void put(Map<String, Double> known, ConfigurationView parts, Slot slot, PartField field) {
        Optional.ofNullable(parts.spec().parts().get(slot))
                .map(p -> p.figures().get(field))
                .ifPresent(q -> known.put(field.name(), q.inside()));
    }
}
