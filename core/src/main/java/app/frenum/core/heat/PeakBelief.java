package app.frenum.core.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How hot a disc really got, by all that tells of it.
 *
 * @param peakC what is believed
 * @param peakU its standard uncertainty
 * @param source by what; empty when nothing tells
 * @param clues everything that was weighed
 * @param doubts where they disagree: which is believed, and why
 */
public record PeakBelief(
        Figure peakC, Figure peakU, Optional<PeakSource> source, List<PeakClue> clues, List<Finding> doubts) {
    /** A rectangular interval's standard deviation is its width over this. */
    private static final double RECTANGLE = Math.sqrt(12);

    /** Nothing tells of it. */
    public static PeakBelief none(String whyNot) {
        Figure none = Figure.unknown(whyNot);
        return new PeakBelief(none, none, Optional.empty(), List.of(), List.of());
    }

    /**
     * Weighs the clues: of the temperatures that agree with the one that most of the others agree with the surest, and bare
     * metal last, because it radiates little. A temperature that stands alone below what a ladder changed at is not believed,
     * because nothing changes a ladder back.
     */
    public static PeakBelief of(List<PeakClue> clues) {
        Optional<PeakClue> best = clues.stream()
                .filter(c -> !c.isRange())
                .max(Comparator.<PeakClue>comparingLong(c -> support(c, clues))
                        .thenComparing(c -> c.source() != PeakSource.BARE)
                        .thenComparing(c -> -c.peakU().value()));
        if (best.isEmpty()) {
            List<PeakClue> ladders = clues.stream().filter(PeakClue::isLadder).toList();
            return ladders.isEmpty() && !clues.isEmpty() ? tooLate(clues) : byLadder(ladders);
        }
        PeakClue agreed = best.get();
        PeakClue chosen = clues.stream()
                .filter(c -> !c.isRange() && c.source() != PeakSource.BARE && c.agreesWith(agreed))
                .min(Comparator.comparingDouble(c -> c.peakU().value()))
                .orElse(agreed);
        boolean alone = support(chosen, clues) == 0;
        Optional<PeakClue> ladder =
                clues.stream().filter(c -> alone && isAbove(c, chosen)).findFirst();
        List<Finding> doubts = clues.stream()
                .filter(c -> !c.agreesWith(chosen))
                .map(c -> c.isLadder()
                        ? ladderDoubt(chosen, c, alone)
                        : c.isRange() ? readTooLate(c) : doubt(chosen, c, alone))
                .toList();
        PeakBelief believed = ladder.map(l -> byLadder(List.of(l)))
                .orElseGet(() -> new PeakBelief(
                        chosen.peakC(), chosen.peakU(), Optional.of(chosen.source()), List.of(), List.of()));
        return new PeakBelief(believed.peakC(), believed.peakU(), believed.source(), List.copyOf(clues), doubts);
    }

    /** Read so late that only a lower limit is left. */
    private static PeakBelief tooLate(List<PeakClue> clues) {
        PeakClue highest = clues.stream()
                .max(Comparator.comparingDouble(c -> c.atLeastC().orElse(Double.NEGATIVE_INFINITY)))
                .orElseThrow();
        return new PeakBelief(
                highest.peakC(),
                highest.peakC(),
                Optional.of(highest.source()),
                List.copyOf(clues),
                List.of(readTooLate(highest)));
    }

    private static Finding readTooLate(PeakClue clue) {
        return Finding.of(
                HeatFinding.READ_TOO_LATE, Term.temperature(clue.atLeastC().value()));
    }

    /** A ladder that changed at more than the other clue allows. */
    private static boolean isAbove(PeakClue ladder, PeakClue other) {
        return ladder.isLadder()
                && ladder.atLeastC().orElse(Double.NEGATIVE_INFINITY)
                        >= other.belowC().value();
    }

    private static long support(PeakClue clue, List<PeakClue> all) {
        return all.stream().filter(c -> c.agreesWith(clue)).count() - 1;
    }

    /** The middle of the range that the ladders leave; one end alone gives no temperature. */
    private static PeakBelief byLadder(List<PeakClue> ladders) {
        double from = ladders.stream()
                .mapToDouble(c -> c.atLeastC().orElse(Double.NEGATIVE_INFINITY))
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
        double below = ladders.stream()
                .mapToDouble(c -> c.belowC().orElse(Double.POSITIVE_INFINITY))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        if (ladders.isEmpty()) {
            return none("not read after the stop");
        }
        if (from >= below) {
            Figure none = Figure.unknown("the ladders contradict each other");
            return new PeakBelief(
                    none,
                    none,
                    Optional.empty(),
                    List.copyOf(ladders),
                    List.of(Finding.of(HeatFinding.LADDERS_CONTRADICT)));
        }
        if (Double.isInfinite(below)) {
            return oneEnd(
                    ladders,
                    "every paint of the ladder changed: it gives a lower limit only",
                    Finding.of(HeatFinding.LADDER_ALL_CHANGED, Term.temperature(from)));
        }
        if (Double.isInfinite(from)) {
            return oneEnd(
                    ladders,
                    "no paint of the ladder changed: it gives an upper limit only",
                    Finding.of(HeatFinding.LADDER_NONE_CHANGED, Term.temperature(below)));
        }
        return new PeakBelief(
                Figure.of((from + below) / 2),
                Figure.of((below - from) / RECTANGLE),
                Optional.of(PeakSource.LADDER),
                List.copyOf(ladders),
                List.of());
    }

    private static PeakBelief oneEnd(List<PeakClue> ladders, String why, Finding limit) {
        Figure none = Figure.unknown(why);
        return new PeakBelief(none, none, Optional.of(PeakSource.LADDER), List.copyOf(ladders), List.of(limit));
    }

    private static Finding ladderDoubt(PeakClue chosen, PeakClue ladder, boolean alone) {
        Term source = Term.name(chosen.source().label());
        Term says = Term.temperature(chosen.peakC().value());
        if (!isAbove(ladder, chosen)) {
            Term at = Term.temperature(ladder.belowC().value());
            return Finding.of(HeatFinding.LADDER_DID_NOT_CHANGE, at, source, says);
        }
        Term at = Term.temperature(ladder.atLeastC().value());
        return alone
                ? Finding.of(HeatFinding.LADDER_BELIEVED, at, says, source, whyLow(chosen))
                : Finding.of(HeatFinding.LADDER_NOT_BELIEVED, at, says, source);
    }

    private static Finding doubt(PeakClue chosen, PeakClue other, boolean alone) {
        boolean lower = other.peakC().value() < chosen.peakC().value();
        return Finding.of(
                alone ? HeatFinding.SURER_BELIEVED : HeatFinding.AGREED_BELIEVED,
                Term.name(other.source().label()),
                Term.temperature(other.peakC().value()),
                Term.name(chosen.source().label()),
                Term.temperature(chosen.peakC().value()),
                whyLow(lower ? other : chosen));
    }

    /** What makes one read too low. */
    private static Term whyLow(PeakClue clue) {
        return switch (clue.source()) {
            case BARE -> said(HeatFinding.BARE_READS_LOW);
            case SENSOR -> said(HeatFinding.SENSOR_READS_LOW);
            case PROBE -> said(HeatFinding.PROBE_READS_LOW);
            case BLACKENED -> said(HeatFinding.PATCH_READS_LOW);
            case LADDER -> Term.name("");
        };
    }

    private static Term said(HeatFinding why) {
        return new Term.Said(Finding.of(why));
    }
}
