package app.frenum.core.procedure.run;

import app.frenum.core.compare.Instrument;
import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What people read and saw after one stop.
 *
 * @param entrySpeed as called by whoever read it
 * @param distances one for each person who read tape or wheel
 * @param instrument what the distances were read with; a stopwatch when there is only a time
 * @param time by stopwatch
 * @param peaks disc temperatures, late as they were read
 * @param lateS how long after rest they were read, s
 * @param pedal how it felt
 * @param lockSeen whether a wheel was seen to lock
 * @param rearFirst whether it was a rear wheel, before any front wheel
 * @param switches as they were found to stand
 * @param note anything else
 * @param readOn what the thermometer looked at; empty where nobody said
 * @param effort how hard it was pressed, where nothing measures it
 * @param tyres cold or warm when the stop began, where somebody said
 * @param rolled from the rest of the stop before to the braking of this one, by trip counter
 */
public record HandReadings(
        Optional<Quantity> entrySpeed,
        List<DistanceRead> distances,
        Instrument instrument,
        Optional<Quantity> time,
        Map<WheelPosition, Quantity> peaks,
        double lateS,
        Optional<PedalFeel> pedal,
        boolean lockSeen,
        boolean rearFirst,
        Map<BrakeSwitch, Boolean> switches,
        String note,
        Optional<PeakSource> readOn,
        Optional<PedalEffort> effort,
        Optional<Quantity> rolled,
        Optional<TyreState> tyres) {
    /** What is known of a stop that nobody said anything of. */
    public static final HandReadings NONE = new HandReadings(
            Optional.empty(),
            List.of(),
            Instrument.TAPE,
            Optional.empty(),
            Map.of(),
            0,
            Optional.empty(),
            false,
            false,
            Map.of(),
            "",
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final int MOST_PEOPLE = 6;
    private static final int LONGEST_NOTE = 500;

    public HandReadings {
        distances = List.copyOf(distances);
        peaks = peaks.isEmpty() ? Map.of() : new EnumMap<>(peaks);
        // A device that was opened before these were asked for does not send them.
        readOn = Objects.requireNonNullElse(readOn, Optional.empty());
        effort = Objects.requireNonNullElse(effort, Optional.empty());
        rolled = Objects.requireNonNullElse(rolled, Optional.empty());
        tyres = Objects.requireNonNullElse(tyres, Optional.empty());
        switches = switches.isEmpty() ? Map.of() : new EnumMap<>(switches);
    }

    /** One person's reading of the distance. */
    public record DistanceRead(Who by, Quantity distance) {}

    /** The mean of what everybody read, m; absent when nobody did. */
    public Optional<Double> distanceM() {
        return distances.isEmpty()
                ? Optional.empty()
                : Optional.of(distances.stream()
                        .mapToDouble(d -> d.distance().inside())
                        .average()
                        .orElseThrow());
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        entrySpeed.ifPresent(q -> ReadingField.SPEED.bounds().check(q, "entrySpeed", found));
        time.ifPresent(q -> ReadingField.TIME.bounds().check(q, "time", found));
        rolled.ifPresent(q -> ReadingField.ROLLED.bounds().check(q, "rolled", found));
        for (int i = 0; i < distances.size(); i++) {
            ReadingField.DISTANCE.bounds().check(distances.get(i).distance(), "distances." + i, found);
        }
        peaks.forEach((wheel, q) -> ReadingField.DISC.bounds().check(q, "peaks." + wheel, found));
        if (distances.size() > MOST_PEOPLE) {
            found.add(new FieldProblem("distances", "At most %d people's readings, please.".formatted(MOST_PEOPLE)));
        }
        ReadingField.LATE.bounds().check(new Quantity(lateS, Unit.SECONDS), "lateS", found);
        if (note.length() > LONGEST_NOTE) {
            found.add(new FieldProblem("note", "At most %d characters, please.".formatted(LONGEST_NOTE)));
        }
        return found;
    }
}
