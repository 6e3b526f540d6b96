package app.frenum.formats.bundle;

import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.FittingCheck;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.formats.BadInput;
import app.frenum.formats.verdict.VerdictFile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a bundle holds.
 *
 * @param format always {@link #FORMAT}
 * @param version always {@link #VERSION}
 * @param configurations of its own vehicles, earlier editions before later ones
 * @param verdicts signed ones, each the whole file that it was signed as, so that its checksum holds
 */
public record Bundle(
        String format,
        int version,
        List<BundledVehicle> vehicles,
        List<BundledConfiguration> configurations,
        List<BundledProcedure> procedures,
        List<String> verdicts) {
    public static final String FORMAT = "frenum-bundle";
    public static final int VERSION = 1;

    public Bundle {
        // A bundle may leave a list out.
        vehicles = List.copyOf(Objects.requireNonNullElse(vehicles, List.of()));
        configurations = List.copyOf(Objects.requireNonNullElse(configurations, List.of()));
        procedures = List.copyOf(Objects.requireNonNullElse(procedures, List.of()));
        verdicts = List.copyOf(Objects.requireNonNullElse(verdicts, List.of()));
    }

    /** A vehicle as the garage keeps it. */
    public record BundledVehicle(UUID id, String name, String description, VehicleSpec spec) {}

    /**
     * A configuration as the garage keeps it.
     *
     * @param replacesId the edition before
     */
    public record BundledConfiguration(
            UUID id,
            UUID vehicleId,
            String name,
            List<String> changed,
            int edition,
            Optional<UUID> replacesId,
            ConfigurationSpec spec,
            Map<FittingCheck, String> fitting) {
        public BundledConfiguration {
            fitting = fitting.isEmpty() ? Map.of() : new EnumMap<>(fitting);
        }
    }

    /** A person's own procedure. */
    public record BundledProcedure(UUID id, Procedure procedure) {}

    public static Bundle of(
            List<BundledVehicle> vehicles,
            List<BundledConfiguration> configurations,
            List<BundledProcedure> procedures,
            List<String> verdicts) {
        return new Bundle(FORMAT, VERSION, vehicles, configurations, procedures, verdicts);
    }

    /** Everything that the schema cannot tell: figures out of bounds, contradictions, entries that are not there. */
    List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        for (int i = 0; i < vehicles.size(); i++) {
            add(vehicles.get(i).spec().problems(), "vehicles." + i + ".spec.", found);
        }
        Set<UUID> known = vehicles.stream().map(BundledVehicle::id).collect(Collectors.toSet());
        Set<UUID> earlier = new HashSet<>();
        for (int i = 0; i < configurations.size(); i++) {
            BundledConfiguration c = configurations.get(i);
            String at = "configurations." + i + ".";
            add(c.spec().problems(), at + "spec.", found);
            if (!known.contains(c.vehicleId())) {
                found.add(new FieldProblem(at + "vehicleId", "No vehicle in this file has this id; add the vehicle."));
            }
            if (c.replacesId().filter(r -> !earlier.contains(r)).isPresent()) {
                found.add(new FieldProblem(
                        at + "replacesId", "The edition it replaces must stand before it in this file."));
            }
            earlier.add(c.id());
        }
        for (int i = 0; i < procedures.size(); i++) {
            add(procedures.get(i).procedure().problems(), "procedures." + i + ".procedure.", found);
        }
        for (int i = 0; i < verdicts.size(); i++) {
            if (!isUnaltered(verdicts.get(i))) {
                found.add(new FieldProblem(
                        "verdicts." + i, "It is not what was signed: something of it was changed since. Take it out."));
            }
        }
        repeated().ifPresent(id -> found.add(new FieldProblem("id", "Two entries have the id %s.".formatted(id))));
        return found;
    }

    private static boolean isUnaltered(String verdict) {
        try {
            return VerdictFile.read(new ByteArrayInputStream(verdict.getBytes(StandardCharsets.UTF_8)))
                    .isUnaltered();
        } catch (BadInput | IOException e) {
            return false;
        }
    }

    private Optional<UUID> repeated() {
        Set<UUID> seen = new HashSet<>();
        return Stream.of(
                        vehicles.stream().map(BundledVehicle::id),
                        configurations.stream().map(BundledConfiguration::id),
                        procedures.stream().map(BundledProcedure::id))
                .flatMap(ids -> ids)
                .filter(id -> !seen.add(id))
                .findFirst();
    }

    private static void add(List<FieldProblem> own, String path, List<FieldProblem> found) {
        own.forEach(p -> found.add(new FieldProblem(path + p.field(), p.message())));
    }
}
