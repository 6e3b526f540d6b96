package app.frenum.core.procedure.run;

import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Instrument;
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
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Decides at capture, by rule, whether a stop counts: speed, start temperature, interval, locked wheels and switches
 * against what its phase asks for. Handbook, "Validity of a stop".
 */
final class StopRules {
    private static final double KMH = 3.6;

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

        /** Switches as the logger saw them, and over that as people found them. */
        Map<BrakeSwitch, Boolean> switches() {
            Map<BrakeSwitch, Boolean> all = new EnumMap<>(BrakeSwitch.class);
            logged.ifPresent(l -> all.putAll(l.switches()));
            all.putAll(readings.switches());
            return all;
        }
    }

    /** Judges one stop. */
    static List<Flag> flags(Phase phase, RunScript.Side side, Seen seen) {
        StopRules rules = new StopRules(phase, side);
        seen.logged().ifPresentOrElse(l -> rules.logged(l.measured()), () -> rules.entrySpeed(seen.readings()));
        rules.startTemperature(seen.startC());
        seen.intervalS().ifPresent(rules::interval);
        rules.switches(seen.switches());
        if (!seen.started()) {
            rules.add(
                    FlagCode.NOT_STARTED,
                    "nobody started it at the card, so that the lane was not called clear for it");
        }
        boolean told = rules.flags.stream().anyMatch(f -> f.code() == FlagCode.WHEEL_LOCK);
        if (seen.readings().lockSeen() && !told) {
            rules.add(
                    FlagCode.WHEEL_LOCK,
                    phase.lockForbidden() ? "a wheel locked, which this phase forbids" : "a wheel was seen to lock");
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
            add(
                    FlagCode.ENTRY_SPEED_OUT,
                    "entry speed %.1f km/h, asked for %.0f km/h ± 3 %%",
                    entry * KMH,
                    asked * KMH);
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
            add(FlagCode.NO_ENTRY_SPEED, "entry speed was not read; the distance is not corrected for it");
        } else if (phase.kind() == Phase.Kind.STOP
                && measurement(readings, asked).isEntrySpeedOut()) {
            add(
                    FlagCode.ENTRY_SPEED_OUT,
                    "entry speed %.1f km/h, asked for %.0f km/h ± 3 %%",
                    readings.entrySpeed().get().inside() * KMH,
                    asked * KMH);
        }
        if (phase.kind() == Phase.Kind.STOP && measurement(readings, asked).isImplausible()) {
            add(
                    FlagCode.IMPLAUSIBLE_STOP,
                    "slowed more than its tyres can: braked before the mark, another speed than written, or another unit");
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
            add(FlagCode.NO_START_TEMPERATURE, "no front disc was read before it");
        } else if (!Arrays.stream(front).allMatch(gate::isWarmEnough)) {
            outsideGate("colder", front[0], gate.coldest().orElseThrow().inside());
        } else if (!Arrays.stream(front).allMatch(gate::isCoolEnough)) {
            outsideGate(
                    "hotter",
                    front[front.length - 1],
                    gate.hottest().orElseThrow().inside());
        }
    }

    /** With a decimal where the two would otherwise read alike. */
    private void outsideGate(String how, double celsius, double gateC) {
        String format = Math.round(celsius) == Math.round(gateC)
                ? "front disc at %.1f °C, %s than the gate's %.1f °C"
                : "front disc at %.0f °C, %s than the gate's %.0f °C";
        add(FlagCode.START_TEMPERATURE_OUT, format, celsius, how, gateC);
    }

    private void interval(double seconds) {
        Gate gate = phase.gate();
        gate.soonest()
                .filter(s -> seconds < s.inside())
                .ifPresent(s -> add(
                        FlagCode.INTERVAL_OUT,
                        "%.0f s after the one before, at least %.0f s asked for",
                        seconds,
                        s.inside()));
        gate.latest()
                .filter(l -> seconds > l.inside())
                .ifPresent(l -> add(
                        FlagCode.INTERVAL_OUT,
                        "%.0f s after the one before, at most %.0f s asked for",
                        seconds,
                        l.inside()));
    }

    private void switches(Map<BrakeSwitch, Boolean> found) {
        found.forEach((s, on) -> {
            Boolean asked = side.switches().get(s);
            if (asked != null && !asked.equals(on)) {
                add(FlagCode.WRONG_STATE, "%s was %s, asked for %s", s.label(), onOff(on), onOff(asked));
            }
        });
    }

    private static String onOff(boolean on) {
        return on ? "on" : "off";
    }

    @SuppressWarnings("AnnotateFormatMethod")
    private void add(FlagCode code, String words, Object... values) {
        flags.add(new Flag(code, String.format(Locale.ROOT, words, values)));
    }
}
