package app.frenum.core.procedure.run;

import app.frenum.core.heat.Motion;
import app.frenum.core.heat.ReadyAt;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.Gate;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How the gate of the next stop stands at a moment: discs, interval and lane.
 *
 * @param signed whether the safety gate was signed for this day
 * @param discs against their window
 * @param window the discs' window, °C: coldest and hottest
 * @param readyAtS when the hottest front disc will be in it, on the run's clock
 * @param readyPlusMinusS half-width of its 95 % interval
 * @param motion whether the car rolls or stands, by its speed or by somebody's word; empty where nobody said
 * @param readyFitted whether that is from the readings of this cool-down, and not the vehicle's time constant
 * @param soonestAtS when the interval opens
 * @param latestAtS when it closes
 * @param interval how it stands
 * @param laneUntilS until when the call of the lane holds
 * @param lane how it stands
 */
public record GateView(
        boolean signed,
        Standing discs,
        Window window,
        Figure readyAtS,
        Figure readyPlusMinusS,
        boolean readyFitted,
        Optional<Motion> motion,
        OptionalDouble soonestAtS,
        OptionalDouble latestAtS,
        Standing interval,
        OptionalDouble laneUntilS,
        Standing lane) {
    /** A reading of a disc is too old after this long, s. */
    private static final double STALE_S = 120;

    /** How one condition stands. */
    public enum Standing {
        MET,
        /** Not yet: time, or rolling on, will bring it. */
        WAIT,
        /** Too cold, too late: time makes it worse. */
        MISSED,
        /** Nobody has read or called it, or too long ago. */
        UNKNOWN,
        NOT_ASKED
    }

    /** °C; absent where there is no bound. */
    public record Window(Optional<Double> coldestC, Optional<Double> hottestC) {}

    /** Whether a stop may start. */
    public boolean open() {
        return signed && isFine(discs) && isFine(interval) && lane == Standing.MET;
    }

    private static boolean isFine(Standing s) {
        return s == Standing.MET || s == Standing.NOT_ASKED;
    }

    /** The gate of the step a run is in, at a moment of its clock. */
    public static GateView of(RunState run, double nowS) {
        Gate gate = run.current().flatMap(Step::phase).map(p -> p.gate()).orElse(Gate.OPEN);
        Optional<ReadyAt> ready = ready(run, gate);
        OptionalDouble soonest = shifted(run.lastStartS(), gate.soonest());
        OptionalDouble latest = shifted(run.lastStartS(), gate.latest());
        Figure unread = Figure.unknown("no front disc was read since the last stop");
        return new GateView(
                run.isSignedFor(nowS),
                discs(run, gate, nowS),
                new Window(gate.coldest().map(Quantity::inside), gate.hottest().map(Quantity::inside)),
                ready.map(ReadyAt::atS).orElse(unread),
                ready.map(ReadyAt::plusMinusS).orElse(unread),
                ready.map(ReadyAt::fitted).orElse(false),
                run.moving().map(RunState.Moving::motion),
                soonest,
                latest,
                interval(soonest, latest, nowS),
                run.lane()
                        .filter(RunState.LaneCall::clear)
                        .map(l -> OptionalDouble.of(l.atS() + RunState.LANE_HOLDS_S))
                        .orElse(OptionalDouble.empty()),
                run.isLaneClear(nowS) ? Standing.MET : Standing.UNKNOWN);
    }

    private static OptionalDouble shifted(OptionalDouble from, Optional<Quantity> by) {
        return from.isPresent() && by.isPresent()
                ? OptionalDouble.of(from.getAsDouble() + by.get().inside())
                : OptionalDouble.empty();
    }

    private static Standing interval(OptionalDouble soonest, OptionalDouble latest, double nowS) {
        if (soonest.isEmpty() && latest.isEmpty()) {
            return Standing.NOT_ASKED;
        }
        if (latest.isPresent() && nowS > latest.getAsDouble()) {
            return Standing.MISSED;
        }
        return soonest.isPresent() && nowS < soonest.getAsDouble() ? Standing.WAIT : Standing.MET;
    }

    private static Standing discs(RunState run, Gate gate, double nowS) {
        if (gate.coldest().isEmpty() && gate.hottest().isEmpty()) {
            return Standing.NOT_ASKED;
        }
        List<RunState.DiscRead> front = run.lastRead().entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .map(Map.Entry::getValue)
                .toList();
        if (front.isEmpty()) {
            return Standing.UNKNOWN;
        }
        if (!front.stream().allMatch(d -> gate.isWarmEnough(d.celsius()))) {
            return Standing.MISSED;
        }
        if (!front.stream().allMatch(d -> gate.isCoolEnough(d.celsius()))) {
            return Standing.WAIT;
        }
        return front.stream().anyMatch(d -> nowS - d.atS() > STALE_S) ? Standing.UNKNOWN : Standing.MET;
    }

    private static Optional<ReadyAt> ready(RunState run, Gate gate) {
        if (gate.hottest().isEmpty()) {
            return Optional.empty();
        }
        return hottestFront(run)
                .map(wheel -> ReadyAt.of(
                        sinceItMovesSo(run, wheel),
                        gate.hottest().get().inside(),
                        run.script().ambientC(),
                        run.script().cooling(),
                        run.moving().map(RunState.Moving::motion)));
    }

    /** Readings from before the car was parked, or drove off again, tell another cooling; the last of them still stands. */
    private static List<ReadyAt.Reading> sinceItMovesSo(RunState run, WheelPosition wheel) {
        List<ReadyAt.Reading> all = run.discs().stream()
                .filter(d -> d.wheel() == wheel)
                .map(d -> new ReadyAt.Reading(d.atS(), d.celsius(), StopJudge.READING_C))
                .toList();
        double since = run.moving().map(RunState.Moving::sinceS).orElse(Double.NEGATIVE_INFINITY);
        List<ReadyAt.Reading> own = all.stream().filter(r -> r.atS() >= since).toList();
        return own.isEmpty() ? all.subList(all.size() - 1, all.size()) : own;
    }

    private static Optional<WheelPosition> hottestFront(RunState run) {
        return run.lastRead().entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .max((a, b) ->
                        Double.compare(a.getValue().celsius(), b.getValue().celsius()))
                .map(Map.Entry::getKey);
    }
}
