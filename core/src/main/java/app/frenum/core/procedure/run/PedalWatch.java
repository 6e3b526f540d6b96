package app.frenum.core.procedure.run;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Sees a pedal grow long while it can still be stopped for: travel at the same line pressure against the first three
 * stops of the same parts. By 15 % it is the sign of vapour in the fluid (handbook, "Fade", cause).
 */
final class PedalWatch {
    private static final int REFERENCE_STOPS = 3;
    private static final double LONG = 1.15;
    private static final double PRESSURE_BAR = 30;

    private PedalWatch() {}

    /** Why the last stop's pedal was too long; empty when it was not, or nothing can be said. */
    static Optional<Finding> goneLong(RunScript script, List<JudgedStop> stops) {
        JudgedStop last = stops.get(stops.size() - 1);
        double[] travel = stops.stream()
                .filter(s -> script.areAlike(s.step(), last.step()))
                .flatMap(s -> s.logged().stream())
                .map(l -> l.measured().pedal().at(PRESSURE_BAR))
                .mapToDouble(f -> f.orElse(Double.NaN))
                .toArray();
        if (travel.length <= REFERENCE_STOPS || last.logged().isEmpty()) {
            return Optional.empty();
        }
        double[] reference = Arrays.copyOf(travel, REFERENCE_STOPS);
        Arrays.sort(reference);
        double times = travel[travel.length - 1] / reference[REFERENCE_STOPS / 2];
        return times >= LONG
                ? Optional.of(Finding.of(
                        RunFinding.PEDAL_LONGER,
                        Term.share(times - 1),
                        new Term.Amount(AmountKind.PRESSURE, PRESSURE_BAR, 1)))
                : Optional.empty();
    }
}
