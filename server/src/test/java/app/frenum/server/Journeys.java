package app.frenum.server;

import app.frenum.server.demo.DemoScenario;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/** What tests say often: a new test, its files, and how they are saved. */
public final class Journeys {
    private Journeys() {}

    /** A simulated log of nine stops as bought, written once per run. */
    public static final Path AS_BOUGHT = written("as-bought.csv", DemoScenario::writeAsBought);
    /** A simulated log of nine stops with other pads and fluid. */
    public static final Path PADS_AND_FLUID = written("pads-and-fluid.csv", DemoScenario::writePadsAndFluid);
    /** A simulated log of twelve stops one after another, and a long cool-down. */
    public static final Path FADE = written("fade.csv", DemoScenario::writeFadeAsBought);
    /** A simulated track log: six laps of four corners. */
    public static final Path LAPS = written("laps.csv", DemoScenario::writeLaps);
    /** A sheet of two configurations, five stops each. */
    public static final Path SHEET = written("sheet.csv", DemoScenario::writeOlderSheet);

    private interface Writer {
        void write(Path to) throws IOException;
    }

    private static Path written(String name, Writer writer) {
        try {
            Path file = Files.createTempDirectory("frenum-journeys-").resolve(name);
            writer.write(file);
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A request that makes a vehicle and a test and puts nine stops into one configuration. */
    public static Map<String, Object> saveToNewTest(UUID testId, String configuration) {
        UUID vehicle = UUID.randomUUID();
        return Map.of(
                "testId", testId,
                "newVehicle", Map.of("id", vehicle, "name", "Estate " + vehicle, "description", ""),
                "newTest",
                        Map.of(
                                "id",
                                testId,
                                "vehicleId",
                                vehicle,
                                "question",
                                "Does it stop shorter?",
                                "lane",
                                "Marrow Flats",
                                "nominalSpeed",
                                Map.of("value", 90, "unit", "KILOMETRES_PER_HOUR"),
                                "basis",
                                "ONSET_TO_REST",
                                "marginSize",
                                1.0,
                                "marginOfBaseline",
                                false,
                                "drivenOn",
                                "2026-06-20"),
                "placements", placed(9, configuration),
                "conditions", Map.of("surface", "dry"));
    }

    /** A request that adds nine stops of another configuration to a test that is there. */
    public static Map<String, Object> saveTo(UUID testId, String configuration) {
        return Map.of("testId", testId, "placements", placed(9, configuration), "conditions", Map.of("surface", "dry"));
    }

    /** The first so many stops of a log, of one configuration. */
    public static List<Map<String, Object>> placed(int stops, String configuration) {
        return IntStream.rangeClosed(1, stops)
                .mapToObj(i -> Map.<String, Object>of(
                        "stop", i, "configuration", configuration, "changed", List.of(), "block", 1))
                .toList();
    }

    /** A vehicle as bought and nothing else known of it. */
    public static void vehicle(RunningServer server, UUID vehicle, UUID configuration) {
        server.post("/api/vehicles", Map.of("id", vehicle, "name", "Estate " + vehicle, "description", ""));
        server.post(
                "/api/configurations",
                Map.of("id", configuration, "vehicleId", vehicle, "name", "As bought", "changed", List.of()));
    }

    /** A test of a vehicle, from 90 km/h, with no stops yet; its id. */
    public static UUID test(RunningServer server, UUID vehicle, String question) {
        UUID id = UUID.randomUUID();
        Map<String, Object> asked = new HashMap<>(Map.of(
                "id",
                id,
                "vehicleId",
                vehicle,
                "question",
                question,
                "lane",
                "",
                "nominalSpeed",
                Map.of("value", 90, "unit", "KILOMETRES_PER_HOUR"),
                "basis",
                "ONSET_TO_REST",
                "marginSize",
                1,
                "marginOfBaseline",
                false,
                "drivenOn",
                "2026-06-01"));
        asked.put("grade", null);
        if (server.post("/api/tests", asked).status() != 200) {
            throw new IllegalStateException("the test was not taken");
        }
        return id;
    }

    public static Map<String, Object> q(double entered, String unit) {
        return Map.of("entered", entered, "unit", unit);
    }

    /** A plan of straight stops from 90 km/h with a return to the baseline, to be changed where a test cares. */
    public static Map<String, Object> plan(Object vehicle, List<?> configurations, Object procedure, Object lane) {
        Map<String, Object> plan = new HashMap<>();
        plan.put("vehicleId", vehicle);
        plan.put("load", "LADEN");
        plan.put("configurationIds", configurations);
        plan.put("procedureId", procedure);
        plan.put("laneId", lane);
        plan.put("speed", q(90, "KILOMETRES_PER_HOUR"));
        plan.put("margin", q(1, "METRES"));
        plan.put("stopsEach", 8);
        plan.put("order", "A_B_A");
        plan.put("seed", 7);
        plan.put("slot", q(4, "HOURS"));
        plan.put("ambient", q(15, "CELSIUS"));
        plan.put("fitting", q(60, "MINUTES"));
        plan.put("turnRound", q(60, "SECONDS"));
        plan.put("expectedStop", null);
        plan.put("limit", null);
        plan.put("beddedBefore", true);
        return plan;
    }
}
