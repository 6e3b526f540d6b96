package app.frenum.core.procedure.run;

import app.frenum.core.heat.Cooling;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * Judges the stop that a run has just had, from what was read by hand, what the logger saw, or both.
 *
 * @param run while the stop is not yet one of its stops
 */
record StopJudge(RunState run) {
    /** Standard uncertainty of a hand reading of a disc, °C. */
    static final double READING_C = 5;
    /** What the car does so soon after its stop it has done all the time, s. */
    private static final double SOON_S = 15;

    private static final double AMBIENT_C = 2;

    /**
     * When a stop was driven, and from which disc temperatures, whoever saw it.
     *
     * @param started whether somebody had started it at the card, with the lane called clear
     */
    record Driven(double atS, double restAtS, Map<WheelPosition, Double> startC, boolean started) {}

    JudgedStop judged(UUID id, Driven driven, HandReadings readings, Optional<LoggedStop> logged) {
        Step now = run.current().orElseThrow();
        Phase phase = now.phase().orElseThrow();
        StopRules.Seen seen = new StopRules.Seen(readings, logged, driven.startC(), interval(driven), driven.started());
        List<Flag> flags = StopRules.flags(
                phase,
                run.script().sides().get(now.configuration()),
                seen,
                run.script().asksForSwitches());
        double asked = phase.from().inside();
        return new JudgedStop(
                id,
                run.step(),
                run.attempts() + 1,
                driven.atS(),
                driven.restAtS(),
                readings,
                logged,
                seen.startC(),
                peaks(readings, driven.restAtS()),
                corrected(
                        logged.map(l -> l.measured().countedDistance())
                                .orElseGet(() ->
                                        StopRules.measurement(readings, asked).value()),
                        flags),
                logged.map(l -> l.measured().uncertainty().distance())
                        .orElseGet(() -> StopRules.measurement(readings, asked).uncertainty()),
                flags,
                StopRules.validity(flags, phase),
                Optional.empty(),
                List.of());
    }

    private OptionalDouble interval(Driven driven) {
        boolean again = run.lastStartS().isPresent() && run.lastStartS().getAsDouble() == driven.atS();
        OptionalDouble before = again ? previousStart() : run.lastStartS();
        return before.isPresent() ? OptionalDouble.of(driven.atS() - before.getAsDouble()) : OptionalDouble.empty();
    }

    /** When the run-up before the last one began, in the same step. */
    private OptionalDouble previousStart() {
        return run.stops().stream()
                .filter(s -> s.step() == run.step())
                .mapToDouble(JudgedStop::atS)
                .max();
    }

    /** At the speed asked for; outside its tolerance the square law may not be used. */
    private static Figure corrected(Figure value, List<Flag> flags) {
        return flags.stream().anyMatch(f -> f.code() == FlagCode.ENTRY_SPEED_OUT)
                ? Figure.unknown("the entry speed is too far off to correct the distance for it")
                : value;
    }

    /** Peaks that late readings go back to: those entered, and those a thermometer sent since it came to rest. */
    private Map<WheelPosition, Cooling.Peak> peaks(HandReadings r, double restAtS) {
        Map<WheelPosition, Cooling.Peak> all = new EnumMap<>(WheelPosition.class);
        run.discs().stream()
                .filter(d -> d.atS() >= restAtS)
                .forEach(d -> all.putIfAbsent(d.wheel(), peakBefore(d.celsius(), d.atS() - restAtS, restAtS)));
        r.peaks().forEach((wheel, q) -> all.put(wheel, peakBefore(q.inside(), r.lateS(), restAtS)));
        return all;
    }

    /** Parked only after a lap, or driven off later: then nobody knows what the disc did in between. */
    private Cooling.Peak peakBefore(double celsius, double lateS, double restAtS) {
        RunScript script = run.script();
        return script.cooling()
                .peakBefore(
                        new Cooling.Peak(celsius, READING_C),
                        lateS,
                        script.ambientC(),
                        AMBIENT_C,
                        run.moving().filter(m -> m.sinceS() - restAtS <= SOON_S).map(RunState.Moving::motion));
    }
}
