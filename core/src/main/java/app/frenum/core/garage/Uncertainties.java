package app.frenum.core.garage;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** How well entered figures are known: a standard uncertainty beside a figure, in the same kind of unit. */
final class Uncertainties {
    private Uncertainties() {}

    static <F extends Enum<F>> Figure of(Map<F, Quantity> uncertainties, F field, String name) {
        return Optional.ofNullable(uncertainties.get(field))
                .map(q -> Figure.of(q.inside()))
                .orElse(Figure.unknown(
                        "how well the %s is known was not entered".formatted(name.toLowerCase(Locale.ROOT))));
    }

    static <F extends Enum<F>> List<FieldProblem> problems(
            Map<F, Quantity> figures, Map<F, Quantity> uncertainties, String path) {
        List<FieldProblem> found = new ArrayList<>();
        uncertainties.forEach((field, own) -> {
            String at = (path.isEmpty() ? "" : path + ".") + "uncertainties." + field;
            Quantity figure = figures.get(field);
            if (figure == null) {
                found.add(new FieldProblem(at, "There is no figure that this ± belongs to."));
            } else if (own.unit().dimension() != figure.unit().dimension()) {
                found.add(new FieldProblem(at, "The ± must be in a unit of the same kind as its figure."));
            } else if (!(own.inside() >= 0 && own.inside() < Math.abs(figure.inside()))) {
                found.add(new FieldProblem(at, "The ± must be 0 or more, and smaller than the figure."));
            }
        });
        return found;
    }
}
