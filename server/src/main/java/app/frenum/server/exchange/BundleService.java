package app.frenum.server.exchange;

import app.frenum.formats.BadInput;
import app.frenum.formats.bundle.Bundle;
import app.frenum.formats.bundle.Bundle.BundledConfiguration;
import app.frenum.formats.bundle.Bundle.BundledProcedure;
import app.frenum.formats.bundle.Bundle.BundledVehicle;
import app.frenum.formats.bundle.BundleFile;
import app.frenum.server.Raced;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.plan.ProcedureView;
import app.frenum.server.problem.Problem;
import app.frenum.server.verdict.VerdictService;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes all vehicles, configurations, own procedures and signed verdicts as a bundle, and brings one in: all of it or
 * nothing. Verdicts are held against their checksums and stay in the file: their stops are in a test elsewhere. What is
 * here already and the same is left; what is here and differs is refused, unless the bundle comes in as copies.
 */
@Service
@Raced
@Transactional
public class BundleService {
    private static final int LARGEST = 10 * 1024 * 1024;

    private final GarageService garage;
    private final ProcedureService procedures;
    private final VerdictService verdicts;

    BundleService(GarageService garage, ProcedureService procedures, VerdictService verdicts) {
        this.garage = garage;
        this.procedures = procedures;
        this.verdicts = verdicts;
    }

    @Transactional(readOnly = true)
    public Bundle bundle() {
        return Bundle.of(
                garage.vehicles().stream().map(BundleService::bundled).toList(),
                garage.configurations().stream()
                        .sorted(Comparator.comparingInt(ConfigurationView::edition))
                        .map(BundleService::bundled)
                        .toList(),
                procedures.procedures().stream()
                        .filter(p -> !p.builtIn())
                        .map(BundleService::bundled)
                        .toList(),
                verdicts.files());
    }

    public BroughtIn bringIn(byte[] bytes, boolean asCopies) throws BadInput {
        if (bytes.length > LARGEST) {
            throw Problem.tooLarge("A bundle may have 10 MB. Take signed verdicts, vehicles or procedures out of it.");
        }
        BundleFile.Reading reading = BundleFile.read(new ByteArrayInputStream(bytes));
        if (!reading.problems().isEmpty()) {
            throw Problem.invalid(reading.problems());
        }
        Bundle bundle = reading.bundle().orElseThrow();
        return add(asCopies ? Copies.of(bundle) : bundle);
    }

    private BroughtIn add(Bundle bundle) {
        BroughtIn result = new BroughtIn(new ArrayList<>(), new ArrayList<>());
        List<String> different = new ArrayList<>();
        Map<UUID, Object> here = here();
        for (BundledVehicle v : bundle.vehicles()) {
            if (isNew(here.get(v.id()), v, v.name(), result, different)) {
                garage.add(new VehicleView(v.id(), v.name(), v.description(), v.spec(), 0));
            }
        }
        for (BundledConfiguration c : bundle.configurations()) {
            if (isNew(here.get(c.id()), c, c.name(), result, different)) {
                garage.bringIn(view(c));
            }
        }
        for (BundledProcedure p : bundle.procedures()) {
            if (isNew(here.get(p.id()), p, p.procedure().name(), result, different)) {
                procedures.save(new ProcedureView(p.id(), p.procedure(), false, 0));
            }
        }
        if (!different.isEmpty()) {
            throw Problem.conflict(
                    "Nothing was brought in: %s stand here too, with other figures. Bring the bundle in as copies."
                            .formatted(String.join(", ", different)));
        }
        return result;
    }

    private static boolean isNew(
            @Nullable Object known, Object brought, String name, BroughtIn result, List<String> different) {
        if (known == null) {
            result.added().add(name);
        } else if (known.equals(brought)) {
            result.alreadyHere().add(name);
        } else {
            different.add(name);
        }
        return known == null;
    }

    private Map<UUID, Object> here() {
        Bundle now = bundle();
        Map<UUID, Object> all = new HashMap<>();
        now.vehicles().forEach(v -> all.put(v.id(), v));
        now.configurations().forEach(c -> all.put(c.id(), c));
        now.procedures().forEach(p -> all.put(p.id(), p));
        return all;
    }

    private static BundledVehicle bundled(VehicleView v) {
        return new BundledVehicle(v.id(), v.name(), v.description(), v.spec());
    }

    private static BundledConfiguration bundled(ConfigurationView c) {
        return new BundledConfiguration(
                c.id(),
                c.vehicleId(),
                c.name(),
                c.changed(),
                c.edition(),
                Optional.ofNullable(c.replacesId()),
                c.spec(),
                c.fitting());
    }

    private static ConfigurationView view(BundledConfiguration c) {
        return new ConfigurationView(
                c.id(),
                c.vehicleId(),
                c.name(),
                c.changed(),
                c.edition(),
                c.replacesId().orElse(null),
                c.spec(),
                c.fitting(),
                false,
                0);
    }

    private static BundledProcedure bundled(ProcedureView p) {
        return new BundledProcedure(p.id(), p.procedure());
    }

    /** The same under other ids and names, made from the old ones: brought in twice, it is there once. */
    private static final class Copies {
        private static final String SUFFIX = ", copy";

        static Bundle of(Bundle b) {
            return Bundle.of(
                    b.vehicles().stream()
                            .map(v -> new BundledVehicle(id(v.id()), v.name() + SUFFIX, v.description(), v.spec()))
                            .toList(),
                    b.configurations().stream().map(Copies::of).toList(),
                    b.procedures().stream()
                            .map(p -> new BundledProcedure(
                                    id(p.id()),
                                    p.procedure().named(p.procedure().name() + SUFFIX)))
                            .toList(),
                    b.verdicts());
        }

        private static BundledConfiguration of(BundledConfiguration c) {
            return new BundledConfiguration(
                    id(c.id()),
                    id(c.vehicleId()),
                    c.name(),
                    c.changed(),
                    c.edition(),
                    c.replacesId().map(Copies::id),
                    c.spec(),
                    c.fitting());
        }

        private static UUID id(UUID of) {
            return UUID.nameUUIDFromBytes(("copy of " + of).getBytes(StandardCharsets.UTF_8));
        }
    }
}
