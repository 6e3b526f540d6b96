package app.frenum.formats.sheet;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.compare.Instrument;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.BadInput;
import app.frenum.formats.MeasuredText;
import app.frenum.formats.NumberText;
import app.frenum.formats.PlainText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

/** One row of a sheet or of a grid, cell by cell; says of every cell what cannot be taken as it is written. */
final class SheetRow {
    private static final int LONGEST_TEXT = 2000;
    private static final List<String> READ_ON = List.of("blackened", "bare", "probe");
    private static final List<String> EFFORTS =
            Arrays.stream(PedalEffort.values()).map(PedalEffort::label).toList();

    private final SheetHeader header;
    private final List<String> cells;
    private final long line;
    private final MeasuredText.Mark mark;
    private final List<CellFault> faults = new ArrayList<>();

    SheetRow(SheetHeader header, List<String> cells, long line, MeasuredText.Mark mark) {
        this.header = header;
        this.cells = cells;
        this.line = line;
        this.mark = mark;
    }

    /** In the order in which they were found. */
    List<CellFault> faults() {
        return faults;
    }

    /**
     * The stop, as far as it can be read; whether it may be kept, {@link #faults} says.
     *
     * @param configurationAbove that a row without one is taken for
     */
    Optional<SheetStop> stop(Optional<String> configurationAbove) {
        Optional<Quantity> distance = quantity(SheetColumn.DISTANCE);
        Optional<Quantity> time = quantity(SheetColumn.TIME);
        Optional<String> configuration = text(SheetColumn.CONFIGURATION).or(() -> configurationAbove);
        if (configuration.isEmpty()) {
            fault(SheetColumn.CONFIGURATION, "The configuration is empty; every stop needs one.");
        }
        if (faults.isEmpty() && distance.isEmpty() && time.isEmpty()) {
            faults.add(new CellFault(Optional.empty(), "There is neither a distance nor a time; one is needed."));
        }
        SheetStop stop = new SheetStop(
                line,
                configuration.orElse(""),
                text(SheetColumn.SERIES),
                number(),
                text(SheetColumn.DATE),
                basis(distance.isPresent()),
                text(SheetColumn.DIRECTION),
                text(SheetColumn.DRIVER),
                text(SheetColumn.LOAD),
                instrument(distance.isPresent()),
                quantity(SheetColumn.NOMINAL_SPEED),
                quantity(SheetColumn.ENTRY_SPEED),
                distance,
                time,
                temperatures(SheetColumn::startTemperature),
                temperatures(SheetColumn::endTemperature),
                pedalFeel(),
                text(SheetColumn.SURFACE),
                quantity(SheetColumn.AMBIENT),
                quantity(SheetColumn.TYRE_PRESSURE_FRONT),
                quantity(SheetColumn.TYRE_PRESSURE_REAR),
                struckOut(),
                text(SheetColumn.REASON),
                text(SheetColumn.NOTE),
                quantity(SheetColumn.SECONDS_AFTER_REST),
                oneOf(SheetColumn.READ_ON, READ_ON),
                oneOf(SheetColumn.PEDAL_EFFORT, EFFORTS),
                text(SheetColumn.PHASE),
                lockedFirst(),
                tyres(),
                quantity(SheetColumn.TYRE_TEMPERATURE));
        return configuration.isPresent() && (distance.isPresent() || time.isPresent())
                ? Optional.of(stop)
                : Optional.empty();
    }

    void fault(SheetColumn column, String problem) {
        faults.add(new CellFault(Optional.of(column), problem));
    }

    private Optional<String> text(SheetColumn column) {
        Integer i = header.places().get(column);
        if (i == null || i >= cells.size() || cells.get(i).isBlank()) {
            return Optional.empty();
        }
        String text = CellGuard.unguarded(cells.get(i).strip());
        try {
            PlainText.check(text, line, i + 1);
        } catch (BadInput e) {
            fault(column, e.problem());
            return Optional.empty();
        }
        if (text.length() > LONGEST_TEXT) {
            fault(column, "The text is longer than %d characters.".formatted(LONGEST_TEXT));
            return Optional.empty();
        }
        return Optional.of(text);
    }

    private Optional<Quantity> quantity(SheetColumn column) {
        Optional<String> text = text(column);
        MeasuredText read = MeasuredText.of(text.orElse(""), mark);
        if (text.isEmpty() || read.isMissing()) {
            return Optional.empty();
        }
        Optional<Unit> unit =
                read.unit().or(() -> Optional.ofNullable(header.units().get(column)));
        Optional<String> wrong = wrong(column, text.get(), read, unit);
        if (wrong.isPresent()) {
            fault(column, wrong.get());
            return Optional.empty();
        }
        return Optional.of(new Quantity(read.value(), unit.orElseThrow(), OptionalInt.of(read.decimals())));
    }

    private static Optional<String> wrong(SheetColumn column, String text, MeasuredText read, Optional<Unit> unit) {
        String title = column.title();
        String known = Unit.known(column.dimension().orElseThrow());
        if (read.value() == NumberText.NOT_A_NUMBER) {
            return Optional.of("%s is not a number, in the column \"%s\".".formatted(BadInput.quote(text), title));
        }
        if (unit.isEmpty()) {
            return Optional.of("\"%s\" has no unit. Write it into the header, such as \"%s [%s]\"."
                    .formatted(title, title, column.usualUnit().orElseThrow().symbol()));
        }
        Unit u = unit.get();
        if (u.dimension() != column.dimension().orElseThrow()) {
            return Optional.of(
                    "%s is not in a unit of %s. Use one of %s.".formatted(BadInput.quote(text), title, known));
        }
        return column.allows(u.toInside(read.value()))
                ? Optional.empty()
                : Optional.of("%s read. %s must be %s."
                        .formatted(read.unit().isPresent() ? text : text + " " + u.symbol(), title, column.allowed(u)));
    }

    private Map<WheelPosition, Quantity> temperatures(Function<WheelPosition, SheetColumn> column) {
        Map<WheelPosition, Quantity> out = new EnumMap<>(WheelPosition.class);
        for (WheelPosition wheel : WheelPosition.values()) {
            quantity(column.apply(wheel)).ifPresent(q -> out.put(wheel, q));
        }
        return out;
    }

    private Optional<Integer> number() {
        Optional<String> text = text(SheetColumn.STOP);
        if (text.isPresent() && !text.get().matches("[0-9]{1,6}")) {
            fault(SheetColumn.STOP, "%s is not a stop number.".formatted(BadInput.quote(text.get())));
            return Optional.empty();
        }
        return text.map(Integer::valueOf);
    }

    private Optional<String> pedalFeel() {
        Optional<String> text = text(SheetColumn.PEDAL_FEEL);
        Optional<PedalFeel> feel = text.flatMap(PedalFeel::named);
        if (text.isPresent() && feel.isEmpty()) {
            fault(
                    SheetColumn.PEDAL_FEEL,
                    "%s is not a pedal feel known here. Use %s; anything else belongs into the column \"note\"."
                            .formatted(BadInput.quote(text.get()), PedalFeel.WORDS));
        }
        return feel.map(PedalFeel::label);
    }

    /** Nobody writes the whole word every time: f, fronts, R, back. */
    private Optional<Axle> lockedFirst() {
        String text = text(SheetColumn.LOCKED_FIRST).orElse("").toLowerCase(Locale.ROOT);
        return switch (text) {
            case "f", "front", "fronts", "front first", "front axle" -> Optional.of(Axle.FRONT);
            case "r", "rear", "rears", "rear first", "rear axle", "back" -> Optional.of(Axle.REAR);
            case "", "no", "none", "neither" -> Optional.empty();
            default -> {
                fault(
                        SheetColumn.LOCKED_FIRST,
                        "%s is not known in the column \"%s\". Use front, rear, none or nothing."
                                .formatted(BadInput.quote(text), SheetColumn.LOCKED_FIRST.title()));
                yield Optional.empty();
            }
        };
    }

    private Optional<TyreState> tyres() {
        Optional<String> word = text(SheetColumn.TYRES);
        Optional<TyreState> state = word.flatMap(TyreState::named);
        if (word.isPresent() && state.isEmpty()) {
            fault(
                    SheetColumn.TYRES,
                    "%s is not known in the column \"%s\". Use cold or warm; degrees belong into \"%s\"."
                            .formatted(
                                    BadInput.quote(word.get()),
                                    SheetColumn.TYRES.title(),
                                    SheetColumn.TYRE_TEMPERATURE.title()));
        }
        return state;
    }

    private Optional<String> oneOf(SheetColumn column, List<String> words) {
        Optional<String> text = text(column).map(t -> t.toLowerCase(Locale.ROOT));
        if (text.isPresent() && !words.contains(text.get())) {
            fault(
                    column,
                    "%s is not known in the column \"%s\". Use one of %s."
                            .formatted(BadInput.quote(text.get()), column.title(), String.join(", ", words)));
        }
        return text.filter(words::contains);
    }

    private DistanceBasis basis(boolean hasDistance) {
        DistanceBasis otherwise = hasDistance ? DistanceBasis.ONSET_TO_REST : DistanceBasis.TIME_ONLY;
        Optional<String> text = text(SheetColumn.BASIS);
        if (text.isEmpty()) {
            return otherwise;
        }
        String key = text.get().toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
        Optional<DistanceBasis> basis = Arrays.stream(DistanceBasis.values())
                .filter(b -> b.name().equals(key))
                .findFirst();
        if (basis.isEmpty()) {
            fault(
                    SheetColumn.BASIS,
                    "%s is not a basis. Use ONSET_TO_REST, SPEED_WINDOW or TIME_ONLY."
                            .formatted(BadInput.quote(text.get())));
        } else if (basis.get() != DistanceBasis.TIME_ONLY && !hasDistance) {
            fault(SheetColumn.DISTANCE, "The basis is %s but there is no distance.".formatted(basis.get()));
        }
        return basis.orElse(otherwise);
    }

    private Instrument instrument(boolean hasDistance) {
        Instrument otherwise = hasDistance ? Instrument.TAPE : Instrument.STOPWATCH;
        Optional<String> text = text(SheetColumn.INSTRUMENT);
        if (text.isEmpty()) {
            return otherwise;
        }
        String key = text.get().toLowerCase(Locale.ROOT);
        if (key.contains("wheel")) {
            return Instrument.WHEEL;
        }
        if (key.contains("logger") || key.contains("gps")) {
            return Instrument.LOGGER;
        }
        if (key.contains("watch") || key.contains("timer")) {
            return otherwise;
        }
        if (!key.contains("tape") && !key.contains("cone") && !key.contains("chalk")) {
            fault(
                    SheetColumn.INSTRUMENT,
                    "%s is not an instrument known here. Use tape, wheel, stopwatch or logger."
                            .formatted(BadInput.quote(text.get())));
        }
        return Instrument.TAPE;
    }

    private boolean struckOut() {
        String text = text(SheetColumn.STRUCK_OUT).orElse("").toLowerCase(Locale.ROOT);
        return switch (text) {
            case "yes", "true", "1", "x" -> true;
            case "no", "false", "0", "" -> false;
            default -> {
                fault(
                        SheetColumn.STRUCK_OUT,
                        "%s is neither yes nor no. Use yes, no, true, false, 1, 0, x or nothing."
                                .formatted(BadInput.quote(text)));
                yield false;
            }
        };
    }
}
