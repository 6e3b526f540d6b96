package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.MARK;
import static app.frenum.core.compare.AsideFinding.MARK_FROM_OTHER_SPEED;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.Corrections;
import java.util.ArrayList;
import java.util.List;

/**
 * A distance that somebody else gave: a code's limit, a maker's figure, last year's best, a textbook's typical stop. It was
 * not measured like the stops beside it, so it is shown and never compared.
 *
 * @param label what it is
 * @param source where it comes from
 * @param distance as it is given there
 * @param speed from which it is given there
 */
public record ReferenceMark(String label, String source, Quantity distance, Quantity speed) {
    private static final int LONGEST_LABEL = 60;
    private static final int LONGEST_SOURCE = 200;
    /** Speeds that differ by less are the same, as a share. */
    private static final double SAME_SPEED = 0.005;

    /** Its figures. */
    public enum Field implements EntryField {
        DISTANCE("Distance", Bounds.of(1, 1000, Unit.METRES)),
        SPEED("From", Bounds.of(10, 400, Unit.KILOMETRES_PER_HOUR));

        private final Entry entry;

        Field(String label, Bounds bounds) {
            entry = new Entry(label, bounds, "");
        }

        @Override
        public Entry entry() {
            return entry;
        }
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        if (label.isBlank() || label.length() > LONGEST_LABEL) {
            found.add(new FieldProblem("label", "Name it in 1 to %d characters.".formatted(LONGEST_LABEL)));
        }
        if (source.isBlank() || source.length() > LONGEST_SOURCE) {
            found.add(new FieldProblem(
                    "source", "Say where it comes from, in 1 to %d characters.".formatted(LONGEST_SOURCE)));
        }
        Field.DISTANCE.bounds().check(distance, "distance", found);
        Field.SPEED.bounds().check(speed, "speed", found);
        return found;
    }

    /** What it comes to from another speed by the square law, m. */
    public double from(double speedMps) {
        return Corrections.toNominalSpeed(distance.inside(), speed.inside(), speedMps);
    }

    /** It in words, beside stops from so many m/s. */
    public Finding told(double speedMps) {
        Term given = Term.distance(distance.inside(), 0.1);
        Term at = Term.speed(speed.inside());
        boolean same = Math.abs(speedMps / speed.inside() - 1) < SAME_SPEED;
        return same
                ? Finding.of(MARK, Term.name(label), given, at, Term.name(source))
                : Finding.of(
                        MARK_FROM_OTHER_SPEED,
                        Term.name(label),
                        given,
                        at,
                        Term.name(source),
                        Term.distance(from(speedMps), 0.1));
    }
}
