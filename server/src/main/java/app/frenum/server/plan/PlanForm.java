package app.frenum.server.plan;

import app.frenum.core.plan.LaneField;
import app.frenum.core.plan.PlanField;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.CrackClass;
import app.frenum.core.procedure.CrewRole;
import app.frenum.core.procedure.RadioWord;
import app.frenum.core.procedure.SafetyCheck;
import app.frenum.server.form.FormEntry;
import java.util.Arrays;
import java.util.List;

/** What a plan and a lane ask for, and what is said and seen to on the day, so that the interface has no list of its own. */
record PlanForm(
        List<FormEntry> plan,
        List<FormEntry> lane,
        List<CrewPlace> crew,
        List<Word> radio,
        List<SafetyItem> safety,
        List<AbortItem> abort,
        List<CrackItem> cracks) {
    /** A role on the day, and what whoever has it does. */
    record CrewPlace(CrewRole role, String label, String duty) {}

    /** A word on the radio. */
    record Word(String words, String meaning) {}

    /** Something seen to before the first run. */
    record SafetyItem(SafetyCheck check, String label) {}

    /** What ends testing, and what is looked at before it goes on. */
    record AbortItem(AbortRule rule, String label, String inspect) {}

    /** How a disc may look. */
    record CrackItem(CrackClass crack, String label) {}

    static PlanForm whole() {
        return new PlanForm(
                FormEntry.all(PlanField.values()),
                FormEntry.all(LaneField.values()),
                Arrays.stream(CrewRole.values())
                        .map(r -> new CrewPlace(r, r.label(), r.duty()))
                        .toList(),
                Arrays.stream(RadioWord.values())
                        .map(w -> new Word(w.words(), w.meaning()))
                        .toList(),
                Arrays.stream(SafetyCheck.values())
                        .map(c -> new SafetyItem(c, c.label()))
                        .toList(),
                Arrays.stream(AbortRule.values())
                        .map(r -> new AbortItem(r, r.label(), r.inspect()))
                        .toList(),
                Arrays.stream(CrackClass.values())
                        .map(c -> new CrackItem(c, c.label()))
                        .toList());
    }
}
