package app.frenum.server.form;

import app.frenum.core.compare.Guess;
import app.frenum.core.compare.ReferenceMark;
import app.frenum.core.garage.BeddingField;
import app.frenum.core.garage.WeighingField;
import app.frenum.core.heat.AirFlowMethod;
import app.frenum.core.heat.DiscField;
import app.frenum.core.heat.LapField;
import app.frenum.core.plan.PlanField;
import app.frenum.core.procedure.PhaseField;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.procedure.run.ReadingField;
import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.trial.TrialField;
import app.frenum.core.trial.TrialResult;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What can be entered where, beside what the forms of garage, plan and discs say of their own.
 *
 * @param test of a new test
 * @param bases from where to where its distances count
 * @param limit that a person enters from a code
 * @param reading of a stop at the lane
 * @param trial of what is done without stops
 * @param guess of what is expected
 * @param mark of a distance that others gave
 * @param units how every unit is written
 */
record Forms(
        List<FormEntry> test,
        List<Choice> bases,
        List<FormEntry> bedding,
        List<FormEntry> weighing,
        List<FormEntry> phase,
        List<FormEntry> limit,
        List<FormEntry> reading,
        List<Choice> pedals,
        List<Choice> efforts,
        List<FormEntry> trial,
        List<Choice> airFlows,
        List<Choice> asGuessed,
        List<FormEntry> disc,
        List<FormEntry> lap,
        List<FormEntry> guess,
        List<FormEntry> mark,
        List<UnitChoice> units) {
    /** What a code may bound: a deceleration, a distance, an effort or a share. */
    private static final FormEntry LIMIT = new FormEntry(
            "LIMIT",
            "Limit",
            "",
            0,
            PhaseField.TARGET.bounds().high(),
            Stream.of(
                            Bounds.of(0, 16, Unit.METRES_PER_SECOND_SQUARED),
                            Bounds.of(0, 1.6, Unit.STANDARD_GRAVITY),
                            Bounds.of(0, 1000, Unit.METRES),
                            Bounds.of(0, 3000, Unit.NEWTONS),
                            Bounds.of(0, 100, Unit.PERCENT))
                    .map(b -> EntryUnit.of(b.usual(), b))
                    .toList());

    static final Forms ALL = new Forms(
            FormEntry.all(PlanField.SPEED, PlanField.MARGIN),
            Arrays.stream(DistanceBasis.values())
                    .filter(b -> b != DistanceBasis.TIME_ONLY)
                    .map(b -> new Choice(b.name(), b.label() + " to rest"))
                    .toList(),
            FormEntry.all(BeddingField.values()),
            FormEntry.all(WeighingField.values()),
            FormEntry.all(PhaseField.values()),
            List.of(LIMIT),
            FormEntry.all(ReadingField.values()),
            choices(PedalFeel.values(), PedalFeel::label),
            choices(PedalEffort.values(), PedalEffort::label),
            FormEntry.all(TrialField.values()),
            choices(AirFlowMethod.values(), AirFlowMethod::label),
            choices(TrialResult.AsGuessed.values(), TrialResult.AsGuessed::label),
            FormEntry.all(DiscField.values()),
            FormEntry.all(LapField.values()),
            FormEntry.all(Guess.Field.values()),
            FormEntry.all(ReferenceMark.Field.values()),
            Arrays.stream(Unit.values()).map(UnitChoice::of).toList());

    private static <E extends Enum<E>> List<Choice> choices(E[] all, Function<E, String> label) {
        return Arrays.stream(all).map(e -> new Choice(e.name(), label.apply(e))).toList();
    }
}
