package app.frenum.server.run;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.compare.Instrument;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.CrewRole;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.run.HandReadings;
import app.frenum.core.procedure.run.JudgedStop;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.procedure.run.Step;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.series.HandEntry;
import app.frenum.core.series.SaidConditions;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import app.frenum.formats.words.Wording;
import app.frenum.server.analysis.StopService;
import app.frenum.server.device.DeviceService;
import app.frenum.server.device.Weather;
import app.frenum.server.disc.DiscService;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestService;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Stores the stops and snubs of a run as those of its test, so that every reading page has them at once. */
@Component
class RunStops {
    private static final Duration LATELY = Duration.ofMinutes(5);

    private final TestService tests;
    private final StopService stops;
    private final DeviceService devices;
    private final DiscService discs;

    RunStops(TestService tests, StopService stops, DeviceService devices, DiscService discs) {
        this.tests = tests;
        this.stops = stops;
        this.devices = devices;
        this.discs = discs;
    }

    /**
     * Stores a stop or snub as it is on the run's record; stored already, what was decided and seen of it since is added. What the
     * run assessed is what is stored: nothing is measured here.
     */
    void keep(UUID testId, PlanRequest plan, RunScript script, JudgedStop last) {
        Step step = script.steps().get(last.step());
        Instant when = Instant.ofEpochMilli(Math.round(last.atS() * 1000));
        Conditions conditions = conditions(plan, when);
        // What must prove the vehicle back is driven as the baseline is, in a phase of its own name.
        boolean proof = step.phase().filter(Phase::provesBack).isPresent();
        SeriesView series = tests.seriesFor(
                testId,
                plan.configurationIds().get(proof ? 0 : step.configuration()),
                proof ? 1 : step.block(),
                conditions);
        Quantity nominal = step.phase().map(Phase::from).orElse(plan.speed());
        Who by = by(last);
        stops.record(
                new StopService.RunStop(
                        last.id(),
                        kind(last, step),
                        last.logged(),
                        last.logged().isPresent()
                                ? Optional.empty()
                                : Optional.of(entry(last, nominal, conditions, load(plan, step), surface(step)))),
                series.id(),
                beside(last, step, load(plan, step), nominal),
                struckOut(last),
                by);
        if (last.logged().isPresent()) {
            keepPeaks(last, by);
        }
    }

    private static StopKind kind(JudgedStop last, Step step) {
        return last.logged()
                .map(l -> l.measured().kind())
                .orElse(
                        step.phase().filter(p -> p.kind() == Phase.Kind.SNUB).isPresent()
                                ? StopKind.SNUB
                                : StopKind.STOP);
    }

    private static StopService.Beside beside(JudgedStop last, Step step, String load, Quantity nominal) {
        boolean byLogger = last.logged().isPresent();
        HandReadings r = last.readings();
        return new StopService.Beside(
                step.name(),
                step.cycle() > 0 ? step.cycle() : null,
                load,
                surface(step).orElse(null),
                byLogger ? r.pedal().map(PedalFeel::label).orElse(null) : null,
                byLogger ? r.tyres().orElse(null) : null,
                byLogger || r.peaks().isEmpty() ? null : r.lateS(),
                nominal.inside());
    }

    /** Who decided on it; nobody yet where testing was stopped before. */
    private static Who by(JudgedStop stop) {
        return stop.decision().map(JudgedStop.Ruling::by).orElse(Who.UNNAMED);
    }

    /** Discs read by hand beside the logger: both tell of the same peaks. Where nobody said what was looked at it counts as bare metal. */
    private void keepPeaks(JudgedStop last, Who by) {
        HandReadings r = last.readings();
        Optional<Quantity> late = Optional.of(new Quantity(Math.round(r.lateS() * 10) / 10.0, Unit.SECONDS));
        r.peaks()
                .forEach((wheel, value) -> discs.keep(
                        UUID.nameUUIDFromBytes((last.id() + wheel.name()).getBytes(StandardCharsets.UTF_8)),
                        last.id(),
                        new DiscReading(
                                wheel,
                                r.readOn().orElse(PeakSource.BARE),
                                Optional.empty(),
                                Optional.of(value),
                                late,
                                Optional.empty(),
                                Optional.empty(),
                                false),
                        by));
    }

    /** The vehicle's load in a phase. */
    private static String load(PlanRequest plan, Step step) {
        boolean unladen =
                step.phase().filter(p -> p.load() == VehicleSpec.Load.LIGHT).isPresent();
        return (unladen ? VehicleSpec.Load.LIGHT : plan.load()).name().toLowerCase(Locale.ROOT);
    }

    /** A surface of its own is told by its grip: the lane's weather says nothing of it. */
    private static Optional<String> surface(Step step) {
        return step.phase()
                .flatMap(Phase::grip)
                .map(grip -> String.format(Locale.ROOT, "low grip, %.2f", grip.inside()));
    }

    /** What a whole series is driven under; load and surface belong to each of its stops. */
    private Conditions conditions(PlanRequest plan, Instant when) {
        Weather weather = devices.weather(when.minus(LATELY), when.plus(LATELY));
        return new Conditions(
                when.atZone(ZoneOffset.UTC).toLocalDate().toString(),
                plan.crew().names().get(CrewRole.DRIVER),
                plan.load().name().toLowerCase(Locale.ROOT),
                null,
                null,
                weather.airC().isKnown()
                        ? weather.airC().value()
                        : plan.ambient().inside(),
                null,
                null,
                null,
                weather.trackC().orNull(),
                weather.windMps().orNull(),
                weather.humidity().orNull(),
                when,
                null);
    }

    /** Why it does not count; absent when it does. A wrong speed says so by itself. */
    private static Optional<String> struckOut(JudgedStop stop) {
        boolean repeat = !stop.counts();
        boolean wrongSpeed = stop.flags().stream().anyMatch(f -> f.code() == FlagCode.ENTRY_SPEED_OUT);
        if (!repeat || wrongSpeed) {
            return Optional.empty();
        }
        String byRule = stop.whyRepeat().stream()
                .map(Flag::finding)
                .map(Wording.in(UnitSystem.METRIC)::text)
                .collect(Collectors.joining("; "));
        String reason = stop.decision().map(JudgedStop.Ruling::reason).orElse("");
        return Optional.of(
                stop.judged() == Validity.REPEAT && reason.isBlank()
                        ? "by rule: " + byRule
                        : reason.isBlank() ? "repeated" : reason);
    }

    private static HandEntry entry(
            JudgedStop stop, Quantity nominal, Conditions conditions, String load, Optional<String> surface) {
        HandReadings r = stop.readings();
        boolean timed = r.instrument() == Instrument.STOPWATCH;
        Map<WheelPosition, Quantity> start = stop.startC().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> new Quantity(e.getValue(), Unit.CELSIUS)));
        return new HandEntry(
                timed ? DistanceBasis.TIME_ONLY : DistanceBasis.ONSET_TO_REST,
                r.instrument(),
                Optional.of(nominal),
                r.entrySpeed(),
                distance(r),
                r.time(),
                start,
                r.peaks(),
                r.readOn(),
                Optional.empty(),
                r.pedal(),
                r.effort(),
                Optional.empty(),
                new SaidConditions(
                        Optional.ofNullable(conditions.drivenOn()),
                        Optional.ofNullable(conditions.driver()),
                        Optional.empty(),
                        Optional.of(load),
                        surface,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        r.tyres(),
                        Optional.empty()),
                note(stop),
                r.lockSeen() ? Optional.of(r.rearFirst() ? Axle.REAR : Axle.FRONT) : Optional.empty());
    }

    /** One person's reading as typed; of several the mean, in metres. */
    private static Optional<Quantity> distance(HandReadings r) {
        return r.distances().size() == 1
                ? Optional.of(r.distances().get(0).distance())
                : r.distanceM().map(m -> new Quantity(Math.round(m * 1000) / 1000.0, Unit.METRES));
    }

    private static Optional<String> note(JudgedStop stop) {
        String overruled = stop.decision()
                .filter(d -> !d.reason().isBlank())
                .map(d -> "%s: %s".formatted(d.by().name(), d.reason()))
                .orElse("");
        String note = (stop.readings().note() + " " + overruled).strip();
        return note.isEmpty() ? Optional.empty() : Optional.of(note);
    }
}
