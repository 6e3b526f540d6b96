package app.frenum.formats.sheet;

import app.frenum.core.log.HeaderWords;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.HeaderCell;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What people call the columns of a sheet that they made themselves. */
public final class ColumnNames {
    /** Whole titles, without units and marks, that can only mean one thing. */
    private static final Map<SheetColumn, List<String>> TITLES = titles();

    private static final List<WheelName> WHEELS = List.of(
            new WheelName(WheelPosition.FRONT_LEFT, "front left", "left front", "fl", "lf", "nsf"),
            new WheelName(WheelPosition.FRONT_RIGHT, "front right", "right front", "fr", "rf", "osf"),
            new WheelName(WheelPosition.REAR_LEFT, "rear left", "left rear", "rl", "lr", "nsr"),
            new WheelName(WheelPosition.REAR_RIGHT, "rear right", "right rear", "rr", "osr"));
    private static final Set<String> BEFORE = Set.of("before", "start", "begin", "cold", "onset");
    private static final Set<String> AFTER = Set.of("after", "end", "peak", "hot", "max", "rest");

    private record WheelName(WheelPosition wheel, List<String> names) {
        WheelName(WheelPosition wheel, String... names) {
            this(wheel, List.of(names));
        }

        boolean in(String title) {
            return names.stream().anyMatch(n -> (" " + title + " ").contains(" " + n + " "));
        }
    }

    private ColumnNames() {}

    private static Map<SheetColumn, List<String>> titles() {
        Map<SheetColumn, List<String>> all = new LinkedHashMap<>();
        all.put(
                SheetColumn.CONFIGURATION,
                List.of(
                        "config",
                        "setup",
                        "set up",
                        "pads",
                        "pad",
                        "variant",
                        "brakes",
                        "brake",
                        "car",
                        "side",
                        "parts",
                        "which",
                        "konfiguration",
                        "aufbau",
                        "variante",
                        "belage",
                        "bremsbelage",
                        "configuracion",
                        "configurazione",
                        "assetto",
                        "configuratie",
                        "configuracao",
                        "plaquettes",
                        "pastillas",
                        "pastiglie",
                        "pastilhas",
                        "remblokken"));
        all.put(SheetColumn.SERIES, List.of("run", "block", "session", "set"));
        all.put(
                SheetColumn.STOP,
                List.of(
                        "stop no",
                        "stop number",
                        "no",
                        "nr",
                        "number",
                        "n",
                        "attempt",
                        "try",
                        "stop nr",
                        "versuch",
                        "bremsung",
                        "essai",
                        "arret",
                        "prueba",
                        "frenada",
                        "prova",
                        "frenata",
                        "proef",
                        "stop nr",
                        "ensaio"));
        all.put(SheetColumn.DATE, List.of("day", "driven on", "datum", "fecha", "data"));
        all.put(
                SheetColumn.DRIVER,
                List.of(
                        "who",
                        "driven by",
                        "name",
                        "fahrer",
                        "pilote",
                        "conducteur",
                        "piloto",
                        "conductor",
                        "pilota",
                        "rijder",
                        "bestuurder",
                        "condutor"));
        all.put(
                SheetColumn.NOMINAL_SPEED,
                List.of(
                        "target speed",
                        "nominal",
                        "planned speed",
                        "sollgeschwindigkeit",
                        "zielgeschwindigkeit",
                        "vitesse cible",
                        "vitesse nominale",
                        "velocidad objetivo",
                        "velocidad nominal",
                        "velocita nominale",
                        "doelsnelheid",
                        "velocidade nominal"));
        all.put(
                SheetColumn.ENTRY_SPEED,
                List.of(
                        "speed",
                        "entry",
                        "initial speed",
                        "start speed",
                        "brake speed",
                        "speed at braking",
                        "v",
                        "v0",
                        "from",
                        "geschwindigkeit",
                        "anfangsgeschwindigkeit",
                        "vitesse",
                        "vitesse initiale",
                        "velocidad",
                        "velocidad inicial",
                        "velocita",
                        "velocita iniziale",
                        "snelheid",
                        "beginsnelheid",
                        "velocidade",
                        "velocidade inicial"));
        all.put(
                SheetColumn.DISTANCE,
                List.of(
                        "dist",
                        "stopping distance",
                        "braking distance",
                        "brake distance",
                        "length",
                        "tape",
                        "measured",
                        "stopped in",
                        "d",
                        "bremsweg",
                        "anhalteweg",
                        "weg",
                        "distanz",
                        "distance d arret",
                        "distance de freinage",
                        "distance arret",
                        "distancia",
                        "distancia de frenado",
                        "distanza",
                        "spazio di frenata",
                        "spazio di arresto",
                        "remweg",
                        "afstand",
                        "distancia de travagem"));
        all.put(
                SheetColumn.TIME,
                List.of(
                        "stopping time",
                        "braking time",
                        "seconds",
                        "stopwatch",
                        "time to stop",
                        "t",
                        "sec",
                        "zeit",
                        "bremszeit",
                        "temps",
                        "temps d arret",
                        "tiempo",
                        "tiempo de frenado",
                        "tempo",
                        "tempo di frenata",
                        "tijd",
                        "remtijd"));
        all.put(
                SheetColumn.SECONDS_AFTER_REST,
                List.of(
                        "seconds after",
                        "sec after",
                        "s after",
                        "read after",
                        "seconds after stop",
                        "time after rest",
                        "delay"));
        all.put(SheetColumn.READ_ON, List.of("looked at", "read at", "spot", "patch"));
        all.put(SheetColumn.PEDAL_FEEL, List.of("pedal", "feel"));
        all.put(SheetColumn.PEDAL_EFFORT, List.of("effort", "pedal force", "force"));
        all.put(SheetColumn.LOCKED_FIRST, List.of("locked", "lock", "locks first", "lock up", "lockup"));
        all.put(
                SheetColumn.SURFACE,
                List.of(
                        "lane",
                        "road",
                        "track",
                        "fahrbahn",
                        "oberflache",
                        "chaussee",
                        "superficie",
                        "pavimento",
                        "wegdek",
                        "piso"));
        all.put(
                SheetColumn.AMBIENT,
                List.of(
                        "air",
                        "air temp",
                        "air temperature",
                        "ambient temp",
                        "outside",
                        "lufttemperatur",
                        "temperature ambiante",
                        "temperatura ambiente",
                        "luchttemperatuur"));
        all.put(SheetColumn.TYRE_PRESSURE_FRONT, List.of("front tyre pressure", "tyres front"));
        all.put(SheetColumn.TYRE_PRESSURE_REAR, List.of("rear tyre pressure", "tyres rear"));
        all.put(SheetColumn.TYRES, List.of("tyre state", "tyres cold or warm"));
        all.put(SheetColumn.TYRE_TEMPERATURE, List.of("tyre temp", "tread temperature", "tyres temp"));
        all.put(SheetColumn.STRUCK_OUT, List.of("struck", "strike", "void", "invalid", "discard", "ignore"));
        all.put(
                SheetColumn.NOTE,
                List.of(
                        "notes",
                        "comment",
                        "comments",
                        "remark",
                        "remarks",
                        "notiz",
                        "bemerkung",
                        "remarque",
                        "nota",
                        "notas",
                        "note",
                        "opmerking"));
        return all;
    }

    /** "Dist. [m]" → "dist". */
    static String plain(String title) {
        return HeaderWords.plain(HeaderCell.of(title).name())
                .replace("tire", "tyre")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }

    /** What a title means by itself, or with the unit that stands in it; empty where nobody can say. */
    public static Optional<SheetColumn> meaning(String title) {
        Optional<SheetColumn> exact = SheetColumn.named(HeaderCell.of(title).name());
        if (exact.isPresent()) {
            return exact;
        }
        String plain = withoutUnit(plain(title));
        return TITLES.entrySet().stream()
                .filter(e -> e.getValue().contains(plain) || e.getKey().title().equals(plain))
                .map(Map.Entry::getKey)
                .findFirst()
                .or(() -> temperature(plain))
                .or(() -> plain.isEmpty() ? unit(title).flatMap(ColumnNames::byUnit) : Optional.empty());
    }

    /** The unit that a title carries: in brackets, or as its last word. */
    public static Optional<Unit> unit(String title) {
        HeaderCell cell = HeaderCell.of(title);
        if (!cell.unit().isEmpty()) {
            return Unit.of(cell.unit());
        }
        String[] words = title.strip().split("[\\s,;:]+");
        return Unit.of(words[words.length - 1]).filter(u -> words.length > 1 || u != Unit.RADIANS);
    }

    private static String withoutUnit(String plain) {
        int last = plain.lastIndexOf(' ');
        return last > 0 && Unit.of(plain.substring(last + 1)).isPresent() ? plain.substring(0, last) : plain;
    }

    private static Optional<SheetColumn> temperature(String plain) {
        List<String> words = List.of(plain.split(" "));
        return WHEELS.stream()
                .filter(w -> w.in(plain))
                .map(WheelName::wheel)
                .findFirst()
                .flatMap(wheel -> words.stream().anyMatch(AFTER::contains)
                        ? Optional.of(SheetColumn.endTemperature(wheel))
                        : words.stream().anyMatch(BEFORE::contains)
                                ? Optional.of(SheetColumn.startTemperature(wheel))
                                : Optional.empty());
    }

    /** What a column can only be by its unit alone. */
    static Optional<SheetColumn> byUnit(Unit unit) {
        return Optional.ofNullable(
                switch (unit.dimension()) {
                    case LENGTH -> SheetColumn.DISTANCE;
                    case TIME -> SheetColumn.TIME;
                    case SPEED -> SheetColumn.ENTRY_SPEED;
                    default -> null;
                });
    }

    /** What a header would need, and which of its titles come near; for whom nothing here was recognised. */
    public static String whatIsMissing(Collection<SheetColumn> found, List<String> unknown) {
        List<String> missing = new ArrayList<>();
        if (!found.contains(SheetColumn.CONFIGURATION)) {
            missing.add("\"configuration\"");
        }
        if (!found.contains(SheetColumn.DISTANCE) && !found.contains(SheetColumn.TIME)) {
            missing.add("\"distance [m]\" or \"time [s]\"");
        }
        String near = nearest(unknown);
        return "A stop sheet needs a column %s.%s".formatted(String.join(" and a column ", missing), near);
    }

    /** " Nearest here: "brake dist" for "distance"." */
    public static String nearest(List<String> unknown) {
        String all = unknown.stream()
                .filter(t -> t.length() <= HeaderCell.LONGEST)
                .flatMap(t -> near(t).map(c -> "\"%s\" for \"%s\"".formatted(t, c.title())).stream())
                .limit(4)
                .collect(Collectors.joining(", "));
        return all.isEmpty() ? "" : " Nearest here: " + all + ".";
    }

    /** The column whose name, or one of whose names, shares most letters at its beginning with a word of the title. */
    private static Optional<SheetColumn> near(String title) {
        Optional<SheetColumn> meant = meaning(title);
        if (meant.isPresent()) {
            return meant;
        }
        SheetColumn best = null;
        int most = 3;
        for (String word : plain(title).split(" ")) {
            for (SheetColumn column : SheetColumn.values()) {
                int shared = Arrays.stream(column.title().split(" "))
                        .mapToInt(w -> shared(w, word))
                        .max()
                        .orElse(0);
                if (shared > most) {
                    most = shared;
                    best = column;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static int shared(String a, String b) {
        int n = 0;
        while (n < Math.min(a.length(), b.length()) && a.charAt(n) == b.charAt(n)) {
            n++;
        }
        return n;
    }

    /** Whether a header is rather one of stops than one of a log. */
    static boolean tellsOfStops(List<String> titles) {
        Set<SheetColumn> meant =
                titles.stream().flatMap(t -> meaning(t).stream()).collect(Collectors.toSet());
        boolean sampled = titles.stream()
                .anyMatch(t -> Set.of("time", "t", "timestamp", "elapsed time", "seconds")
                                .contains(plain(t))
                        || HeaderWords.isTime(HeaderCell.of(t).name()));
        return meant.contains(SheetColumn.CONFIGURATION)
                || meant.contains(SheetColumn.DISTANCE) && !sampled
                || titles.stream().anyMatch(t -> unit(t).map(Unit::dimension).equals(Optional.of(Dimension.LENGTH)))
                        && !sampled;
    }
}
