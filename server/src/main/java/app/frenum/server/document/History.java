package app.frenum.server.document;

import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.AirFlow;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.run.Happening;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.MeasuredStop;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a kind of document has been through: one step for each version that it left behind, the oldest first. A step is
 * never changed once documents were written in its version; the next is added.
 */
record History(Class<?> kind, List<Consumer<ObjectNode>> steps) {
    private static final Map<Class<?>, List<Consumer<ObjectNode>>> CHANGED = Map.ofEntries(
            Map.entry(
                    MeasuredStop.class,
                    List.of(FirstVersions::measuredStop, StopVersions::wheels, StopVersions::sources)),
            Map.entry(HealthFinding.class, List.of(FirstVersions::finding)),
            Map.entry(Calibration.class, List.of(FirstVersions::calibration, StopVersions::clocks)),
            Map.entry(VehicleSpec.class, List.of(FirstVersions::uncertain)),
            Map.entry(ConfigurationSpec.class, List.of(FirstVersions::configuration, GarageVersions::configuration)),
            Map.entry(Procedure.class, List.of(ProcedureVersions::procedure)),
            Map.entry(
                    RunScript.class,
                    List.of(FirstVersions::runScript, ProcedureVersions::runScript, ProcedureVersions::inspections)),
            Map.entry(Happening.class, List.of(FirstVersions::happening)),
            Map.entry(DiscReading.class, List.of(FirstVersions::withoutName)),
            Map.entry(AirFlow.class, List.of(FirstVersions::withoutName)),
            Map.entry(HandEntry.class, List.of(FirstVersions::sheetRow)));

    static History of(Class<?> kind) {
        return CHANGED.entrySet().stream()
                .filter(e -> e.getKey().isAssignableFrom(kind))
                .findFirst()
                .map(e -> new History(e.getKey(), e.getValue()))
                .orElse(new History(kind, List.of()));
    }

    /** Every kind that was ever kept otherwise than now. */
    static Iterable<Class<?>> changed() {
        return CHANGED.keySet();
    }

    /** The one that is written now. */
    int version() {
        return 1 + steps.size();
    }

    void bringUp(ObjectNode document, int from) {
        if (from > version()) {
            throw new IllegalStateException("%s was written by a newer Frenum, in version %d; this one knows %d"
                    .formatted(kind.getSimpleName(), from, version()));
        }
        steps.subList(from - 1, steps.size()).forEach(step -> step.accept(document));
    }
}
