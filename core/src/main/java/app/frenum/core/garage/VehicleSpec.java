package app.frenum.core.garage;

import app.frenum.core.balance.AxleHydraulics;
import app.frenum.core.balance.AxleLoads;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is known of a vehicle. What is unknown is absent, and only the figures that need it say so.
 *
 * @param kind car, motorcycle or truck
 * @param frontBrake disc or drum
 * @param rearBrake disc or drum
 * @param antiLock whether it is fitted
 * @param assist whether the pedal is assisted
 * @param directionalDiscs whether its discs have a side they must be fitted on
 * @param figures as entered
 * @param uncertainties standard uncertainty of those figures that were measured with one; null for none
 */
public record VehicleSpec(
        Kind kind,
        BrakeKind frontBrake,
        BrakeKind rearBrake,
        boolean antiLock,
        boolean assist,
        boolean directionalDiscs,
        Map<VehicleField, Quantity> figures,
        Map<VehicleField, Quantity> uncertainties) {
    public VehicleSpec {
        figures = figures.isEmpty() ? Map.of() : new EnumMap<>(figures);
        uncertainties = uncertainties.isEmpty() ? Map.of() : new EnumMap<>(uncertainties);
    }

    /** What it is. */
    public enum Kind {
        CAR("driver"),
        MOTORCYCLE("rider"),
        TRUCK("driver");

        private final String person;

        Kind(String person) {
            this.person = person;
        }

        /** Who brakes it, in a word. */
        public String person() {
            return person;
        }
    }

    /** What slows an axle. */
    public enum BrakeKind {
        DISC,
        DRUM,
        NONE
    }

    /** How it is loaded. */
    public enum Load {
        LIGHT,
        LADEN
    }

    /** A vehicle of which nothing is known but what it is. */
    public static VehicleSpec unknown() {
        return new VehicleSpec(Kind.CAR, BrakeKind.DISC, BrakeKind.DISC, true, true, false, Map.of(), Map.of());
    }

    /** Standard uncertainties of what nobody knows exactly, where none was entered. */
    private static final Map<VehicleField, Quantity> UNCERTAIN_UNLESS_SAID = Map.of(
            VehicleField.CG_HEIGHT, new Quantity(0.05, Unit.METRES),
            VehicleField.FRONT_SHARE_LIGHT, new Quantity(1, Unit.PERCENT),
            VehicleField.FRONT_SHARE_LADEN, new Quantity(1, Unit.PERCENT));

    /** The same with another figure. */
    public VehicleSpec with(VehicleField field, Quantity value) {
        Map<VehicleField, Quantity> other = new EnumMap<>(VehicleField.class);
        other.putAll(figures);
        other.put(field, value);
        return new VehicleSpec(kind, frontBrake, rearBrake, antiLock, assist, directionalDiscs, other, uncertainties);
    }

    /** A figure in its inside unit, or that it has to be entered. */
    public Figure figure(VehicleField field) {
        return Optional.ofNullable(figures.get(field))
                .map(q -> Figure.of(q.inside()))
                .orElse(Figure.unknown("the vehicle's %s is not known; enter it in the garage"
                        .formatted(field.label().toLowerCase(Locale.ROOT))));
    }

    /** The same once for each figure whose uncertainty is known or has a default, moved by that. */
    public List<VehicleSpec> movedByTheirUncertainties() {
        Map<VehicleField, Quantity> all = new EnumMap<>(UNCERTAIN_UNLESS_SAID);
        all.putAll(uncertainties);
        List<VehicleSpec> moved = new ArrayList<>();
        all.forEach((field, own) -> Optional.ofNullable(figures.get(field))
                .map(q -> field.bounds().usual().fromInside(q.inside() + own.inside()))
                .ifPresent(other ->
                        moved.add(with(field, new Quantity(other, field.bounds().usual())))));
        return moved;
    }

    /** Standard uncertainty of a figure in its inside unit, or that nobody said how well it is known. */
    public Figure uncertainty(VehicleField field) {
        return Uncertainties.of(uncertainties, field, field.label());
    }

    public Figure mass(Load load) {
        Figure laden = figure(VehicleField.MASS_LADEN);
        return load == Load.LADEN && laden.isKnown() ? laden : figure(VehicleField.MASS_LIGHT);
    }

    /** Discs or drums on an axle: a motorcycle has one, or two on its one front wheel. */
    public int discs(boolean front) {
        if (kind != Kind.MOTORCYCLE) {
            return 2;
        }
        return front ? (int) Math.round(figure(VehicleField.FRONT_DISCS).orElse(1)) : 1;
    }

    /**
     * What each disc or drum is called: by its corner, or on a motorcycle by its number on the one wheel.
     *
     * @return in the order in which they are read; those that it does not have are absent
     */
    public Map<WheelPosition, String> discNames() {
        Map<WheelPosition, String> names = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            names.put(w, w.label());
        }
        if (kind == Kind.MOTORCYCLE) {
            boolean two = discs(true) > 1;
            names.clear();
            names.put(WheelPosition.FRONT_LEFT, "front %s".formatted(word(frontBrake, two ? " 1" : "")));
            if (two) {
                names.put(WheelPosition.FRONT_RIGHT, "front %s".formatted(word(frontBrake, " 2")));
            }
            names.put(WheelPosition.REAR_LEFT, "rear %s".formatted(word(rearBrake, "")));
        }
        return names;
    }

    /** Front discs, whose faces can be looked at; empty where the front brakes are drums. */
    public Set<WheelPosition> frontDiscs() {
        return frontBrake == BrakeKind.DRUM
                ? Set.of()
                : discNames().keySet().stream().filter(WheelPosition::isFront).collect(Collectors.toSet());
    }

    private static String word(BrakeKind kind, String number) {
        return (kind == BrakeKind.DRUM ? "drum" : "disc") + number;
    }

    /** How the weight lies, when share, height and wheelbase are known. */
    public Optional<AxleLoads> axleLoads(Load load) {
        Figure share = figure(shareField(load));
        Figure height = figure(VehicleField.CG_HEIGHT);
        Figure wheelbase = figure(VehicleField.WHEELBASE);
        return share.isKnown() && height.isKnown() && wheelbase.isKnown()
                ? Optional.of(new AxleLoads(share.value(), height.value(), wheelbase.value()))
                : Optional.empty();
    }

    /** What is missing for {@link #axleLoads}; empty when nothing is. */
    public String axleLoadsReason(Load load) {
        return Stream.of(shareField(load), VehicleField.CG_HEIGHT, VehicleField.WHEELBASE)
                .map(f -> figure(f).reason())
                .filter(r -> !r.isEmpty())
                .findFirst()
                .orElse("");
    }

    private static VehicleField shareField(Load load) {
        return load == Load.LADEN ? VehicleField.FRONT_SHARE_LADEN : VehicleField.FRONT_SHARE_LIGHT;
    }

    /** Front share of brake force at equal line pressures, or what is missing for it. */
    public Figure brakeForceShare() {
        VehicleField[] needed = {
            VehicleField.FRONT_PISTON_AREA,
            VehicleField.PAD_FRICTION_FRONT,
            VehicleField.FRONT_EFFECTIVE_RADIUS,
            VehicleField.REAR_PISTON_AREA,
            VehicleField.PAD_FRICTION_REAR,
            VehicleField.REAR_EFFECTIVE_RADIUS
        };
        double[] v = new double[needed.length];
        for (int i = 0; i < v.length; i++) {
            Figure f = figure(needed[i]);
            if (!f.isKnown()) {
                return f;
            }
            v[i] = f.value();
        }
        return Figure.of(AxleHydraulics.brakeForceShare(
                new AxleHydraulics(v[0], v[1], v[2], discs(true)),
                1,
                new AxleHydraulics(v[3], v[4], v[5], discs(false)),
                1));
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        figures.forEach((field, entered) -> field.bounds()
                .problem(entered)
                .ifPresent(message -> found.add(new FieldProblem("figures." + field, message))));
        found.addAll(Uncertainties.problems(figures, uncertainties, ""));
        Figure light = figure(VehicleField.MASS_LIGHT);
        Figure laden = figure(VehicleField.MASS_LADEN);
        if (light.isKnown() && laden.isKnown() && laden.value() < light.value()) {
            found.add(new FieldProblem("figures.MASS_LADEN", "Laden it must weigh at least as much as light."));
        }
        if (frontBrake == BrakeKind.NONE && rearBrake == BrakeKind.NONE) {
            found.add(new FieldProblem("rearBrake", "One axle must have a brake."));
        }
        return found;
    }
}
