package app.frenum.formats.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.garage.BeddingIn;
import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.Part;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.Cycle;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.BadInput;
import app.frenum.formats.bundle.Bundle.BundledConfiguration;
import app.frenum.formats.bundle.Bundle.BundledProcedure;
import app.frenum.formats.bundle.Bundle.BundledVehicle;
import app.frenum.formats.signature.SigningKey;
import app.frenum.formats.verdict.FrozenSide;
import app.frenum.formats.verdict.FrozenVerdict;
import app.frenum.formats.verdict.SignedAs;
import app.frenum.formats.verdict.VerdictFile;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BundleFileTest {
    private static final SigningKey KEY = SigningKey.generate();

    private static final UUID CAR = new UUID(1, 1);

    private static BundleFile.Reading read(String text) throws BadInput {
        return BundleFile.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    private static List<String> places(String text) throws BadInput {
        return read(text).problems().stream().map(FieldProblem::field).toList();
    }

    /** The highest value that is possible, in the usual unit. */
    private static Quantity highest(Bounds b) {
        return new Quantity(b.usual().fromInside((b.low() + b.high()) / 2), b.usual());
    }

    private static <F extends Enum<F>> Map<F, Quantity> all(Class<F> fields, Function<F, Bounds> bounds) {
        return Arrays.stream(fields.getEnumConstants())
                .collect(Collectors.toMap(
                        Function.identity(), f -> highest(bounds.apply(f)), (a, b) -> a, () -> new EnumMap<>(fields)));
    }

    private static Quantity q(double x, Unit unit) {
        return new Quantity(x, unit);
    }

    private static Part part(Slot slot) {
        Map<PartField, Quantity> figures = new EnumMap<>(PartField.class);
        Stream.concat(Stream.of(PartField.MASS, PartField.HOURS), slot.own().stream())
                .forEach(f -> figures.put(f, highest(f.bounds())));
        return new Part(
                "part for the " + slot.label() + " <b>\"é\" 制動",
                Part.Condition.NEW,
                Optional.of(12.5),
                Optional.of("CHF"),
                Optional.of(LocalDate.of(2026, 4, 3)),
                Optional.of(new BeddingIn(
                        3,
                        q(80, Unit.MILES_PER_HOUR),
                        q(30, Unit.KNOTS),
                        q(40, Unit.SECONDS),
                        q(5, Unit.MINUTES),
                        true)),
                Set.of(),
                figures,
                Map.of(PartField.MASS, q(3, Unit.POUNDS)));
    }

    private static Phase phase(Phase.Kind kind, BrakeSystem system) {
        boolean snub = kind == Phase.Kind.SNUB;
        return new Phase(
                kind + " " + system,
                kind,
                q(90, Unit.KILOMETRES_PER_HOUR),
                q(snub ? 20 : 0, Unit.KILOMETRES_PER_HOUR),
                Optional.of(snub ? q(200, Unit.NEWTONS) : q(0.6, Unit.STANDARD_GRAVITY)),
                Phase.Gear.IN_GEAR,
                VehicleSpec.Load.LIGHT,
                system,
                Gate.timed(
                        Optional.of(q(60, Unit.CELSIUS)),
                        Optional.of(q(230, Unit.FAHRENHEIT)),
                        Optional.of(q(1, Unit.MINUTES)),
                        Optional.empty()),
                4,
                2,
                true,
                Optional.of(q(2.5, Unit.ONE)),
                false,
                Phase.Whose.OTHERS,
                Optional.empty());
    }

    /** No field at its default, every kind of thing there is. */
    private static Bundle full() {
        Map<Slot, Part> parts =
                Arrays.stream(Slot.values()).collect(Collectors.toMap(Function.identity(), BundleFileTest::part));
        Map<BrakeSwitch, Boolean> switches = Arrays.stream(BrakeSwitch.values())
                .collect(Collectors.toMap(Function.identity(), s -> s == BrakeSwitch.COOLING_SPRAY));
        Map<FittingCheck, String> fitting =
                Arrays.stream(FittingCheck.values()).collect(Collectors.toMap(Function.identity(), c -> "Marshal"));
        List<Phase> phases = new ArrayList<>();
        Arrays.stream(Phase.Kind.values()).forEach(k -> phases.add(phase(k, BrakeSystem.WHOLE)));
        Arrays.stream(BrakeSystem.values()).skip(1).forEach(s -> phases.add(phase(Phase.Kind.STOP, s)));
        return Bundle.of(
                List.of(new BundledVehicle(
                        CAR,
                        "Tarn 2.0",
                        "with kit",
                        new VehicleSpec(
                                VehicleSpec.Kind.TRUCK,
                                VehicleSpec.BrakeKind.DRUM,
                                VehicleSpec.BrakeKind.NONE,
                                false,
                                false,
                                true,
                                all(VehicleField.class, VehicleField::bounds),
                                Map.of(VehicleField.FRONT_DISC_MASS, q(0.04, Unit.KILOGRAMS))))),
                List.of(
                        new BundledConfiguration(
                                new UUID(2, 1),
                                CAR,
                                "All new",
                                List.of("pads", "fluid"),
                                1,
                                Optional.empty(),
                                new ConfigurationSpec(parts, switches),
                                fitting),
                        new BundledConfiguration(
                                new UUID(2, 2),
                                CAR,
                                "All new",
                                List.of(),
                                2,
                                Optional.of(new UUID(2, 1)),
                                ConfigurationSpec.AS_IT_CAME,
                                Map.of())),
                List.of(new BundledProcedure(
                        new UUID(3, 1),
                        new Procedure(
                                "Everything",
                                "of each",
                                phases,
                                Optional.of(new Cycle(0, 3, 100, 10)),
                                EnumSet.allOf(AbortRule.class),
                                List.of(new Procedure.Limit(
                                        "mean deceleration",
                                        true,
                                        q(5.8, Unit.METRES_PER_SECOND_SQUARED),
                                        "local code",
                                        Optional.of("STOP WHOLE"))),
                                List.of("hot"),
                                Procedure.RunBy.BRAKE_ENGINEER,
                                List.of("chalk")))),
                List.of(signed()));
    }

    private static String signed() {
        FrozenSide side =
                new FrozenSide("A", DistanceBasis.ONSET_TO_REST, 25.0, null, Map.of(), Set.of(), 0.01, List.of());
        return VerdictFile.sign(
                new FrozenVerdict(
                        FrozenVerdict.FORMAT,
                        FrozenVerdict.VERSION,
                        "Which stops shorter?",
                        "Tarn 2.0",
                        1,
                        false,
                        0,
                        List.of(side, side),
                        1,
                        FrozenVerdict.figures(
                                List.of(side.thawed(), side.thawed()), 1, new Margin(1, false), Look.COMPLETE),
                        1,
                        1,
                        "Marshal",
                        "2026-06-20T16:00:00Z",
                        new SignedAs("OWNER", FrozenVerdict.RULES, "bench")),
                KEY);
    }

    @Test
    void aVerdictThatIsNotWhatWasSignedIsRefusedAndStillShownToWhoeverVerifies() throws BadInput {
        Bundle bundle = Bundle.of(List.of(), List.of(), List.of(), List.of(signed()));
        String tampered = BundleFile.write(bundle).replace("Which stops shorter?", "Which is the best?");
        assertThat(read(tampered).problems())
                .singleElement()
                .satisfies(p -> assertThat(p.field()).isEqualTo("verdicts.0"));
        assertThat(BundleFile.verdicts(tampered.getBytes(StandardCharsets.UTF_8))
                        .orElseThrow())
                .hasSize(1);
        assertThat(BundleFile.verdicts(signed().getBytes(StandardCharsets.UTF_8)))
                .as("a verdict alone is no bundle")
                .isEmpty();
    }

    @Test
    void whatIsWrittenIsReadBackWithoutLoss() throws BadInput {
        BundleFile.Reading back = read(BundleFile.write(full()));
        assertThat(back.problems()).isEmpty();
        assertThat(back.bundle()).contains(full());
        assertThat(BundleFile.write(back.bundle().orElseThrow())).isEqualTo(BundleFile.write(full()));
    }

    @Test
    void theSchemaKnowsEveryWordOfTheCore() {
        String schema = BundleFile.schema();
        Stream.of(Unit.values(), VehicleField.values(), PartField.values(), Slot.values(), AbortRule.values())
                .flatMap(Arrays::stream)
                .forEach(word -> assertThat(schema).contains("\"" + word.name() + "\""));
    }

    @Test
    void aBundleMayHoldOnlyOneThing() throws BadInput {
        assertThat(read("{\"format\": \"frenum-bundle\", \"version\": 1}").bundle())
                .contains(Bundle.of(List.of(), List.of(), List.of(), List.of()));
    }

    @Test
    void everythingWrongIsNamedByItsPlace() throws BadInput {
        String good = BundleFile.write(full());
        assertThat(places(good.replaceFirst("\"KILOGRAMS\"", "\"STONES\"")))
                .singleElement()
                .asString()
                .startsWith("vehicles.0.spec.figures.");
        assertThat(places(good.replaceFirst("\"edition\" : 1", "\"edition\" : \"first\"")))
                .containsExactly("configurations.0.edition");
        assertThat(places(good.replace("\"kind\" : \"TRUCK\"", "\"kind\" : \"TRUCK\", \"wheels\" : 6")))
                .containsExactly("vehicles.0.spec");
        assertThat(places("{\"format\": \"other\", \"version\": 2}")).containsExactlyInAnyOrder("format", "version");
        assertThat(places("[1, 2]")).isNotEmpty();
    }

    @Test
    void theRulesOfTheCoreHoldInABundleToo() throws BadInput {
        String good = BundleFile.write(full());
        assertThat(places(good.replaceFirst("\"repeats\" : 4", "\"repeats\" : 0")))
                .containsExactly("procedures.0.procedure.phases.0.repeats");
        assertThat(places(good.replace(
                        CAR.toString() + "\",\n    \"name\" : \"Tarn", new UUID(9, 9) + "\",\n    \"name\" : \"Tarn")))
                .containsExactly("configurations.0.vehicleId", "configurations.1.vehicleId");
        assertThat(places(good.replace(new UUID(3, 1).toString(), CAR.toString())))
                .containsExactly("id");
        assertThat(places(good.replaceFirst("\"entered\" : 0.04", "\"entered\" : 1e999")))
                .isNotEmpty();
    }

    @Test
    void whatIsNoJsonIsRefusedWithItsLine() {
        assertThatThrownBy(() -> read("{\n  \"format\": oops\n}"))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("line 2");
    }

    /** Bundles of before figures had a ± are still brought in. */
    @Test
    void whatABundleOfBeforeLeavesOutIsUnknown() throws BadInput {
        String before = """
                {"format": "frenum-bundle", "version": 1, "vehicles": [{"id": "%s", "name": "Estate", "description": "",
                  "spec": {"kind": "CAR", "frontBrake": "DISC", "rearBrake": "DRUM", "antiLock": true, "assist": true,
                    "directionalDiscs": false, "figures": {}}}], "configurations": [], "procedures": []}
                """.formatted(CAR);
        assertThat(places(before)).isEmpty();
        assertThat(read(before).bundle().orElseThrow().vehicles().get(0).spec().uncertainties())
                .isEmpty();
    }
}
