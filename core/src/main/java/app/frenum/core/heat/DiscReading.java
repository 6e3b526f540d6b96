package app.frenum.core.heat;

import app.frenum.core.log.DiscFace;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What somebody read off one disc after a stop.
 *
 * @param wheel which disc
 * @param source by what; a sensor is read by the logger, not by people
 * @param face which of its faces; absent where nobody said
 * @param value the temperature; absent for a ladder
 * @param late how long after rest; absent counts as at once
 * @param ladderId which ladder; absent for all else
 * @param changed how many of its marks had changed, from the lowest; absent for all else
 * @param painted whether the ladder was painted anew before this stop
 */
public record DiscReading(
        WheelPosition wheel,
        PeakSource source,
        Optional<DiscFace> face,
        Optional<Quantity> value,
        Optional<Quantity> late,
        Optional<UUID> ladderId,
        Optional<Integer> changed,
        boolean painted) {

    public boolean isLadder() {
        return source == PeakSource.LADDER;
    }

    public double lateS() {
        return late.map(Quantity::inside).orElse(0.0);
    }

    /**
     * What is wrong with it as an entry.
     *
     * @param ladder the one it is of; empty when there is none of that id
     */
    public List<FieldProblem> problems(Optional<Ladder> ladder) {
        List<FieldProblem> found = new ArrayList<>();
        if (source == PeakSource.SENSOR) {
            found.add(new FieldProblem("source", "A sensor is read by the logger. Say what was read by hand."));
        } else if (isLadder()) {
            int marks = ladder.map(l -> l.thresholds().size()).orElse(0);
            int read = changed.orElse(-1);
            if (ladder.isEmpty()) {
                found.add(new FieldProblem("ladderId", "Choose which ladder was on the disc."));
            } else if (read < 0 || read > marks) {
                found.add(new FieldProblem("changed", "%d of %d marks cannot have changed.".formatted(read, marks)));
            }
        } else if (value.isEmpty()) {
            found.add(new FieldProblem("value", "No temperature was read."));
        }
        value.ifPresent(v -> DiscField.VALUE.bounds().check(v, "value", found));
        late.ifPresent(l -> DiscField.LATE.bounds().check(l, "late", found));
        return found;
    }

    /** What it tells of the stop's peak. */
    public PeakClue clue(Optional<Ladder> ladder, Regimes cooling, double ambientC) {
        return isLadder()
                ? PeakClue.ladder(ladder.orElseThrow().thresholdsC(), changed.orElseThrow())
                : PeakClue.read(source, face, value.orElseThrow().inside(), lateS(), cooling, ambientC);
    }
}
