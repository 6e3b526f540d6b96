package app.frenum.core.procedure.run;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.DiscFace;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.CrackClass;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * One face of one disc, looked at for cracks.
 *
 * @param length of the longest crack, as measured; absent where it was not
 */
public record CrackSeen(WheelPosition wheel, DiscFace face, CrackClass crack, Optional<Quantity> length) {
    /** By less than this a crack read twice has not grown, m. */
    private static final double READING_M = 0.001;

    /** What is wrong with it as an entry. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        length.ifPresent(q -> ReadingField.CRACK.bounds().check(q, "length", found));
        if (length.isPresent() && crack == CrackClass.NONE) {
            found.add(new FieldProblem("length", "No crack has no length. Say what was seen, or leave it empty."));
        }
        return found;
    }

    /**
     * Why testing ends: a crack that has reached an edge, or one that grew since the face was last looked at.
     *
     * @param before the same face at the look that growth is told against; empty at the first
     */
    Optional<Finding> endsTesting(Optional<CrackSeen> before) {
        if (crack.endsTesting()) {
            return Optional.of(Finding.of(RunFinding.CRACK_AT_EDGE, Term.name(where()), words()));
        }
        return crack.canGrow() && before.filter(this::isMoreThan).isPresent()
                ? Optional.of(Finding.of(RunFinding.CRACK_GREW, Term.name(where()), words()))
                : Optional.empty();
    }

    private boolean isMoreThan(CrackSeen before) {
        boolean longer = length.isPresent()
                && before.length.isPresent()
                && length.get().inside() - before.length.get().inside() > READING_M;
        return crack.compareTo(before.crack) > 0 || longer;
    }

    /**
     * The look that a crack's growth is told against: the first of this face since it was last seen without a crack,
     * that look itself. Entering a grown crack twice does not make it an old one.
     */
    static Optional<CrackSeen> firstLook(CrackSeen face, List<CrackSeen> looks) {
        Optional<CrackSeen> first = Optional.empty();
        for (CrackSeen look : looks) {
            if (look.where().equals(face.where()) && (first.isEmpty() || !look.crack.canGrow())) {
                first = Optional.of(look);
            }
        }
        return first;
    }

    /** Which disc may not be driven on: cracked to an edge, or grown, and none seen whole in its place since. */
    static Optional<Finding> endTestingStill(List<CrackSeen> looks) {
        Map<String, CrackSeen> last = new LinkedHashMap<>();
        looks.forEach(look -> last.put(look.where(), look));
        return last.values().stream()
                .flatMap(look -> look.endsTesting(firstLook(look, looks)).stream())
                .findFirst();
    }

    private String where() {
        return "%s disc, %s face"
                .formatted(
                        wheel.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                        face.name().toLowerCase(Locale.ROOT));
    }

    private Term words() {
        String label = crack.label();
        Term kind = Term.name(Character.toLowerCase(label.charAt(0)) + label.substring(1));
        return new Term.Said(length.map(q -> Finding.of(RunFinding.CRACK_OF_LENGTH, kind, Term.millimetres(q.inside())))
                .orElse(Finding.of(RunFinding.CRACK, kind)));
    }
}
