package app.frenum.core.procedure.run;

import app.frenum.core.finding.AsWritten;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.AbortRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Testing stops, by a press, a rule or a crack, and is released once somebody has looked. */
final class Halting {
    private Halting() {}

    static RunState cracksSeen(RunState now, List<CrackSeen> seen, RunEvent event) {
        now.require(now.stage() != Stage.APPROACH && now.stage() != Stage.UNSIGNED, RunRefusal.LOOK_WHILE_IT_STANDS);
        if (seen.isEmpty()) {
            throw OutOfTurn.because(RunRefusal.SAY_WHICH_DISC);
        }
        RunState then = now;
        for (CrackSeen one : seen) {
            then = crackSeen(then, one, event);
        }
        return then;
    }

    private static RunState crackSeen(RunState now, CrackSeen seen, RunEvent event) {
        seen.problems().stream().findFirst().ifPresent(p -> {
            throw new OutOfTurn(AsWritten.of(p.message()));
        });
        Optional<AbortWatch.Due> due = AbortWatch.cracked(now.script(), seen, CrackSeen.firstLook(seen, now.cracks()));
        List<CrackSeen> all = new ArrayList<>(now.cracks());
        all.add(seen);
        RunState noted = new RunDraft(now).cracks(all).build();
        return now.stage() == Stage.STOPPED
                ? due.map(d -> explained(noted, Optional.of(d.rule()), d.why())).orElse(noted)
                : haltIf(noted, due, event);
    }

    static RunState stopped(RunState now, Optional<AbortRule> rule, String words, RunEvent event) {
        now.require(now.stage() != Stage.DONE, RunRefusal.RUN_IS_OVER);
        Finding why = AsWritten.of(words.strip());
        return now.stage() == Stage.STOPPED ? explained(now, rule, why) : halted(now, rule, why, event);
    }

    /** Whoever pressed the button may say afterwards which rule it was. */
    private static RunState explained(RunState now, Optional<AbortRule> rule, Finding why) {
        RunState.Halt open = now.halts().get(now.halts().size() - 1);
        if (rule.isEmpty() || open.rule().isPresent()) {
            return now;
        }
        List<RunState.Halt> all = new ArrayList<>(now.halts());
        all.set(all.size() - 1, new RunState.Halt(rule, why, open.by(), open.atS(), open.before(), "", Who.UNNAMED));
        return new RunDraft(now).halts(all).build();
    }

    private static RunState halted(RunState now, Optional<AbortRule> rule, Finding why, RunEvent event) {
        List<RunState.Halt> all = new ArrayList<>(now.halts());
        all.add(new RunState.Halt(rule, why, event.by(), event.atS(), now.stage(), "", Who.UNNAMED));
        return new RunDraft(now).halts(all).lane(null).stage(Stage.STOPPED).build();
    }

    static RunState haltIf(RunState now, Optional<AbortWatch.Due> due, RunEvent event) {
        return due.map(d -> halted(now, Optional.of(d.rule()), d.why(), event)).orElse(now);
    }

    /** Stops testing where the last stop asks for it, by the procedure's own rules. */
    static RunState haltIfDue(RunState now, RunEvent event) {
        return haltIf(now, AbortWatch.after(now.script(), now.stops()), event);
    }

    static RunState released(RunState now, String inspected, RunEvent event) {
        if (now.stage() != Stage.STOPPED) {
            throw OutOfTurn.because(RunRefusal.NOT_STOPPED);
        }
        if (inspected.isBlank()) {
            throw OutOfTurn.because(RunRefusal.SAY_WHAT_WAS_INSPECTED);
        }
        CrackSeen.endTestingStill(now.cracks())
                .filter(c -> now.script().abortRules().contains(AbortRule.CRACK))
                .ifPresent(cracked -> {
                    throw OutOfTurn.because(RunRefusal.CRACKED_STILL, new Term.Said(cracked));
                });
        RunState.Halt open = now.halts().get(now.halts().size() - 1);
        List<RunState.Halt> all = new ArrayList<>(now.halts());
        all.set(
                all.size() - 1,
                new RunState.Halt(
                        open.rule(), open.why(), open.by(), open.atS(), open.before(), inspected.strip(), event.by()));
        RunDraft draft = new RunDraft(now).halts(all);
        // What was on its way when testing stopped is not picked up again.
        return open.before() == Stage.APPROACH
                ? draft.approach(null).stage(Stage.WAITING).build()
                : draft.stage(open.before()).build();
    }
}
