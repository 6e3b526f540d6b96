package app.frenum.core.procedure.run;

import app.frenum.core.heat.Cooling;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * One stop of a run, as it was read and judged.
 *
 * @param id that of the event it was entered with
 * @param step index of its step
 * @param attempt in its step, from 1
 * @param atS when the run-up began
 * @param restAtS when it stood, or let go of the brake
 * @param readings as entered
 * @param logged what the logger saw of it; absent where there is none
 * @param startC disc temperatures read last before it
 * @param peaks late readings carried back to the peak
 * @param correctedM distance at the nominal speed, m, or mean deceleration where there is only a time
 * @param uncertaintyM standard uncertainty of the reading
 * @param flags what the rules say
 * @param judged what follows from them
 * @param decision of an operator; the first that came
 * @param objections of others who decided otherwise without knowing of it, until the two have settled it
 */
public record JudgedStop(
        UUID id,
        int step,
        int attempt,
        double atS,
        double restAtS,
        HandReadings readings,
        Optional<LoggedStop> logged,
        Map<WheelPosition, Double> startC,
        Map<WheelPosition, Cooling.Peak> peaks,
        Figure correctedM,
        Figure uncertaintyM,
        List<Flag> flags,
        Validity judged,
        Optional<Ruling> decision,
        List<Ruling> objections) {

    /**
     * What an operator made of it.
     *
     * @param reason empty when they went along with the rules
     */
    public record Ruling(Validity validity, String reason, Who by, double atS) {}

    /** Whether it counts, as far as is decided. */
    public boolean counts() {
        return decision.map(Ruling::validity).orElse(judged) != Validity.REPEAT;
    }

    /** What has it driven again by rule, without what is only to be noted; empty where the rules let it count. */
    public List<Flag> whyRepeat() {
        if (judged != Validity.REPEAT) {
            return List.of();
        }
        List<Flag> by = flags.stream()
                .filter(f -> f.code().validity() == Validity.REPEAT)
                .toList();
        // Only a phase that forbids it has a stop driven again for a locked wheel.
        return by.isEmpty()
                ? flags.stream().filter(f -> f.code() == FlagCode.WHEEL_LOCK).toList()
                : by;
    }

    StopJudge.Driven driven() {
        boolean started = flags.stream().noneMatch(f -> f.code() == FlagCode.NOT_STARTED);
        return new StopJudge.Driven(atS, restAtS, startC, started);
    }

    /** Somebody else decided otherwise; nothing is settled by whoever came first, or last. */
    JudgedStop objected(Ruling other) {
        List<Ruling> all = new ArrayList<>(objections);
        all.add(other);
        return with(decision, all);
    }

    JudgedStop settled() {
        return with(decision, List.of());
    }

    /** The same, with discs that the logger saw get so hot by then. */
    JudgedStop withPeaks(Map<WheelPosition, Double> celsius) {
        return with(logged.map(l -> l.withPeaks(celsius)), decision, objections);
    }

    JudgedStop decided(Ruling own) {
        return with(Optional.of(own), objections);
    }

    private JudgedStop with(Optional<Ruling> ruling, List<Ruling> others) {
        return with(logged, ruling, others);
    }

    private JudgedStop with(Optional<LoggedStop> seen, Optional<Ruling> ruling, List<Ruling> others) {
        return new JudgedStop(
                id,
                step,
                attempt,
                atS,
                restAtS,
                readings,
                seen,
                startC,
                peaks,
                correctedM,
                uncertaintyM,
                flags,
                judged,
                ruling,
                List.copyOf(others));
    }
}
