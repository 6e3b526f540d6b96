package app.frenum.server.plan;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.heat.LapField;
import app.frenum.core.heat.LapHeat;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.formats.words.Wording;
import app.frenum.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;

/**
 * What a lap does to a disc once the laps repeat themselves.
 *
 * @param lapJ energy of one lap
 * @param raceJ of the race
 * @param applications of the brake in the race
 * @param settledAfterLaps how many laps it takes
 * @param events one per braking
 */
record LapHeatView(
        double lapJ,
        double lapKwh,
        double raceJ,
        double raceKwh,
        int applications,
        int settledAfterLaps,
        List<Event> events) {

    /** One braking of the settled lap. */
    record Event(double energyJ, double troughC, double peakC, double peakUncertaintyC) {}

    static LapHeatView of(LapHeatRequest r) {
        refuse(r);
        LapHeat heat = new LapHeat(
                r.mass().inside(),
                r.brakings().stream()
                        .map(b -> new LapHeat.Event(
                                b.from().inside(), b.to().inside(), b.gap().inside()))
                        .toList());
        Cooling cooling = new Cooling(r.cooling().inside(), r.ambient().inside());
        DiscRise disc =
                new DiscRise(r.mass().inside(), r.axleShare().inside(), r.disc().inside(), r.wheels());
        LapHeat.Settled settled = heat.settle(cooling, disc);
        double[] uncertain = heat.peakUncertaintyC(cooling, disc);
        LapHeat.whyNot(settled.swings()).ifPresent(why -> {
            throw Problem.invalid(
                    "",
                    "The lap cannot be computed: "
                            + Wording.in(UnitSystem.METRIC).text(why) + ".");
        });
        double[] joules = heat.eventJ();
        List<Event> events = new ArrayList<>();
        for (int i = 0; i < joules.length; i++) {
            LapHeat.LapSwing swing = settled.swings().get(i);
            events.add(new Event(joules[i], swing.troughC(), swing.peakC(), uncertain[i]));
        }
        return new LapHeatView(
                heat.lapJ(),
                heat.lapKwh(),
                heat.lapJ() * r.laps(),
                heat.lapKwh() * r.laps(),
                heat.applications(r.laps()),
                settled.laps(),
                events);
    }

    private static void refuse(LapHeatRequest r) {
        List<FieldProblem> found = new ArrayList<>();
        LapField.MASS.bounds().check(r.mass(), "mass", found);
        LapField.AXLE_SHARE.bounds().check(r.axleShare(), "axleShare", found);
        LapField.DISC.bounds().check(r.disc(), "disc", found);
        LapField.COOLING.bounds().check(r.cooling(), "cooling", found);
        LapField.AMBIENT.bounds().check(r.ambient(), "ambient", found);
        for (int i = 0; i < r.brakings().size(); i++) {
            LapHeatRequest.Braking b = r.brakings().get(i);
            String at = "brakings." + i + ".";
            int before = found.size();
            LapField.FROM.bounds().check(b.from(), at + "from", found);
            LapField.TO.bounds().check(b.to(), at + "to", found);
            LapField.GAP.bounds().check(b.gap(), at + "gap", found);
            if (found.size() == before && b.to().inside() >= b.from().inside()) {
                found.add(new FieldProblem(at + "to", "A braking must end slower than it begins."));
            }
        }
        if (!found.isEmpty()) {
            throw Problem.invalid(found);
        }
    }
}
