package app.frenum.core.compare;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How another configuration is expected to stop beside the baseline, as a figure that can be held against what came.
 *
 * @param sense shorter or longer, or no other than the baseline
 * @param size how much; empty where no difference is expected
 */
public record Guess(Sense sense, Optional<Quantity> size) {

    /** Which way. */
    public enum Sense {
        SHORTER,
        LONGER,
        NO_DIFFERENCE
    }

    /** The figure that a guess has. */
    public enum Field implements EntryField {
        SIZE;

        private static final Entry ENTRY = new Entry("By how much", Bounds.of(0.05, 200, Unit.METRES), "");

        @Override
        public Entry entry() {
            return ENTRY;
        }
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        if (sense == Sense.NO_DIFFERENCE == size.isPresent()) {
            found.add(new FieldProblem(
                    "guess.size",
                    size.isPresent() ? "No difference has no size; leave it empty." : "Say by how much."));
        }
        size.ifPresent(q -> Field.SIZE.bounds().check(q, "guess.size", found));
        return found;
    }

    /** Candidate − baseline, m. */
    public double difference() {
        double metres = size.map(Quantity::inside).orElse(0.0);
        return sense == Sense.SHORTER ? -metres : metres;
    }
}
