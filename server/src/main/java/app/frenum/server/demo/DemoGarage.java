package app.frenum.server.demo;

import app.frenum.core.garage.BeddingIn;
import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.Part;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.plan.LaneSpec;
import app.frenum.core.plan.RunOrder;
import app.frenum.core.procedure.Crew;
import app.frenum.core.procedure.CrewRole;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.LaneView;
import app.frenum.server.plan.PlanRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The demo's car, its two configurations, its lane and its plan: made up, as everything in the demo. */
final class DemoGarage {
    private static final UUID AS_BOUGHT = id("as bought");
    private static final UUID HOSES = id("braided hoses");
    private static final UUID PADS_AND_FLUID = id("pads and fluid");
    private static final UUID LANE = id("marrow flats");
    private static final UUID STRAIGHT_STOPS = id("straight-stops.json");

    private DemoGarage() {}

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }

    private static Quantity q(double entered, Unit unit) {
        return new Quantity(entered, unit);
    }

    /** Standard uncertainty of a difference on a scale with steps of 0.1 kg. */
    private static final Quantity BATHROOM_SCALE = q(0.041, Unit.KILOGRAMS);

    private static final Quantity CORNER_SCALES = q(0.3, Unit.PERCENT);

    /** The same on a kitchen scale with steps of 0.01 kg. */
    private static final Map<PartField, Quantity> KITCHEN_SCALE = Map.of(PartField.MASS, q(0.0041, Unit.KILOGRAMS));

    static VehicleView vehicle(UUID id) {
        return new VehicleView(
                id,
                "Tarn 2.0 estate",
                "Course-safety car with 180 kg of rescue kit",
                new VehicleSpec(
                        VehicleSpec.Kind.CAR,
                        VehicleSpec.BrakeKind.DISC,
                        VehicleSpec.BrakeKind.DISC,
                        true,
                        true,
                        false,
                        Map.ofEntries(
                                Map.entry(VehicleField.MASS_LIGHT, q(1545, Unit.KILOGRAMS)),
                                Map.entry(VehicleField.MASS_LADEN, q(1725, Unit.KILOGRAMS)),
                                Map.entry(VehicleField.FRONT_SHARE_LIGHT, q(57, Unit.PERCENT)),
                                Map.entry(VehicleField.FRONT_SHARE_LADEN, q(55, Unit.PERCENT)),
                                Map.entry(VehicleField.WHEELBASE, q(2.68, Unit.METRES)),
                                Map.entry(VehicleField.CG_HEIGHT, q(0.57, Unit.METRES)),
                                Map.entry(VehicleField.TYRE_RADIUS, q(0.31, Unit.METRES)),
                                Map.entry(VehicleField.LENGTH, q(4.62, Unit.METRES)),
                                Map.entry(VehicleField.WIDTH, q(1.79, Unit.METRES)),
                                Map.entry(VehicleField.FRONT_PISTON_AREA, q(25.5, Unit.SQUARE_CENTIMETRES)),
                                Map.entry(VehicleField.REAR_PISTON_AREA, q(11.3, Unit.SQUARE_CENTIMETRES)),
                                Map.entry(VehicleField.FRONT_EFFECTIVE_RADIUS, q(118, Unit.MILLIMETRES)),
                                Map.entry(VehicleField.REAR_EFFECTIVE_RADIUS, q(112, Unit.MILLIMETRES)),
                                Map.entry(VehicleField.PAD_FRICTION_FRONT, q(0.38, Unit.ONE)),
                                Map.entry(VehicleField.PAD_FRICTION_REAR, q(0.36, Unit.ONE)),
                                Map.entry(VehicleField.FRONT_DISC_MASS, q(7.4, Unit.KILOGRAMS)),
                                Map.entry(VehicleField.REAR_DISC_MASS, q(5.1, Unit.KILOGRAMS)),
                                Map.entry(VehicleField.COOLING_TIME, q(150, Unit.SECONDS)),
                                Map.entry(VehicleField.ACCELERATION, q(2.4, Unit.METRES_PER_SECOND_SQUARED))),
                        Map.of(
                                VehicleField.FRONT_DISC_MASS, BATHROOM_SCALE,
                                VehicleField.REAR_DISC_MASS, BATHROOM_SCALE,
                                VehicleField.FRONT_SHARE_LIGHT, CORNER_SCALES,
                                VehicleField.FRONT_SHARE_LADEN, CORNER_SCALES,
                                VehicleField.CG_HEIGHT, q(0.02, Unit.METRES),
                                VehicleField.PAD_FRICTION_FRONT, q(0.02, Unit.ONE),
                                VehicleField.PAD_FRICTION_REAR, q(0.02, Unit.ONE))),
                0);
    }

    private static final Optional<String> EURO = Optional.of("€");

    private static Part part(
            String description, Part.Condition condition, double cost, Map<PartField, Quantity> figures) {
        return new Part(
                description,
                condition,
                Optional.of(cost),
                EURO,
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                figures,
                figures.containsKey(PartField.MASS) ? KITCHEN_SCALE : Map.of());
    }

    private static final Part OLD_PADS = part(
            "organic road pads",
            Part.Condition.WORN,
            38,
            Map.of(
                    PartField.MASS, q(1.34, Unit.KILOGRAMS),
                    PartField.HOURS, q(1, Unit.HOURS),
                    PartField.PAD_WINDOW_LOW, q(20, Unit.CELSIUS),
                    PartField.PAD_WINDOW_HIGH, q(330, Unit.CELSIUS)));
    private static final Part NEW_PADS = new Part(
            "semi-metallic pads, medium bite",
            Part.Condition.NEW,
            Optional.of(112.0),
            EURO,
            Optional.empty(),
            Optional.of(new BeddingIn(
                    16,
                    q(80, Unit.KILOMETRES_PER_HOUR),
                    q(30, Unit.KILOMETRES_PER_HOUR),
                    q(45, Unit.SECONDS),
                    q(12, Unit.MINUTES),
                    true)),
            Set.of(),
            Map.of(
                    PartField.MASS, q(1.52, Unit.KILOGRAMS),
                    PartField.HOURS, q(1, Unit.HOURS),
                    PartField.PAD_WINDOW_LOW, q(60, Unit.CELSIUS),
                    PartField.PAD_WINDOW_HIGH, q(480, Unit.CELSIUS)),
            KITCHEN_SCALE);

    private static Part fluid(String description, Part.Condition condition, double cost, double dryC, int month) {
        return new Part(
                description,
                condition,
                Optional.of(cost),
                EURO,
                Optional.of(LocalDate.of(2026, month, 12)),
                Optional.empty(),
                Set.of(),
                Map.of(
                        PartField.HOURS, q(0.7, Unit.HOURS),
                        PartField.DRY_BOILING_POINT, q(dryC, Unit.CELSIUS),
                        PartField.WET_BOILING_POINT, q(160, Unit.CELSIUS)),
                Map.of());
    }

    private static final Part OLD_FLUID = fluid("glycol fluid, three years old", Part.Condition.WORN, 0, 205, 1);
    private static final Part BRAIDED_HOSES = part(
            "braided hoses, four",
            Part.Condition.NEW,
            64,
            Map.of(PartField.MASS, q(0.62, Unit.KILOGRAMS), PartField.HOURS, q(2.5, Unit.HOURS)));

    private static Map<Slot, Part> parts(Part pads, Part fluid) {
        Map<PartField, Quantity> cold = Map.of(PartField.COLD_PRESSURE, q(2.4, Unit.BAR));
        Part tyres = part("touring, half worn", Part.Condition.BEDDED, 0, cold);
        return Map.of(Slot.PADS_FRONT, pads, Slot.FLUID, fluid, Slot.TYRES_FRONT, tyres, Slot.TYRES_REAR, tyres);
    }

    private static ConfigurationView configuration(UUID id, UUID vehicle, String name, Map<Slot, Part> parts) {
        return new ConfigurationView(
                id,
                vehicle,
                name,
                List.of(),
                1,
                null,
                new ConfigurationSpec(parts, Map.of(BrakeSwitch.ANTI_LOCK, true, BrakeSwitch.ASSIST, true)),
                Arrays.stream(FittingCheck.values())
                        .collect(Collectors.toMap(Function.identity(), c -> "Test marshal")),
                false,
                0);
    }

    static ConfigurationView asBought(UUID vehicle) {
        return configuration(AS_BOUGHT, vehicle, DemoScenario.AS_BOUGHT, parts(OLD_PADS, OLD_FLUID));
    }

    static ConfigurationView braidedHoses(UUID vehicle) {
        Map<Slot, Part> parts = new EnumMap<>(parts(OLD_PADS, OLD_FLUID));
        parts.put(Slot.LINES, BRAIDED_HOSES);
        return configuration(HOSES, vehicle, DemoScenario.BRAIDED_HOSES, parts);
    }

    static ConfigurationView padsAndFluid(UUID vehicle) {
        Part fresh = fluid("glycol fluid, fresh", Part.Condition.NEW, 24, 265, 6);
        return configuration(PADS_AND_FLUID, vehicle, DemoScenario.PADS_AND_FLUID, parts(NEW_PADS, fresh));
    }

    static LaneView lane() {
        return new LaneView(
                LANE,
                new LaneSpec(
                        "Marrow Flats airfield",
                        "Marrow Flats",
                        q(320, Unit.METRES),
                        q(90, Unit.METRES),
                        q(0.1, Unit.PERCENT),
                        "old concrete slabs, dry",
                        true,
                        "Test marshal",
                        Optional.empty()),
                0);
    }

    static PlanRequest plan(UUID vehicle) {
        return new PlanRequest(
                vehicle,
                VehicleSpec.Load.LADEN,
                List.of(AS_BOUGHT, PADS_AND_FLUID),
                STRAIGHT_STOPS,
                LANE,
                q(90, Unit.KILOMETRES_PER_HOUR),
                q(1, Unit.METRES),
                8,
                RunOrder.A_B_A,
                7,
                q(5, Unit.HOURS),
                q(14, Unit.CELSIUS),
                q(75, Unit.MINUTES),
                q(60, Unit.SECONDS),
                Optional.empty(),
                Optional.of(q(420, Unit.CELSIUS)),
                true,
                new Crew(Map.of(
                        CrewRole.DRIVER, "Club driver",
                        CrewRole.RECORDER, "Club secretary",
                        CrewRole.LANE_CONTROL, "Test marshal",
                        CrewRole.MARSHAL, "Second marshal")));
    }
}
