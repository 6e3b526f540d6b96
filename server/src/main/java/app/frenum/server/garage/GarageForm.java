package app.frenum.server.garage;

import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What can be entered in the garage, with bounds and help, so that the interface has no list of its own. */
record GarageForm(
        List<Entry> vehicle, List<SlotEntry> slots, List<Entry> parts, List<Tick> switches, List<Tick> fitting) {

    /**
     * A figure that can be entered.
     *
     * @param low lowest, in the usual unit
     * @param high highest, in the usual unit
     * @param units that it may be entered in, the usual one first
     */
    record Entry(String field, String label, String help, double low, double high, List<Choice> units) {
        static Entry of(Enum<?> field, String label, String help, Bounds b) {
            List<Choice> units = Stream.concat(
                            Stream.of(b.usual()),
                            Arrays.stream(Unit.values()).filter(u -> u.dimension() == b.dimension() && u != b.usual()))
                    .map(u -> new Choice(u.name(), u.symbol()))
                    .toList();
            return new Entry(
                    field.name(),
                    label,
                    help,
                    b.usual().fromInside(b.low()),
                    b.usual().fromInside(b.high()),
                    units);
        }
    }

    /** A unit. */
    record Choice(String unit, String symbol) {}

    /** A place for a part, and the figures that such a part has beside mass and hours. */
    record SlotEntry(String slot, String label, String factor, List<String> figures) {}

    /** Something to tick. */
    record Tick(String name, String label) {}

    static GarageForm whole() {
        return new GarageForm(
                Arrays.stream(VehicleField.values())
                        .map(f -> Entry.of(f, f.label(), f.help(), f.bounds()))
                        .toList(),
                Arrays.stream(Slot.values())
                        .map(s -> new SlotEntry(
                                s.name(),
                                s.label(),
                                s.factor(),
                                s.own().stream().map(Enum::name).toList()))
                        .toList(),
                Arrays.stream(PartField.values())
                        .map(f -> Entry.of(f, f.label(), "", f.bounds()))
                        .toList(),
                Arrays.stream(BrakeSwitch.values())
                        .map(s -> new Tick(s.name(), s.label()))
                        .toList(),
                Arrays.stream(FittingCheck.values())
                        .map(c -> new Tick(c.name(), c.label()))
                        .toList());
    }
}
