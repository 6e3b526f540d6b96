package app.frenum.server.garage;

import app.frenum.core.garage.Weighing;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.server.problem.Problem;
import java.util.List;

/** A mass by difference in the unit of its readings, with its standard uncertainty. */
record WeighedView(Quantity mass, Quantity uncertainty) {
    static WeighedView of(Weighing weighing) {
        List<FieldProblem> problems = weighing.problems();
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
        Unit unit = weighing.with().unit();
        return new WeighedView(rounded(weighing.massKg(), unit, 1e4), rounded(weighing.uncertaintyKg(), unit, 1e5));
    }

    /** Without the digits that only the conversion between units brings in. */
    private static Quantity rounded(double kg, Unit unit, double steps) {
        return new Quantity(Math.round(unit.fromInside(kg) * steps) / steps, unit);
    }
}
