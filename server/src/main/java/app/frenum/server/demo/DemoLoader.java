package app.frenum.server.demo;

import app.frenum.core.compare.Guess;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.BadInput;
import app.frenum.server.FrenumProperties;
import app.frenum.server.analysis.DecisionRequest;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopService;
import app.frenum.server.analysis.StopView;
import app.frenum.server.device.DeviceKind;
import app.frenum.server.device.DeviceService;
import app.frenum.server.device.DeviceView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.intake.ImportService;
import app.frenum.server.intake.SaveRequest;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.EnteredQuantity;
import app.frenum.server.plan.ExpectationRequest;
import app.frenum.server.plan.LaneService;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.TestRequest;
import app.frenum.server.plan.TestService;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Brings the demo's files in by the same door as everybody's, when the database is empty. */
@Component
class DemoLoader implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final Who BY = new Who("Test marshal");
    private static final UUID VEHICLE = UUID.nameUUIDFromBytes(new byte[] {1});
    private static final UUID LOGGED_TEST = UUID.nameUUIDFromBytes(new byte[] {2});
    private static final UUID TAPE_TEST = UUID.nameUUIDFromBytes(new byte[] {3});
    /** The stand-in's devices, by the last letter of their codes. */
    private static final Map<String, DeviceView> STANDINS = Map.of(
            "M", standin(4, "Mast at Marrow Flats", DeviceKind.WEATHER_MAST),
            "L", standin(5, "Logger in the estate", DeviceKind.LOGGER),
            "T", standin(6, "Thermometer gun", DeviceKind.THERMOMETER),
            "R", standin(7, "Roller tester in the shed", DeviceKind.ROLLER_TESTER));

    private static final UUID FADE_TEST = UUID.nameUUIDFromBytes(new byte[] {8});
    private static final int EARLY_STOP = 3;
    private static final UUID LAPS_TEST = UUID.nameUUIDFromBytes(new byte[] {9});

    private static final int FADE_STOPS = 12;
    private static final LocalDate PADS_DAY = LocalDate.of(2026, 6, 20);
    private static final LocalDate FADE_DAY = LocalDate.of(2026, 6, 27);
    private static final LocalDate LAPS_DAY = LocalDate.of(2026, 7, 4);

    private final FrenumProperties properties;
    private final TestService tests;
    private final StopService stops;
    private final StopReader reader;
    private final ImportService imports;
    private final GarageService garage;
    private final LaneService lanes;
    private final PlanService plans;
    private final DeviceService devices;
    private final DemoDiscs readDiscs;
    private final DemoTrials trials;
    private final DemoPeople people;
    private volatile boolean filling;

    DemoLoader(
            FrenumProperties properties,
            TestService tests,
            StopService stops,
            StopReader reader,
            ImportService imports,
            GarageService garage,
            LaneService lanes,
            PlanService plans,
            DeviceService devices,
            DemoDiscs readDiscs,
            DemoTrials trials,
            DemoPeople people) {
        this.properties = properties;
        this.tests = tests;
        this.stops = stops;
        this.reader = reader;
        this.imports = imports;
        this.garage = garage;
        this.lanes = lanes;
        this.plans = plans;
        this.devices = devices;
        this.readDiscs = readDiscs;
        this.trials = trials;
        this.people = people;
    }

    /** Writes one of the demo's files. */
    private interface FileWriter {
        void write(Path to) throws IOException;
    }

    /** Whether the demo's files are still being brought in. */
    boolean isFilling() {
        return filling;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException, BadInput {
        if (!properties.demo()) {
            return;
        }
        filling = true;
        try {
            fill();
        } finally {
            filling = false;
        }
    }

    private void fill() throws IOException, BadInput {
        if (!properties.standinCode().isBlank()) {
            STANDINS.forEach((code, device) -> devices.add(device, properties.standinCode() + "-" + code));
        }
        people.add();
        if (!tests.tests().isEmpty()) {
            return;
        }
        LOG.info("Loading the demo data");
        garage.add(DemoGarage.vehicle(VEHICLE));
        garage.add(DemoGarage.asBought(VEHICLE));
        garage.add(DemoGarage.padsAndFluid(VEHICLE));
        garage.add(DemoGarage.braidedHoses(VEHICLE));
        lanes.save(DemoGarage.lane());
        TestRequest tape = test(TAPE_TEST, "Do braided hoses stop it shorter?", LocalDate.of(2026, 3, 14));
        bringIn(
                "older-day-by-tape.csv",
                DemoScenario::writeOlderSheet,
                new SaveRequest(
                        TAPE_TEST,
                        null,
                        tape,
                        List.of(new SaveRequest.Placement(1, DemoScenario.BRAIDED_HOSES, List.of("lines"), 1)),
                        Conditions.UNKNOWN));
        tests.add(test(LOGGED_TEST, "Do semi-metallic pads and fresh fluid stop it shorter?", PADS_DAY));
        plans.save(LOGGED_TEST, 0, DemoGarage.plan(VEHICLE));
        plans.seal(
                LOGGED_TEST,
                BY,
                new ExpectationRequest(
                        "", new Guess(Guess.Sense.SHORTER, Optional.of(new Quantity(3, Unit.METRES))), null));
        bringIn(
                "tarn-as-bought.csv",
                DemoScenario::writeAsBought,
                new SaveRequest(
                        LOGGED_TEST,
                        null,
                        null,
                        all(9, DemoScenario.AS_BOUGHT, List.of()),
                        conditions(PADS_DAY, 14, 2.40)));
        bringIn(
                "tarn-pads-and-fluid.csv",
                DemoScenario::writePadsAndFluid,
                new SaveRequest(
                        LOGGED_TEST,
                        null,
                        null,
                        all(9, DemoScenario.PADS_AND_FLUID, List.of("pads", "fluid")),
                        conditions(PADS_DAY, 17, 2.45)));
        strikeOutEarlyBraking();
        trials.of(LOGGED_TEST, configuration(DemoScenario.AS_BOUGHT), configuration(DemoScenario.PADS_AND_FLUID), BY);
        tests.add(test(
                FADE_TEST,
                "Do they fade in twelve stops from 140 km/h?",
                FADE_DAY,
                new EnteredQuantity(140, Unit.KILOMETRES_PER_HOUR)));
        fadeSeries("tarn-fade-as-bought.csv", DemoScenario::writeFadeAsBought, DemoScenario.AS_BOUGHT, List.of());
        fadeSeries(
                "tarn-fade-pads-and-fluid.csv",
                DemoScenario::writeFadePadsAndFluid,
                DemoScenario.PADS_AND_FLUID,
                List.of("pads", "fluid"));
        readDiscs.of(FADE_TEST, BY);
        tests.add(test(LAPS_TEST, "What do laps of the perimeter ask of the front discs?", LAPS_DAY));
        bringIn(
                "tarn-perimeter-laps.csv",
                DemoScenario::writeLaps,
                new SaveRequest(
                        LAPS_TEST,
                        null,
                        null,
                        all(DemoScenario.brakings(), DemoScenario.PADS_AND_FLUID, List.of("pads", "fluid")),
                        conditions(LAPS_DAY, 14, 2.40)));
    }

    private void fadeSeries(String file, FileWriter writer, String configuration, List<String> changed)
            throws IOException, BadInput {
        bringIn(
                file,
                writer,
                new SaveRequest(
                        FADE_TEST,
                        null,
                        null,
                        all(FADE_STOPS, configuration, changed),
                        conditions(FADE_DAY, 14, 2.40)));
    }

    private UUID configuration(String name) {
        return garage.configurations().stream()
                .filter(c -> c.vehicleId().equals(VEHICLE) && c.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static DeviceView standin(int number, String name, DeviceKind kind) {
        return new DeviceView(UUID.nameUUIDFromBytes(new byte[] {(byte) number}), name, kind, null, false, null);
    }

    private static TestRequest test(UUID id, String question, LocalDate day) {
        return test(id, question, day, new EnteredQuantity(90, Unit.KILOMETRES_PER_HOUR));
    }

    private static TestRequest test(UUID id, String question, LocalDate day, EnteredQuantity speed) {
        return new TestRequest(
                id,
                VEHICLE,
                question,
                "Marrow Flats",
                0.001,
                speed,
                DistanceBasis.ONSET_TO_REST,
                1.0,
                false,
                day,
                false);
    }

    private static Conditions conditions(LocalDate day, double ambientC, double tyreBar) {
        return new Conditions(
                day.toString(),
                "Club driver",
                "180 kg kit",
                "dry",
                "west",
                ambientC,
                tyreBar,
                null,
                null,
                ambientC + 9,
                1.2,
                0.58,
                null,
                null);
    }

    private static List<SaveRequest.Placement> all(int stops, String configuration, List<String> changed) {
        return IntStream.rangeClosed(1, stops)
                .mapToObj(i -> new SaveRequest.Placement(i, configuration, changed, 1))
                .toList();
    }

    private void bringIn(String name, FileWriter writer, SaveRequest request) throws IOException, BadInput {
        Path file = Files.createTempFile("frenum-demo-", ".csv");
        UUID id = UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
        try {
            writer.write(file);
            try (InputStream content = Files.newInputStream(file)) {
                imports.stage(id, name, content);
            }
            imports.save(id, BY, request);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private void strikeOutEarlyBraking() {
        UUID last = tests.seriesOf(LOGGED_TEST).get(1).id();
        StopView early = reader.stopsOf(LOGGED_TEST).stream()
                .filter(s -> s.seriesId().equals(last) && s.number() == EARLY_STOP)
                .findFirst()
                .orElseThrow();
        stops.decide(early.id(), BY, new DecisionRequest(UUID.randomUUID(), true, "braked before the cone"));
    }
}
