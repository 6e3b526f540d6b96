package app.frenum.core.procedure.run;

import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Instrument;
import app.frenum.core.finding.Term;
import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.FlagFinding;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Decides at capture, by rule, whether a stop counts: speed, start temperature, interval, locked wheels and switches
 * against what its phase asks for. Handbook, "Validity of a stop".
 */
final class StopRules {

    private final Phase phase;
    private final RunScript.Side side;
    private final List<Flag> flags = new ArrayList<>();

    private StopRules(Phase phase, RunScript.Side side) {
        this.phase = phase;
        this.side = side;
    }

    /**
     * What is known of a stop when it is judged.
     *
     * @param readings of people
     * @param logged what the logger saw
     * @param readC discs as read last before it
     * @param intervalS since the run-up before; empty for the first of its phase
     * @param started whether somebody had started it at the card
     */
    record Seen(
            HandReadings readings,
            Optional<LoggedStop> logged,
            Map<WheelPosition, Double> readC,
            OptionalDouble intervalS,
            boolean started) {
        /** Discs at the start: the logger's last sample before the onset, else what was read. */
        Map<WheelPosition, Double> startC() {
            Map<WheelPosition, Double> all = new EnumMap<>(WheelPosition.class);
            all.putAll(readC);
            logged.ifPresent(l -> all.putAll(l.measured().startTemperatures()));
            return all;
        }

        /** How far it rolled since the stop before, m: by the logger, else as somebody read it. */
        Optional<Double> rolledM() {
            return logged.flatMap(LoggedStop::rolledM)
                    .or(() -> readings.rolled().map(Quantity::inside));
        }

        /** Switches as the logger saw them, and over that as people found them. */
        Map<BrakeSwitch, Boolean> switches() {
            Map<BrakeSwitch, Boolean> all = new EnumMap<>(BrakeSwitch.class);
            logged.ifPresent(l -> all.putAll(l.switches()));
            all.putAll(readings.switches());
            return all;
        }
    }

    /** Judges one stop. */
    static List<Flag> flags(Phase phase, RunScript.Side side, Seen seen, boolean asksForSwitches) {
        StopRules rules = new StopRules(phase, side);
        seen.logged().ifPresentOrElse(l -> rules.logged(l.measured()), () -> rules.entrySpeed(seen.readings()));
        rules.startTemperature(seen.startC());
        seen.intervalS().ifPresent(rules::interval);
        if (seen.intervalS().isPresent() && phase.gate().asksForDistance()) {
            rules.rolled(seen.rolledM());
        }
        rules.switches(seen.switches());
        if (asksForSwitches && phase.kind() != Phase.Kind.SNUB) {
            rules.notLookedAt(seen.switches());
        }
        if (!seen.started()) {
            rules.add(FlagFinding.NOBODY_STARTED_IT);
        }
        boolean told = rules.flags.stream().anyMatch(f -> f.code() == FlagCode.WHEEL_LOCK);
        if (seen.readings().lockSeen() && !told) {
            rules.add(phase.lockForbidden() ? FlagFinding.LOCK_FORBIDDEN : FlagFinding.LOCK_SEEN);
        }
        return List.copyOf(rules.flags);
    }

    /** What the flags make of it; a locked wheel means do it again only where the phase forbids it. */
    static Validity validity(List<Flag> flags, Phase phase) {
        boolean locked = flags.stream().anyMatch(f -> f.code() == FlagCode.WHEEL_LOCK);
        return locked && phase.lockForbidden() ? Validity.REPEAT : Validity.of(flags);
    }

    /** What was measured by hand, at the nominal speed. */
    static HandMeasurement measurement(HandReadings r, double nominalMps) {
        boolean timed = r.instrument() == Instrument.STOPWATCH;
        return new HandMeasurement(
                timed ? DistanceBasis.TIME_ONLY : DistanceBasis.ONSET_TO_REST,
                r.instrument(),
                r.distanceM().map(Figure::of).orElse(Figure.unknown("no distance was measured")),
                figure(r.time(), "no time was taken"),
                figure(r.entrySpeed(), "entry speed was not read"),
                Figure.of(nominalMps),
                false);
    }

    private static Figure figure(Optional<Quantity> q, String whyNot) {
        return q.map(x -> Figure.of(x.inside())).orElse(Figure.unknown(whyNot));
    }

    /** What the trace itself says; the speed is judged against the phase's, which may not be the test's. */
    private void logged(MeasuredStop stop) {
        double asked = phase.from().inside();
        double entry = stop.entrySpeed().value();
        boolean window = stop.basis() == DistanceBasis.SPEED_WINDOW;
        if (!window && !Corrections.isEntrySpeedIn(entry, asked, AnalysisOptions.DEFAULT_ENTRY_TOLERANCE)) {
            entryOff(entry);
        }
        stop.flags().stream()
                .filter(f -> f.code() != FlagCode.ENTRY_SPEED_OUT && f.code() != FlagCode.NO_NOMINAL)
                .forEach(flags::add);
    }

    private void entrySpeed(HandReadings readings) {
        double asked = phase.from().inside();
        if (phase.kind() == Phase.Kind.SNUB && readings.entrySpeed().isEmpty()) {
            return;
        }
        if (readings.entrySpeed().isEmpty()) {
            add(FlagFinding.ENTRY_NOT_READ);
        } else if (phase.kind() == Phase.Kind.STOP
                && measurement(readings, asked).isEntrySpeedOut()) {
            entryOff(readings.entrySpeed().get().inside());
        }
        if (phase.kind() == Phase.Kind.STOP && measurement(readings, asked).isImplausible()) {
            add(FlagFinding.SLOWED_MORE_THAN_TYRES_CAN);
        }
    }

    private void startTemperature(Map<WheelPosition, Double> startC) {
        Gate gate = phase.gate();
        if (gate.coldest().isEmpty() && gate.hottest().isEmpty()) {
            return;
        }
        double[] front = startC.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .mapToDouble(Map.Entry::getValue)
                .sorted()
                .toArray();
        if (front.length == 0) {
            add(FlagFinding.NO_FRONT_DISC_READ);
        } else if (!Arrays.stream(front).allMatch(gate::isWarmEnough)) {
            outsideGate(
                    FlagFinding.COLDER_THAN_GATE,
                    front[0],
                    gate.coldest().orElseThrow().inside());
        } else if (!Arrays.stream(front).allMatch(gate::isCoolEnough)) {
            outsideGate(
                    FlagFinding.HOTTER_THAN_GATE,
                    front[front.length - 1],
                    gate.hottest().orElseThrow().inside());
        }
    }

    /** With a decimal where the two would otherwise read alike. */
    private void outsideGate(FlagFinding how, double celsius, double gateC) {
        double step = Math.round(celsius) == Math.round(gateC) ? 0.1 : 1;
        add(how, Term.temperature(celsius, step), Term.temperature(gateC, step));
    }

    private void interval(double seconds) {
        Gate gate = phase.gate();
        gate.soonest()
                .filter(s -> seconds < s.inside())
                .ifPresent(s -> add(FlagFinding.TOO_SOON, Term.seconds(seconds), Term.seconds(s.inside())));
        gate.latest()
                .filter(l -> seconds > l.inside())
                .ifPresent(l -> add(FlagFinding.TOO_LATE, Term.seconds(seconds), Term.seconds(l.inside())));
    }

    private void rolled(Optional<Double> metres) {
        if (metres.isEmpty()) {
            add(FlagFinding.ROLLED_NOT_READ);
            return;
        }
        double m = metres.get();
        Gate gate = phase.gate();
        gate.nearest()
                .filter(n -> m < n.inside())
                .ifPresent(n -> add(FlagFinding.ROLLED_TOO_LITTLE, Term.distance(m, 1), Term.distance(n.inside(), 1)));
        gate.furthest()
                .filter(f -> m > f.inside())
                .ifPresent(f -> add(FlagFinding.ROLLED_TOO_FAR, Term.distance(m, 1), Term.distance(f.inside(), 1)));
    }

    private void switches(Map<BrakeSwitch, Boolean> found) {
        found.forEach((s, on) -> {
            Boolean asked = side.switches().get(s);
            if (asked != null && !asked.equals(on)) {
                add(FlagFinding.SWITCH_WRONG, Term.name(s.label()), Term.name(onOff(on)), Term.name(onOff(asked)));
            }
        });
    }

    /** What nobody looked at is not as asked: it is kept, and said so. */
    private void notLookedAt(Map<BrakeSwitch, Boolean> found) {
        side.switches().keySet().stream()
                .filter(s -> !found.containsKey(s))
                .forEach(s -> add(FlagFinding.SWITCH_NOT_LOOKED_AT, Term.name(s.label())));
    }

    private static String onOff(boolean on) {
        return on ? "on" : "off";
    }

    private void entryOff(double entryMps) {
        add(
                FlagFinding.ENTRY_OFF_PHASE,
                Term.speedToTenth(entryMps),
                Term.share(AnalysisOptions.DEFAULT_ENTRY_TOLERANCE),
                Term.speed(phase.from().inside()));
    }

    private void add(FlagFinding what, Term... terms) {
        flags.add(Flag.of(what, terms));
    }
}
