package app.frenum.server.sheet;

import app.frenum.core.people.Who;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.EntryDoubts;
import app.frenum.core.series.HandEntry;
import app.frenum.formats.sheet.CellFault;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.TypedStops;
import app.frenum.server.Raced;
import app.frenum.server.analysis.DecisionRequest;
import app.frenum.server.analysis.StopService;
import app.frenum.server.compare.ComparisonView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads a table of stops while it is typed, and keeps it: all of it, or nothing. */
@Service
@Raced
@Transactional
class SheetService {
    private final GarageService garage;
    private final TestService tests;
    private final StopService stops;
    private final SheetKeeper keeper;
    private final AsIfDriven asIf;

    SheetService(GarageService garage, TestService tests, StopService stops, SheetKeeper keeper, AsIfDriven asIf) {
        this.garage = garage;
        this.tests = tests;
        this.stops = stops;
        this.keeper = keeper;
        this.asIf = asIf;
    }

    /** What a table says, with the verdict that its test would then have. Nothing is kept. */
    @Transactional(readOnly = true)
    SheetReading read(ReadRequest request) {
        TypedStops typed = request.table().read();
        Optional<Quantity> nominal = nominal(request);
        List<SheetStop> readable = typed.rows().stream()
                .filter(r -> r.faults().isEmpty())
                .flatMap(r -> r.stop().stream())
                .toList();
        return new SheetReading(rows(typed, nominal), readable.size(), comparison(request, readable, nominal));
    }

    private Optional<Quantity> nominal(ReadRequest request) {
        return request.testId() != null
                ? Optional.of(tests.test(request.testId()).nominalSpeed())
                : Optional.ofNullable(request.nominalSpeed()).map(q -> new Quantity(q.value(), q.unit()));
    }

    private @Nullable ComparisonView comparison(
            ReadRequest request, List<SheetStop> readable, Optional<Quantity> nominal) {
        boolean nothingYet = readable.isEmpty() && request.testId() == null;
        if (nothingYet || nominal.isEmpty()) {
            return null;
        }
        List<UUID> corrected = request.table().rows().stream()
                .flatMap(r -> Optional.ofNullable(r.corrects()).stream())
                .toList();
        return request.testId() == null
                ? asIf.alone(readable, request.table().configurations(), nominal.get())
                : asIf.beside(request.testId(), readable, corrected);
    }

    private static List<SheetReading.RowReading> rows(TypedStops typed, Optional<Quantity> nominal) {
        List<SheetStop> stops =
                typed.rows().stream().flatMap(r -> r.stop().stream()).toList();
        List<HandEntry> entries = stops.stream().map(SheetStop::entry).toList();
        RepeatedRows repeated = RepeatedRows.of(typed);
        List<List<EntryDoubts.Doubt>> doubts = EntryDoubts.of(entries, nominal.map(Quantity::inside));
        List<SheetReading.RowReading> out = new ArrayList<>();
        int entry = 0;
        for (TypedStops.Row row : typed.rows()) {
            List<SheetReading.Doubted> own = new ArrayList<>();
            if (row.stop().isPresent()) {
                doubts.get(entry).stream().map(SheetService::doubted).forEach(own::add);
                own.addAll(repeated.doubts(entry++));
            }
            out.add(new SheetReading.RowReading(
                    row.stop().map(SheetStop::configuration).orElse(null),
                    row.faults().stream().map(SheetService::fault).toList(),
                    own));
        }
        return out;
    }

    private static SheetReading.Fault fault(CellFault fault) {
        return new SheetReading.Fault(fault.column().orElse(null), fault.problem());
    }

    private static SheetReading.Doubted doubted(EntryDoubts.Doubt doubt) {
        SheetColumn column = switch (doubt.place()) {
            case DISTANCE -> SheetColumn.DISTANCE;
            case TIME -> SheetColumn.TIME;
            case ENTRY_SPEED -> SheetColumn.ENTRY_SPEED;
            case END_TEMPERATURE -> SheetColumn.endTemperature(doubt.wheel().orElseThrow());
            case SECONDS_AFTER_REST -> SheetColumn.SECONDS_AFTER_REST;
        };
        return new SheetReading.Doubted(column, doubt.finding());
    }

    /** Keeps a table, all of it or nothing. Asked again, it answers as before. */
    KeptIn keep(KeepRequest request, Who who) {
        List<Row> rows = readable(request.table());
        if (stops.has(rows.get(0).id())) {
            return new KeptIn(request.testId());
        }
        if (request.newVehicle() != null) {
            garage.add(request.newVehicle().view());
        }
        if (request.newTest() != null) {
            garage.vehicle(request.newTest().vehicleId());
            tests.add(request.newTest());
        }
        TestDefinition test = tests.test(request.testId());
        keeper.keep(
                test,
                rows.stream().map(Row::stop).toList(),
                rows.stream().map(Row::id).toList(),
                request.conditions(),
                name -> List.of(),
                who);
        rows.stream().filter(r -> r.corrects() != null).forEach(r -> strikeOut(r, who));
        return new KeptIn(test.id());
    }

    private record Row(UUID id, SheetStop stop, @Nullable UUID corrects) {}

    private static List<Row> readable(TypedTable table) {
        TypedStops typed = table.read();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < typed.rows().size(); i++) {
            TypedStops.Row read = typed.rows().get(i);
            TypedTable.TypedRow row = table.rows().get(i);
            if (!read.faults().isEmpty()) {
                throw Problem.invalid(
                        "table",
                        "Row %d: %s".formatted(i + 1, read.faults().get(0).problem()));
            }
            read.stop().ifPresent(stop -> rows.add(new Row(row.id(), stop, row.corrects())));
        }
        if (rows.isEmpty()) {
            throw Problem.invalid("table", "There is no stop in the table. Type a distance or a time.");
        }
        return rows;
    }

    /** What was written down wrongly stays to be seen, and counts no more. */
    private void strikeOut(Row row, Who who) {
        UUID request = UUID.nameUUIDFromBytes(("corrects " + row.id()).getBytes(StandardCharsets.UTF_8));
        stops.decide(
                Objects.requireNonNull(row.corrects()),
                who,
                new DecisionRequest(request, true, "written down wrongly; entered anew"));
    }
}
