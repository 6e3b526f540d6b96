package app.frenum.core.heat;

import app.frenum.core.log.DiscFace;
import app.frenum.core.statistics.Summary;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** What two kinds of reading of the same peaks differ by. */
final class ClueDifferences {
    private ClueDifferences() {}

    /** How far bare metal read below a blackened patch or a probe, °C. */
    static Summary bareBelow(List<PeakBelief> peaks) {
        return of(
                peaks,
                c -> c.source() == PeakSource.BLACKENED || c.source() == PeakSource.PROBE,
                c -> c.source() == PeakSource.BARE);
    }

    /** How far the inner face peaked above the outer, °C. */
    static Summary innerOver(List<PeakBelief> peaks) {
        return of(
                peaks,
                c -> c.face().filter(f -> f == DiscFace.INNER).isPresent(),
                c -> c.face().filter(f -> f == DiscFace.OUTER).isPresent());
    }

    private static Summary of(List<PeakBelief> peaks, Predicate<PeakClue> one, Predicate<PeakClue> other) {
        return Summary.of(peaks.stream()
                .mapToDouble(
                        p -> mean(p, one).orElse(Double.NaN) - mean(p, other).orElse(Double.NaN))
                .filter(x -> !Double.isNaN(x))
                .toArray());
    }

    private static OptionalDouble mean(PeakBelief peak, Predicate<PeakClue> which) {
        return peak.clues().stream()
                .filter(which.and(c -> !c.isLadder()))
                .mapToDouble(c -> c.peakC().value())
                .average();
    }
}
