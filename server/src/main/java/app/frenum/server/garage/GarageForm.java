package app.frenum.server.garage;

import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.Work;
import app.frenum.server.form.FormEntry;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What can be entered in the garage, with bounds and help, so that the interface has no list of its own. */
record GarageForm(
        List<FormEntry> vehicle,
        List<SlotEntry> slots,
        List<FormEntry> parts,
        List<Tick> works,
        List<Tick> switches,
        List<Check> fitting) {

    /**
     * A place for a part.
     *
     * @param drumLabel as it is called where the axle has drums
     * @param front whether it belongs to the front axle; null for neither
     * @param worked whether what is fitted there can be drilled, turned or otherwise worked on
     * @param figures that such a part has beside mass and hours
     */
    record SlotEntry(
            String slot,
            String label,
            String drumLabel,
            @Nullable Boolean front,
            boolean worked,
            String factor,
            List<String> figures) {}

    /** Something to tick. */
    record Tick(String name, String label) {}

    /** Something to look at with the wheels off. */
    record Check(String name, String label, boolean ofMotorcycles) {}

    static GarageForm whole() {
        return new GarageForm(
                FormEntry.all(VehicleField.values()),
                Arrays.stream(Slot.values())
                        .map(s -> new SlotEntry(
                                s.name(),
                                s.label(),
                                s.drumLabel(),
                                s.front().orElse(null),
                                s.isWorked(),
                                s.factor(),
                                s.own().stream().map(Enum::name).toList()))
                        .toList(),
                FormEntry.all(PartField.values()),
                Arrays.stream(Work.values())
                        .map(w -> new Tick(w.name(), w.label()))
                        .toList(),
                Arrays.stream(BrakeSwitch.values())
                        .map(s -> new Tick(s.name(), s.label()))
                        .toList(),
                Arrays.stream(FittingCheck.values())
                        .map(c -> new Check(c.name(), c.label(), c.isOfMotorcycles()))
                        .toList());
    }
}
