package app.frenum.server.compare;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.Factors;
import app.frenum.core.compare.Side;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.Rehearsals;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which part did it: everything that was driven like a test, over all its tests and vehicles. */
@Service
@Transactional(readOnly = true)
class FactorsService {
    private static final double SAME_SPEED = 0.005;
    private static final String AS_NAMED = "configuration";

    private final TestService tests;
    private final GarageService garage;
    private final ComparisonService comparisons;
    private final Rehearsals rehearsals;

    FactorsService(TestService tests, GarageService garage, ComparisonService comparisons, Rehearsals rehearsals) {
        this.tests = tests;
        this.garage = garage;
        this.comparisons = comparisons;
        this.rehearsals = rehearsals;
    }

    FactorsView of(UUID testId) {
        TestDefinition asked = tests.test(testId);
        Map<UUID, ConfigurationView> configurations =
                garage.configurations().stream().collect(Collectors.toMap(ConfigurationView::id, Function.identity()));
        List<Factors.Series> series = new ArrayList<>();
        Set<String> fitted = new TreeSet<>();
        int taken = 0;
        for (ComparedSides of : alike(asked)) {
            taken++;
            List<ConfigurationView> driven = of.configurationIds().stream()
                    .map(id -> Objects.requireNonNull(configurations.get(id)))
                    .toList();
            boolean onlyNamed = driven.stream()
                    .allMatch(c -> c.spec().levels().isEmpty() && c.changed().isEmpty());
            for (int i = 0; i < of.sides().size(); i++) {
                ConfigurationView c = driven.get(i);
                // Where nobody said of any what was in it, its name is all that tells it from the others.
                Map<String, String> parts =
                        onlyNamed ? Map.of(AS_NAMED, c.label()) : c.spec().levels();
                series.addAll(series(of, of.sides().get(i), c, parts));
                fitted.addAll(c.spec().levels().keySet());
                fitted.addAll(c.changed());
            }
        }
        Factors factors = Factors.of(series, fitted, asked(testId));
        return new FactorsView(
                series.size(),
                taken,
                factors.sentences(),
                factors.missing().map(m -> between(m, configurations)).orElse(null));
    }

    /** The configurations of the test itself. */
    private Set<String> asked(UUID testId) {
        return comparisons.sides(testId, null, false, null).configurationIds().stream()
                .map(UUID::toString)
                .collect(Collectors.toSet());
    }

    private List<ComparedSides> alike(TestDefinition asked) {
        Set<UUID> rehearsed = rehearsals.rehearsed();
        return tests.tests().stream()
                .filter(t -> !rehearsed.contains(t.id()))
                .filter(t -> Math.abs(
                                t.nominalSpeed().inside() / asked.nominalSpeed().inside() - 1)
                        < SAME_SPEED)
                .map(t -> comparisons.sides(t.id(), null, false, null))
                .filter(s -> !s.sides().isEmpty() && s.sides().stream().allMatch(side -> side.basis() == asked.basis()))
                .toList();
    }

    /** Stops of one configuration that were driven under other conditions tell of those, and are series of their own. */
    private static List<Factors.Series> series(
            ComparedSides of, Side side, ConfigurationView c, Map<String, String> parts) {
        return side.stops().stream()
                .filter(ComparedStop::counts)
                .collect(Collectors.groupingBy(
                        s -> conditions(s.circumstances()), LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(alike -> {
                    Map<String, String> levels = new TreeMap<>(parts);
                    // What was only said to have changed is another level of its own.
                    c.changed().forEach(f -> levels.putIfAbsent(f, "changed in " + c.label()));
                    levels.put(Factors.VEHICLE, of.vehicle());
                    levels.put("day", of.test().drivenOn().toString());
                    levels.putAll(alike.getKey());
                    double[] values = alike.getValue().stream()
                            .mapToDouble(s -> s.value().value())
                            .toArray();
                    return new Factors.Series(c.id().toString(), c.label(), levels, values);
                })
                .toList();
    }

    private static Map<String, String> conditions(ComparedStop.Circumstances c) {
        Map<String, String> levels = new TreeMap<>();
        c.surface().ifPresent(s -> levels.put("surface", s));
        c.tyres().ifPresent(t -> levels.put("tyres warm or cold", t));
        c.load().ifPresent(l -> levels.put("load", l));
        c.driver().ifPresent(d -> levels.put("who drove", d));
        return levels;
    }

    private static FactorsView.Between between(Factors.Missing m, Map<UUID, ConfigurationView> configurations) {
        ConfigurationView with = Objects.requireNonNull(
                configurations.get(UUID.fromString(m.with().key())));
        return new FactorsView.Between(with.vehicleId(), with.id(), UUID.fromString(m.of().key()), m.factor());
    }
}
