package app.frenum.server.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.garage.Part;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.heat.KeptParts;
import app.frenum.core.heat.Ladder;
import app.frenum.core.heat.PadWindow;
import app.frenum.core.quantity.Quantity;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Holds the parts of all configurations in the garage against the work of a test. */
@Component
class PartsKept {
    private final GarageService garage;

    PartsKept(GarageService garage) {
        this.garage = garage;
    }

    /**
     * @param work of all front pads in the test
     * @param driven the configurations it was driven with
     */
    List<Finding> against(List<PadWindow.Work> work, List<ConfigurationView> driven, Collection<Ladder> ladders) {
        if (work.isEmpty()) {
            return List.of();
        }
        List<ConfigurationView> all = garage.configurations();
        KeptParts kept = new KeptParts(
                parts(all, Slot.PADS_FRONT).map(PartsKept::pad).distinct().toList(),
                parts(all, Slot.FLUID).flatMap(PartsKept::fluid).distinct().toList(),
                ladders.stream().distinct().toList());
        OptionalDouble fitted = parts(driven, Slot.FLUID)
                .flatMap(PartsKept::fluid)
                .mapToDouble(KeptParts.Fluid::boilsC)
                .min();
        return kept.against(new KeptParts.Demand(
                work.stream().mapToDouble(PadWindow.Work::startC).min().orElseThrow(),
                work.stream().mapToDouble(PadWindow.Work::peakC).max().orElseThrow(),
                fitted));
    }

    private static Stream<Part> parts(List<ConfigurationView> of, Slot slot) {
        return of.stream().flatMap(c -> Stream.ofNullable(c.spec().parts().get(slot)));
    }

    private static KeptParts.Pad pad(Part part) {
        return new KeptParts.Pad(
                part.description().strip(),
                figure(part, PartField.PAD_WINDOW_HIGH)
                        .map(high -> new KeptParts.Window(
                                figure(part, PartField.PAD_WINDOW_LOW).orElse(0.0), high)));
    }

    /** With the water it may have drawn where that is known. */
    static Stream<KeptParts.Fluid> fluid(Part part) {
        Optional<Double> wet = figure(part, PartField.WET_BOILING_POINT);
        return wet.or(() -> figure(part, PartField.DRY_BOILING_POINT)).stream()
                .map(c -> new KeptParts.Fluid(part.description().strip(), c, wet.isPresent()));
    }

    private static Optional<Double> figure(Part part, PartField field) {
        return Optional.ofNullable(part.figures().get(field)).map(Quantity::inside);
    }
}
