package app.frenum.core.garage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class GarageTest {
    private static Quantity q(double x, Unit unit) {
        return new Quantity(x, unit);
    }

    private static Part part(String description, Map<PartField, Quantity> figures) {
        return new Part(
                description,
                Part.Condition.BEDDED,
                Optional.of(80.0),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                figures,
                Map.of());
    }

    private static VehicleSpec car(Map<VehicleField, Quantity> figures) {
        return new VehicleSpec(
                VehicleSpec.Kind.CAR,
                VehicleSpec.BrakeKind.DISC,
                VehicleSpec.BrakeKind.DISC,
                true,
                true,
                false,
                figures,
                Map.of());
    }

    private static List<String> fields(List<FieldProblem> problems) {
        return problems.stream().map(FieldProblem::field).toList();
    }

    @Test
    void whatIsUnknownStaysEmptyAndOnlyWhatNeedsItSaysSo() {
        VehicleSpec nothing = VehicleSpec.unknown();
        assertThat(nothing.problems()).isEmpty();
        assertThat(nothing.figure(VehicleField.WHEELBASE).reason()).contains("wheelbase is not known");
        assertThat(nothing.axleLoads(VehicleSpec.Load.LIGHT)).isEmpty();
        assertThat(nothing.brakeForceShare().reason()).contains("piston area");
    }

    @Test
    void nonsenseIsRefusedFieldByFieldInTheUnitItWasTypedIn() {
        VehicleSpec nonsense = car(Map.of(
                VehicleField.MASS_LIGHT, q(-3, Unit.POUNDS),
                VehicleField.FRONT_SHARE_LIGHT, q(1.2, Unit.ONE),
                VehicleField.WHEELBASE, q(2.6, Unit.KILOGRAMS)));
        assertThat(fields(nonsense.problems()))
                .containsExactlyInAnyOrder("figures.MASS_LIGHT", "figures.FRONT_SHARE_LIGHT", "figures.WHEELBASE");
        assertThat(nonsense.problems().get(0).message()).isEqualTo("-3 lb read. It must be 110.2 to 132300 lb.");
        assertThat(nonsense.problems()).anySatisfy(p -> assertThat(p.message()).contains("is not a unit of this"));
        VehicleSpec lighter = car(Map.of(
                VehicleField.MASS_LIGHT, q(1500, Unit.KILOGRAMS), VehicleField.MASS_LADEN, q(1400, Unit.KILOGRAMS)));
        assertThat(fields(lighter.problems())).containsExactly("figures.MASS_LADEN");
    }

    @Test
    void figuresOfTheVehicleMeetInTheBrakeForceShare() {
        VehicleSpec known = car(Map.of(
                VehicleField.FRONT_PISTON_AREA, q(20.3, Unit.SQUARE_CENTIMETRES),
                VehicleField.REAR_PISTON_AREA, q(9.1, Unit.SQUARE_CENTIMETRES),
                VehicleField.PAD_FRICTION_FRONT, q(0.42, Unit.ONE),
                VehicleField.PAD_FRICTION_REAR, q(0.38, Unit.ONE),
                VehicleField.FRONT_EFFECTIVE_RADIUS, q(118, Unit.MILLIMETRES),
                VehicleField.REAR_EFFECTIVE_RADIUS, q(112, Unit.MILLIMETRES)));
        double front = 20.3 * 0.42 * 118;
        assertThat(known.brakeForceShare().value()).isCloseTo(front / (front + 9.1 * 0.38 * 112), within(1e-12));
    }

    private static final ConfigurationSpec STOCK = new ConfigurationSpec(
            Map.of(
                    Slot.PADS_FRONT, part("road pads", Map.of(PartField.MASS, q(1.2, Unit.KILOGRAMS))),
                    Slot.PADS_REAR, part("road pads", Map.of()),
                    Slot.TYRES_FRONT, part("touring", Map.of(PartField.COLD_PRESSURE, q(2.4, Unit.BAR)))),
            Map.of(BrakeSwitch.ANTI_LOCK, true));

    @Test
    void bothAxlesPadsAreOneFactorAndMassOrHoursAreNone() {
        ConfigurationSpec pads = new ConfigurationSpec(
                Map.of(
                        Slot.PADS_FRONT,
                        part(
                                "semi-metallic",
                                Map.of(
                                        PartField.MASS, q(1.5, Unit.KILOGRAMS),
                                        PartField.HOURS, q(1, Unit.HOURS))),
                        Slot.PADS_REAR,
                        part("road pads", Map.of(PartField.MASS, q(0.9, Unit.KILOGRAMS))),
                        Slot.TYRES_FRONT,
                        part("touring", Map.of(PartField.COLD_PRESSURE, q(240, Unit.KILOPASCALS)))),
                Map.of(BrakeSwitch.ANTI_LOCK, true));
        Difference d = Difference.between(STOCK, pads);
        assertThat(d.factors()).containsExactly("pads");
        assertThat(d.changes()).hasSize(1);
        assertThat(d.warning()).isEmpty();
        assertThat(d.massKg().value()).isCloseTo(0.3, within(1e-12));
        assertThat(d.cost().value()).isEqualTo(80);
        assertThat(d.hours().value()).isEqualTo(1);
        assertThat(d.currency()).isEmpty();
        assertThat(Difference.between(STOCK, STOCK).factors()).isEmpty();
    }

    private static Part bought(double cost, String currency) {
        return new Part(
                "pads for %s %s".formatted(cost, currency),
                Part.Condition.BEDDED,
                Optional.of(cost),
                Optional.of(currency),
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                Map.of(),
                Map.of());
    }

    @Test
    void costsInTwoCurrenciesAreNotAddedUp() {
        ConfigurationSpec euros = new ConfigurationSpec(
                Map.of(Slot.PADS_FRONT, bought(80, "€"), Slot.PADS_REAR, bought(70, "€")), Map.of());
        ConfigurationSpec before = new ConfigurationSpec(Map.of(), Map.of());
        Difference d = Difference.between(before, euros);
        assertThat(d.cost().value()).isEqualTo(150);
        assertThat(d.currency()).contains("€");
        ConfigurationSpec mixed = new ConfigurationSpec(
                Map.of(Slot.PADS_FRONT, bought(80, "€"), Slot.PADS_REAR, bought(70, "CHF")), Map.of());
        assertThat(Difference.between(before, mixed).cost().reason()).isEqualTo("the costs are in € and CHF");
        assertThat(fields(new ConfigurationSpec(Map.of(Slot.PADS_FRONT, bought(80, "<b>")), Map.of()).problems()))
                .containsExactly("parts.PADS_FRONT.cost");
    }

    @Test
    void twoFactorsAtOnceAreWarnedOfAndTakenApart() {
        ConfigurationSpec both = new ConfigurationSpec(
                Map.of(
                        Slot.PADS_FRONT, part("semi-metallic", Map.of()),
                        Slot.PADS_REAR, part("semi-metallic", Map.of()),
                        Slot.TYRES_FRONT, part("touring", Map.of(PartField.COLD_PRESSURE, q(2.1, Unit.BAR)))),
                Map.of(BrakeSwitch.ANTI_LOCK, true));
        Difference d = Difference.between(STOCK, both);
        assertThat(d.factors()).containsExactly("pads", "tyres");
        assertThat(d.warning().orElseThrow()).startsWith("Pads and tyres change together");
        ConfigurationSpec between = Difference.inBetween(STOCK, both, "pads");
        assertThat(Difference.between(STOCK, between).factors()).containsExactly("pads");
        assertThat(Difference.between(between, both).factors()).containsExactly("tyres");
    }

    @Test
    void partsAreCheckedForTheirPlace() {
        ConfigurationSpec wrong = new ConfigurationSpec(
                Map.of(
                        Slot.FLUID,
                        part(
                                "fresh",
                                Map.of(
                                        PartField.WET_BOILING_POINT, q(280, Unit.CELSIUS),
                                        PartField.DRY_BOILING_POINT, q(260, Unit.CELSIUS))),
                        Slot.LINES,
                        part(" ", Map.of(PartField.COLD_PRESSURE, q(2, Unit.BAR)))),
                Map.of());
        assertThat(fields(wrong.problems()))
                .containsExactlyInAnyOrder(
                        "parts.FLUID.figures.DRY_BOILING_POINT",
                        "parts.LINES.description",
                        "parts.LINES.figures.COLD_PRESSURE");
    }

    @Test
    void newPadsAreUnbeddedUntilTheirSnubsAreDone() {
        BeddingIn done = new BeddingIn(
                20,
                q(80, Unit.KILOMETRES_PER_HOUR),
                q(30, Unit.KILOMETRES_PER_HOUR),
                q(45, Unit.SECONDS),
                q(15, Unit.MINUTES),
                true);
        ConfigurationSpec fresh = new ConfigurationSpec(
                Map.of(
                        Slot.PADS_FRONT,
                        new Part(
                                "new pads",
                                Part.Condition.NEW,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(done),
                                Set.of(),
                                Map.of(),
                                Map.of()),
                        Slot.PADS_REAR,
                        new Part(
                                "new pads",
                                Part.Condition.NEW,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Set.of(),
                                Map.of(),
                                Map.of())),
                Map.of());
        assertThat(fresh.unbedded()).containsOnlyKeys(Slot.PADS_REAR);
        assertThat(done.durationS()).isEqualTo(20 * 45 + 900);
    }

    @Test
    void aPartWeighedByDifferenceCarriesTheScalesStep() {
        Weighing disc = new Weighing(q(81.3, Unit.KILOGRAMS), q(74.0, Unit.KILOGRAMS), q(0.1, Unit.KILOGRAMS));
        assertThat(disc.problems()).isEmpty();
        assertThat(disc.massKg()).isCloseTo(7.3, within(1e-9));
        // 0.1·√2/√12
        assertThat(disc.uncertaintyKg()).isCloseTo(0.040825, within(1e-6));
        assertThat(fields(new Weighing(q(74, Unit.KILOGRAMS), q(81, Unit.KILOGRAMS), q(0, Unit.POUNDS)).problems()))
                .containsExactly("step");
        assertThat(fields(new Weighing(q(74, Unit.KILOGRAMS), q(81, Unit.KILOGRAMS), q(1, Unit.POUNDS)).problems()))
                .containsExactly("with");
    }

    private static Part weighed(double kg, double uncertaintyKg) {
        return new Part(
                "pads of %s kg".formatted(kg),
                Part.Condition.BEDDED,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                Map.of(PartField.MASS, q(kg, Unit.KILOGRAMS)),
                Map.of(PartField.MASS, q(uncertaintyKg, Unit.KILOGRAMS)));
    }

    @Test
    void theMassDifferenceHasAPlusMinusWhenEveryPartWasWeighedWithOne() {
        ConfigurationSpec a = new ConfigurationSpec(Map.of(Slot.PADS_FRONT, weighed(1.2, 0.003)), Map.of());
        ConfigurationSpec b = new ConfigurationSpec(Map.of(Slot.PADS_FRONT, weighed(1.5, 0.004)), Map.of());
        assertThat(Difference.between(a, b).massUncertaintyKg().value()).isCloseTo(0.005, within(1e-12));
        assertThat(Difference.between(STOCK, b).massUncertaintyKg().reason()).contains("was not entered");
        assertThat(fields(new ConfigurationSpec(Map.of(Slot.PADS_FRONT, weighed(1.2, 2)), Map.of()).problems()))
                .containsExactly("parts.PADS_FRONT.uncertainties.MASS");
    }

    private static VehicleSpec motorcycle(Map<VehicleField, Quantity> figures) {
        return new VehicleSpec(
                VehicleSpec.Kind.MOTORCYCLE,
                VehicleSpec.BrakeKind.DISC,
                VehicleSpec.BrakeKind.DISC,
                true,
                false,
                false,
                figures,
                Map.of());
    }

    @Test
    void aMotorcycleHasItsOwnDiscsChecksAndEndOfTheIdealShare() {
        VehicleSpec two = motorcycle(Map.of(
                VehicleField.FRONT_DISCS, q(2, Unit.ONE),
                VehicleField.FRONT_SHARE_LADEN, q(50, Unit.PERCENT),
                VehicleField.CG_HEIGHT, q(0.62, Unit.METRES),
                VehicleField.WHEELBASE, q(1.4, Unit.METRES)));
        assertThat(two.discs(true)).isEqualTo(2);
        assertThat(two.discs(false)).isEqualTo(1);
        assertThat(motorcycle(Map.of()).discs(true)).isEqualTo(1);
        assertThat(car(Map.of()).discs(true)).isEqualTo(2);
        Outlook outlook = Outlook.of(two, VehicleSpec.Load.LADEN);
        assertThat(outlook.ideal()).allMatch(i -> i.share() <= 1 + 1e-12);
        assertThat(outlook.rearLiftsMps2().value()).isCloseTo(11.07, within(0.005));
        assertThat(FittingCheck.of(VehicleSpec.Kind.MOTORCYCLE)).contains(FittingCheck.LEVER_FREE_PLAY);
        assertThat(FittingCheck.of(VehicleSpec.Kind.CAR))
                .doesNotContain(FittingCheck.LEVER_FREE_PLAY)
                .contains(FittingCheck.BLED);
    }

    @Test
    void aSpraysLiquidAndThatItIsOnAreOneFactor() {
        ConfigurationSpec dry = new ConfigurationSpec(Map.of(), Map.of(BrakeSwitch.COOLING_SPRAY, false));
        ConfigurationSpec wet = new ConfigurationSpec(
                Map.of(Slot.SPRAY_LIQUID, part("water with a third of glycol", Map.of())),
                Map.of(BrakeSwitch.COOLING_SPRAY, true));
        Difference d = Difference.between(dry, wet);
        assertThat(d.changes()).hasSize(2);
        assertThat(d.factors()).containsExactly("cooling spray");
        assertThat(d.warning()).isEmpty();
        assertThat(d.isSprayOnly()).isTrue();
        assertThat(d.isTreatmentOnly()).isFalse();
        ConfigurationSpec film =
                new ConfigurationSpec(Map.of(Slot.SURFACE_TREATMENT, part("silicone film", Map.of())), Map.of());
        assertThat(Difference.between(new ConfigurationSpec(Map.of(), Map.of()), film)
                        .isTreatmentOnly())
                .isTrue();
    }

    @Test
    void oneDrumDrilledAndThenTurnedIsTwoChangesOfTheSamePart() {
        Part drum = Part.described("cast drum");
        Part drilled = worked(drum, Work.DRILLED);
        Part turned = worked(drum, Work.DRILLED, Work.TURNED);
        Difference first = Difference.between(rear(drum), rear(drilled));
        assertThat(first.changes().get(0).after()).isEqualTo("cast drum, drilled");
        assertThat(first.factors()).containsExactly("discs");
        assertThat(Difference.between(rear(drilled), rear(turned))
                        .changes()
                        .get(0)
                        .after())
                .isEqualTo("cast drum, drilled, turned true");
        assertThat(Difference.between(rear(turned), rear(worked(drum, Work.TURNED, Work.DRILLED)))
                        .changes())
                .isEmpty();
        assertThat(worked(drum, Work.DRILLED).problems(Slot.FLUID, "parts.FLUID"))
                .extracting(FieldProblem::field)
                .containsExactly("parts.FLUID.worked");
    }

    private static Part worked(Part p, Work... done) {
        return new Part(
                p.description(),
                p.condition(),
                p.cost(),
                p.currency(),
                p.since(),
                p.bedding(),
                Set.of(done),
                p.figures(),
                p.uncertainties());
    }

    private static ConfigurationSpec rear(Part drum) {
        return new ConfigurationSpec(Map.of(Slot.DISCS_REAR, drum), Map.of());
    }

    @Test
    void aMotorcyclesDiscsHaveNumbersAndNoSides() {
        VehicleSpec car = VehicleSpec.unknown();
        assertThat(car.discNames().values()).containsExactly("front left", "front right", "rear left", "rear right");
        VehicleSpec one = new VehicleSpec(
                VehicleSpec.Kind.MOTORCYCLE,
                VehicleSpec.BrakeKind.DISC,
                VehicleSpec.BrakeKind.DRUM,
                false,
                false,
                false,
                Map.of(),
                Map.of());
        assertThat(one.discNames().values()).containsExactly("front disc", "rear drum");
        assertThat(one.with(VehicleField.FRONT_DISCS, q(2, Unit.ONE))
                        .discNames()
                        .values())
                .containsExactly("front disc 1", "front disc 2", "rear drum");
    }

    @Test
    void aSmallerCylinderPushesLessAndTravelsMoreAndLeavesTheShareAlone() {
        VehicleSpec car = VehicleSpec.unknown()
                .with(VehicleField.MASS_LADEN, q(1500, Unit.KILOGRAMS))
                .with(VehicleField.TYRE_RADIUS, q(0.3, Unit.METRES))
                .with(VehicleField.FRONT_PISTON_AREA, q(25, Unit.SQUARE_CENTIMETRES))
                .with(VehicleField.REAR_PISTON_AREA, q(10, Unit.SQUARE_CENTIMETRES))
                .with(VehicleField.FRONT_EFFECTIVE_RADIUS, q(120, Unit.MILLIMETRES))
                .with(VehicleField.REAR_EFFECTIVE_RADIUS, q(120, Unit.MILLIMETRES))
                .with(VehicleField.PAD_FRICTION_FRONT, q(0.4, Unit.ONE))
                .with(VehicleField.PAD_FRICTION_REAR, q(0.4, Unit.ONE));
        assertThat(Sizing.of(car, VehicleSpec.Load.LADEN, 8).pushN().reason()).contains("master cylinder");
        VehicleSpec big = car.with(VehicleField.MASTER_CYLINDER, q(20, Unit.MILLIMETRES));
        Sizing now = Sizing.of(big, VehicleSpec.Load.LADEN, 8);
        // 2·1e5·(25e-4 + 10e-4)·0.4·0.12·2/0.3 = 224 N per bar; 12000 N ask for 53.57 bar, on 3.1416 cm² 1683 N.
        assertThat(now.frontShare().value()).isCloseTo(25.0 / 35, within(1e-9));
        assertThat(now.frontBar().value()).isCloseTo(53.571, within(1e-2));
        assertThat(now.pushN().value()).isCloseTo(1683, within(1.0));
        // 2·(2·25 + 2·10) cm² through 0.1 mm are 1.4 cm³.
        assertThat(now.travelM().value()).isCloseTo(4.456e-3, within(1e-5));
        Sizing small = Sizing.of(
                Sizing.with(big, Map.of(VehicleField.MASTER_CYLINDER, q(16, Unit.MILLIMETRES))),
                VehicleSpec.Load.LADEN,
                8);
        assertThat(small.pushN().value() / now.pushN().value()).isCloseTo(0.64, within(1e-9));
        assertThat(small.travelM().value() * 0.64).isCloseTo(now.travelM().value(), within(1e-9));
        Sizing two = Sizing.of(
                big.with(VehicleField.MASTER_CYLINDER_REAR, q(16, Unit.MILLIMETRES)), VehicleSpec.Load.LADEN, 8);
        assertThat(two.frontShare().value())
                .as("a smaller rear cylinder is a higher rear pressure")
                .isCloseTo(25 / (25 + 10 / 0.64), within(1e-9));
        assertThat(Sizing.problems(Map.of(VehicleField.LENGTH, q(4, Unit.METRES))))
                .hasSize(1);
    }
}
