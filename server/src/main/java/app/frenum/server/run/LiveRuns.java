package app.frenum.server.run;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.run.Happening;
import app.frenum.core.procedure.run.LoggedStop;
import app.frenum.core.procedure.run.RunState;
import app.frenum.core.procedure.run.Stage;
import app.frenum.core.procedure.run.Step;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.DiscPeaks;
import app.frenum.core.stop.StopKind;
import app.frenum.server.device.Heard;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.DatabaseTrouble;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.who.CurrentWho;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Listens to the devices of runs in progress: a logger's stops are found and judged as soon as they are over, its discs
 * are read for the gate, and a thermometer's readings are taken down as they come.
 */
@Component
class LiveRuns {
    private static final Logger LOG = LoggerFactory.getLogger(LiveRuns.class);
    /** How often a logger's discs are taken down while a stop waits for its gate, s. */
    private static final double DISCS_EVERY_S = 15;

    private static final Duration BETWEEN_TRIES = Duration.ofMillis(250);
    /** Beside the seconds that each try waits for a connection. */
    private static final int MOST_TRIES = 100;

    private final RunService runs;
    private final RunDevices devices;
    private final TestService tests;
    private final RunCards cards;
    private final CurrentWho current;
    private final RecordingService recordings;
    private final Map<UUID, LiveWatch> watches = new ConcurrentHashMap<>();
    private final Map<UUID, Double> discsTakenAtS = new ConcurrentHashMap<>();

    LiveRuns(
            RunService runs,
            RunDevices devices,
            TestService tests,
            RunCards cards,
            CurrentWho current,
            RecordingService recordings) {
        this.runs = runs;
        this.devices = devices;
        this.tests = tests;
        this.cards = cards;
        this.current = current;
        this.recordings = recordings;
    }

    @EventListener
    void heard(Heard what) {
        devices.runOf(what.deviceId()).ifPresent(run -> {
            if (what instanceof Heard.Logged logged) {
                logged(run, logged);
            } else if (what instanceof Heard.Read read) {
                read(run, read);
            } else if (what instanceof Heard.Connected) {
                cards.show(run);
            }
        });
    }

    private void logged(UUID run, Heard.Logged rows) {
        RunState state = persevering(() -> runs.state(run));
        LiveWatch watch = watches.get(rows.deviceId());
        if (watch == null || !watch.recordingId().equals(rows.recordingId())) {
            watch = new LiveWatch(rows, knownUntil(state, rows.recordingId()));
            lastOf(state, rows.recordingId()).ifPresent(watch::awaitPeaks);
            watches.put(rows.deviceId(), watch);
        }
        watch.add(rows.columns(), persevering(() -> runs.clockS(run)));
        Optional<Phase> phase =
                state.current().flatMap(Step::phase).filter(p -> p.kind().isBraking());
        StopKind kind = phase.filter(p -> p.kind() == Phase.Kind.SNUB).isPresent() ? StopKind.SNUB : StopKind.STOP;
        if (phase.isPresent() && watch.isDue(kind)) {
            AnalysisOptions whole = new AnalysisOptions(
                    Figure.of(phase.get().from().inside()),
                    tests.test(run).basis(),
                    AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
            AnalysisOptions options = phase.get().system().isPartial() ? whole.partial() : whole;
            for (LoggedStop stop : watch.over(options, kind)) {
                tell(run, rows.deviceId(), watch, stop);
            }
        }
        recordPeaks(run, rows.deviceId(), watch);
        seeMotion(run, rows.deviceId(), watch);
        readDiscs(run, rows.deviceId(), watch);
    }

    /** Discs cool otherwise while the car stands, which its speed tells. */
    private void seeMotion(UUID run, UUID device, LiveWatch watch) {
        RunState state = runs.state(run);
        watch.motion()
                .filter(m -> state.stage() == Stage.WAITING || state.stage() == Stage.JUDGED)
                .filter(m -> state.moving()
                        .map(RunState.Moving::motion)
                        .filter(m::equals)
                        .isEmpty())
                .ifPresent(m -> say(run, device, UUID.randomUUID(), watch.nowS(), new Happening.CarMoves(m)));
    }

    /** Discs are hottest seconds after the vehicle stands: how hot they got is told once the log has gone on so far. */
    private void recordPeaks(UUID run, UUID device, LiveWatch watch) {
        for (LiveWatch.PendingPeaks pending : watch.completedPeaks()) {
            peaks(watch.recordingId(), pending)
                    .ifPresent(peaks -> say(
                            run,
                            device,
                            id(pending.stop() + "/peaks"),
                            watch.nowS(),
                            new Happening.DiscsPeaked(pending.stop(), peaks)));
        }
    }

    private Optional<Map<WheelPosition, Double>> peaks(UUID recording, LiveWatch.PendingPeaks pending) {
        Map<WheelPosition, Double> peaks = persevering(
                () -> DiscPeaks.of(recordings.open(recording).log(), pending.measured(), pending.nextOnsetS()));
        boolean hotter = peaks.entrySet().stream().anyMatch(e -> {
            Double known = pending.measured().peakTemperatures().get(e.getKey());
            return known == null || e.getValue() > known;
        });
        return hotter ? Optional.of(peaks) : Optional.empty();
    }

    private static double knownUntil(RunState state, UUID recordingId) {
        return state.stops().stream()
                .flatMap(s -> s.logged().stream())
                .filter(l -> l.recordingId().equals(recordingId))
                .mapToDouble(l -> l.measured().endS())
                .max()
                .orElse(0);
    }

    /** The last stop of a recording that the run has: its discs' peaks may still be to come. */
    private static Optional<LiveWatch.PendingPeaks> lastOf(RunState state, UUID recordingId) {
        return state.stops().stream()
                .filter(s -> s.logged()
                        .filter(l -> l.recordingId().equals(recordingId))
                        .isPresent())
                .reduce((before, last) -> last)
                .map(s -> new LiveWatch.PendingPeaks(
                        s.id(), s.logged().orElseThrow().measured(), Double.POSITIVE_INFINITY));
    }

    private void tell(UUID run, UUID device, LiveWatch watch, LoggedStop stop) {
        if (persevering(() -> runs.state(run)).asksFor(stop)) {
            // Found again after a restart, it is the same event.
            UUID id = id("%s/%.2f".formatted(stop.recordingId(), stop.measured().onsetS()));
            say(run, device, id, stop.restAtS(), new Happening.Logged(stop));
            watch.awaitPeaks(new LiveWatch.PendingPeaks(id, stop.measured(), Double.POSITIVE_INFINITY));
        }
    }

    private void readDiscs(UUID run, UUID device, LiveWatch watch) {
        RunState state = runs.state(run);
        double last = discsTakenAtS.getOrDefault(run, Double.NEGATIVE_INFINITY);
        boolean due = state.discs().isEmpty() || Math.abs(watch.nowS() - last) >= DISCS_EVERY_S;
        Map<WheelPosition, Double> discs = watch.discs();
        if (isAsked(state) && due && !discs.isEmpty()) {
            discsTakenAtS.put(run, watch.nowS());
            say(run, device, UUID.randomUUID(), watch.nowS(), new Happening.DiscsRead(discs));
        }
    }

    /** Before a stop, and while discs cool or are to be treated. */
    private static boolean isAsked(RunState state) {
        boolean task = state.stage() == Stage.TASK
                && state.current()
                        .flatMap(Step::phase)
                        .filter(p -> p.gate().hottest().isPresent())
                        .isPresent();
        return state.stage() == Stage.WAITING || task;
    }

    private void read(UUID run, Heard.Read read) {
        Stage stage = runs.state(run).stage();
        boolean open = stage == Stage.WAITING || stage == Stage.AT_REST || stage == Stage.JUDGED;
        read.quantity().disc().filter(w -> open).ifPresent(wheel -> {
            double atS = runs.rate(run) == 1 ? read.at().toEpochMilli() / 1000.0 : runs.clockS(run);
            say(
                    run,
                    read.deviceId(),
                    UUID.randomUUID(),
                    atS,
                    new Happening.DiscsRead(Map.of(wheel, read.value().inside())));
        });
    }

    private void say(UUID run, UUID device, UUID id, double atS, Happening what) {
        try {
            Who who = new Who(devices.name(device));
            persevering(() ->
                    current.as(who, () -> runs.happened(run, who, new EventRequest(id, atS, what), Integer.MAX_VALUE)));
        } catch (Problem e) {
            LOG.debug("what a device saw does not fit the run", e);
        }
    }

    /** A stop that was seen is told once: while the database is away, it is waited for. */
    private static <T> T persevering(Supplier<T> what) {
        for (int left = MOST_TRIES; ; left--) {
            try {
                return what.get();
            } catch (RuntimeException e) {
                if (left == 0 || !DatabaseTrouble.isAway(e)) {
                    throw e;
                }
                LockSupport.parkNanos(BETWEEN_TRIES.toNanos());
            }
        }
    }

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }
}
