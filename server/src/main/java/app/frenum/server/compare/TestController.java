package app.frenum.server.compare;

import app.frenum.formats.sheet.StopSheetWriter;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.Expectation;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestRequest;
import app.frenum.server.plan.TestService;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.StringWriter;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/tests")
class TestController {
    private final TestService tests;
    private final GarageService garage;
    private final StopReader stops;
    private final PlanService plans;
    private final ComparisonService comparisons;
    private final TestListService list;
    private final GuessRecord guesses;
    private final PooledService pooled;
    private final FactorsService factors;

    TestController(
            TestService tests,
            GarageService garage,
            StopReader stops,
            PlanService plans,
            ComparisonService comparisons,
            TestListService list,
            GuessRecord guesses,
            PooledService pooled,
            FactorsService factors) {
        this.tests = tests;
        this.garage = garage;
        this.stops = stops;
        this.plans = plans;
        this.comparisons = comparisons;
        this.list = list;
        this.guesses = guesses;
        this.pooled = pooled;
        this.factors = factors;
    }

    @Does(Deed.READS)
    @GetMapping
    List<TestSummary> list() {
        return list.list();
    }

    @Does(Deed.RECORDS)
    @PostMapping
    TestDefinition add(@Valid @RequestBody TestRequest request) {
        garage.vehicle(request.vehicleId());
        return tests.add(request);
    }

    @Does(Deed.READS)
    @GetMapping("/{id}")
    TestDetail test(@PathVariable UUID id) {
        TestDefinition test = tests.test(id);
        List<SeriesView> series = tests.seriesOf(id);
        Map<UUID, ConfigurationView> byId = garage.byId(
                series.stream().map(SeriesView::configurationId).distinct().toList());
        List<ConfigurationView> ordered = series.stream()
                .map(SeriesView::configurationId)
                .distinct()
                .map(byId::get)
                .toList();
        VehicleView vehicle = garage.vehicle(test.vehicleId());
        Expectation expected = plans.expectation(id).orElse(null);
        return new TestDetail(
                test,
                vehicle,
                ordered,
                series,
                stops.stopsOf(id),
                vehicle.spec().discNames(),
                expected,
                expected == null ? null : guesses.of(expected.by()));
    }

    /** All stops as an open stop sheet. */
    @Does(Deed.READS)
    @GetMapping(value = "/{id}/stops.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> sheet(@PathVariable UUID id) throws IOException {
        StringWriter csv = new StringWriter();
        Map<UUID, String> names = test(id).configurations().stream()
                .collect(Collectors.toMap(ConfigurationView::id, ConfigurationView::name));
        StopSheetWriter.write(stops.sheetOf(id, names), csv);
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"stops.csv\"")
                .body(csv.toString());
    }

    /** Which part did it, over everything that was driven like this test. */
    @Does(Deed.READS)
    @GetMapping("/{id}/factors")
    FactorsView factors(@PathVariable UUID id) {
        return factors.of(id);
    }

    /** The same two configurations on all days that they were driven. */
    @Does(Deed.READS)
    @GetMapping("/{id}/days")
    PooledView days(
            @PathVariable UUID id, @RequestParam UUID candidate, @RequestParam(required = false) UUID baseline) {
        return pooled.of(id, baseline, candidate);
    }

    @Does(Deed.READS)
    @GetMapping("/{id}/comparison")
    ComparisonView comparison(
            @PathVariable UUID id,
            @RequestParam(required = false) UUID baseline,
            @RequestParam(defaultValue = "false") boolean includeStruckOut) {
        return comparisons.compare(id, baseline, includeStruckOut);
    }
}
