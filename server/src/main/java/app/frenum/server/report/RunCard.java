package app.frenum.server.report;

import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.plan.DayClock;
import app.frenum.core.plan.LaneCheck;
import app.frenum.core.plan.LaneSpec;
import app.frenum.core.plan.Stretch;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.CrewRole;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.RadioWord;
import app.frenum.core.procedure.SafetyCheck;
import app.frenum.formats.words.PhaseWords;
import app.frenum.server.plan.ForecastView;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.PlanView;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A plan as it stands on paper: everything worded and rounded, nothing left to the template but its place.
 *
 * @param signed who signed the safety gate and when; empty to sign with a pencil
 * @param columns of the hand-measured values, in the order they are taken
 */
record RunCard(
        String question,
        String facts,
        String laneWords,
        List<Piece> lane,
        List<Line> crew,
        List<Line> radio,
        List<String> safety,
        String signed,
        List<String> abort,
        List<String> cautions,
        List<String> bring,
        List<String> columns,
        List<Block> blocks) {
    private static final int MOST_EXTRA_ROWS = 2;
    private static final double METRES_PER_FOOT = 0.3048;
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern(
                    "d MMMM yyyy, HH:mm 'UTC'", Locale.ENGLISH)
            .withZone(ZoneOffset.UTC);

    /** A stretch of the lane, to scale. */
    record Piece(String words, int percent) {}

    /** Two columns of a list. */
    record Line(String name, String words) {}

    /**
     * A stretch of the day.
     *
     * @param rows one per run, or none
     * @param boxes to tick off, instead of rows
     */
    record Block(String title, String when, String words, List<String> rows, List<Integer> boxes) {
        /** For the template, which sees only what is public. */
        public boolean hasNothingToFill() {
            return rows.isEmpty() && boxes.isEmpty();
        }
    }

    /** Units of the reader for what is not shown as it was typed. */
    enum Units {
        METRIC("m", 1, "km/h", "°C"),
        IMPERIAL("ft", METRES_PER_FOOT, "mph", "°F");

        private final String length;
        private final double metres;
        private final String speed;
        private final String temperature;

        Units(String length, double metres, String speed, String temperature) {
            this.length = length;
            this.metres = metres;
            this.speed = speed;
            this.temperature = temperature;
        }

        String length(double m) {
            return "%.0f %s".formatted(Math.ceil(m / metres), length);
        }
    }

    /** All that a run card is written from. */
    record Source(
            String question,
            String vehicle,
            List<String> configurations,
            Procedure procedure,
            Optional<LaneSpec> lane,
            PlanView view) {
        PlanRequest plan() {
            return Objects.requireNonNull(view.plan());
        }

        ForecastView forecast() {
            return Objects.requireNonNull(view.forecast());
        }
    }

    static RunCard of(Source source, Units units) {
        PlanRequest plan = source.plan();
        ForecastView forecast = source.forecast();
        Procedure procedure = source.procedure();
        return new RunCard(
                source.question(),
                "%s, %s. %s from %s. The day takes %s."
                        .formatted(
                                source.vehicle(),
                                plan.load() == VehicleSpec.Load.LADEN ? "laden" : "light",
                                procedure.name(),
                                entered(plan),
                                hoursMinutes(forecast.endS())),
                laneWords(source, units),
                pieces(forecast.forecast().lane().check(), units),
                Arrays.stream(CrewRole.values())
                        .map(r -> new Line(
                                r.label() + ": " + plan.crew().names().getOrDefault(r, "______________"), r.duty()))
                        .toList(),
                Arrays.stream(RadioWord.values())
                        .map(w -> new Line(w.words(), w.meaning()))
                        .toList(),
                Arrays.stream(SafetyCheck.values()).map(SafetyCheck::label).toList(),
                source.view().safety() == null
                        ? ""
                        : "Signed by %s, %s"
                                .formatted(
                                        source.view().safety().signedBy().name(),
                                        MINUTE.format(source.view().safety().signedAt())),
                procedure.abortRules().stream().map(AbortRule::label).toList(),
                procedure.cautions(),
                procedure.bring(),
                columns(units),
                blocks(forecast, procedure, source.configurations()));
    }

    private static String entered(PlanRequest plan) {
        return "%s %s"
                .formatted(
                        Double.toString(plan.speed().entered()).replaceAll("\\.0$", ""),
                        plan.speed().unit().symbol());
    }

    private static String laneWords(Source source, Units units) {
        String taken = "One run takes %s of lane and run-off."
                .formatted(units.length(source.forecast().laneTotalM()));
        return source.lane()
                .map(l -> "%s, controlled by %s. %s%s"
                        .formatted(l.lane(), l.controlledBy(), taken, noGo(source.forecast(), units)))
                .orElse("No lane chosen. " + taken);
    }

    private static String noGo(ForecastView forecast, Units units) {
        double missing = forecast.forecast().missingM().orElse(0);
        return missing > 0 ? " NO-GO: %s are missing. Do not drive this plan.".formatted(units.length(missing)) : "";
    }

    private static List<Piece> pieces(LaneCheck lane, Units units) {
        return List.of(
                piece("to speed", lane.reachM(), lane, units),
                piece("settle", lane.settleM(), lane, units),
                piece("stop", lane.stopM(), lane, units),
                piece("run-off", lane.runOffM(), lane, units));
    }

    private static Piece piece(String words, double m, LaneCheck lane, Units units) {
        int percent = (int) Math.max(1, Math.round(100 * m / lane.totalM()));
        return new Piece(words + " " + units.length(m), percent);
    }

    private static List<String> columns(Units u) {
        return List.of(
                "before, " + u.temperature.replace("°", "°\u2060"),
                "entry, " + u.speed,
                "FL, " + u.temperature,
                "FR",
                "RL",
                "RR",
                "s after rest",
                "distance, " + u.length,
                "time, s",
                "pedal",
                "counts, or why not");
    }

    private static List<Block> blocks(ForecastView forecast, Procedure procedure, List<String> names) {
        List<Stretch> stretches = forecast.stretches();
        List<Block> out = new ArrayList<>();
        PaperCycles cycles = new PaperCycles(procedure, names);
        for (int i = 0; i < stretches.size(); ) {
            int together = cycles.from(stretches, i);
            out.add(
                    together == 0
                            ? block(out.size() + 1, stretches.get(i), procedure, names)
                            : cycles.block(out.size() + 1, stretches.subList(i, i + together)));
            i += Math.max(1, together);
        }
        return out;
    }

    private static Block block(int number, Stretch s, Procedure procedure, List<String> names) {
        Optional<Phase> phase = procedure.phases().stream()
                .filter(p -> p.name().equals(s.phase()))
                .findFirst();
        String what = phase.map(Phase::name)
                .orElse(
                        s.kind() == DayClock.Kind.SWAP
                                ? "change parts"
                                : s.kind().name().toLowerCase(Locale.ROOT));
        boolean ticked = phase.filter(p -> p.kind() == Phase.Kind.SNUB).isPresent();
        return new Block(
                "%d. %s %s: %s".formatted(number, (char) ('A' + s.configuration()), names.get(s.configuration()), what),
                "from %s, %s".formatted(hoursMinutes(s.fromS()), hoursMinutes(s.toS() - s.fromS())),
                phase.map(p -> PhaseWords.of(p, s.runs()) + ". Gate: " + PhaseWords.of(p.gate()) + ".")
                        .orElse(""),
                ticked || s.runs() == 0
                        ? List.of()
                        : rows(s, phase.map(Phase::mostExtra).orElse(0)),
                ticked ? IntStream.rangeClosed(1, s.runs()).boxed().toList() : List.of());
    }

    private static List<String> rows(Stretch s, int mostExtra) {
        int extra = Math.min(MOST_EXTRA_ROWS, mostExtra);
        return IntStream.rangeClosed(1, s.runs() + extra)
                .mapToObj(i -> i <= s.runs() ? Integer.toString(i) : "extra")
                .toList();
    }

    /** Seconds as hours and minutes, rounded up to the minute. */
    static String hoursMinutes(double seconds) {
        long minutes = (long) Math.ceil(seconds / 60 - 1e-6);
        return minutes >= 60 ? "%d h %02d min".formatted(minutes / 60, minutes % 60) : minutes + " min";
    }
}
