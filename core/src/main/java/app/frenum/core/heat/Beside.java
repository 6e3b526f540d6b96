package app.frenum.core.heat;

import static app.frenum.core.finding.Term.said;
import static app.frenum.core.heat.BesideFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a configuration did to the discs and to the stops, beside the first: a device that cools may lengthen the stop.
 *
 * @param tauS time constant of a front disc, s
 * @param tauLowS of its 95 % interval
 * @param hottestC hottest front peak
 * @param meanM mean stopping distance, m
 * @param halfWidthM of its 95 % interval
 * @param entryMps mean of the entry speeds
 * @param energyJ mean of the energies
 */
public record Beside(
        Figure tauS,
        Figure tauLowS,
        Figure tauHighS,
        Figure hottestC,
        Figure meanM,
        Figure halfWidthM,
        Figure entryMps,
        Figure energyJ) {
    /** Speeds further apart than this share are not alike. */
    private static final double LIKE_SPEED = 0.03;

    private static final double LIKE_ENERGY = 0.1;
    private static final double STEP_M = 0.1;

    /** In one sentence. */
    public Finding against(Beside first) {
        return Finding.of(BESIDE, said(cooling(first)), said(hottest(first)), said(stops(first)));
    }

    /** Where the two were not driven alike, so that their temperatures cannot be held against each other. */
    public Optional<Finding> unlike(Beside first) {
        List<Finding> ways = new ArrayList<>();
        if (apart(first.entryMps, entryMps, LIKE_SPEED)) {
            ways.add(Finding.of(
                    ENTRY_SPEEDS, Term.speedToTenth(entryMps.value()), Term.speedToTenth(first.entryMps.value())));
        }
        if (apart(first.energyJ, energyJ, LIKE_ENERGY)) {
            ways.add(Finding.of(ENERGIES, kilojoules(energyJ), kilojoules(first.energyJ)));
        }
        return ways.isEmpty() ? Optional.empty() : Optional.of(Finding.of(UNLIKE, Finding.all(ways)));
    }

    private static Term kilojoules(Figure joules) {
        return Term.times(joules.value() / 1000, 1);
    }

    private static boolean apart(Figure a, Figure b, double most) {
        return a.isKnown() && b.isKnown() && Math.abs(b.value() / a.value() - 1) > most;
    }

    private Finding cooling(Beside first) {
        if (!tauS.isKnown() || !first.tauS.isKnown()) {
            return Finding.of(COOLING_NOT_KNOWN);
        }
        boolean overlap =
                tauLowS.orElse(0) <= first.tauHighS.orElse(0) && first.tauLowS.orElse(0) <= tauHighS.orElse(0);
        BesideFinding how = overlap ? COOLS_AS_FAST : tauS.value() < first.tauS.value() ? COOLS_FASTER : COOLS_SLOWER;
        return Finding.of(how, Term.seconds(tauS.value()), Term.seconds(first.tauS.value()));
    }

    private Finding hottest(Beside first) {
        if (!hottestC.isKnown() || !first.hottestC.isKnown()) {
            return Finding.of(PEAKS_NOT_KNOWN);
        }
        double apart = hottestC.value() - first.hottestC.value();
        return Finding.of(apart < 0 ? PEAK_COOLER : PEAK_HOTTER, Term.temperatureApart(Math.abs(apart)));
    }

    private Finding stops(Beside first) {
        if (!meanM.isKnown() || !first.meanM.isKnown()) {
            return Finding.of(STOPS_NOT_KNOWN);
        }
        double apart = meanM.value() - first.meanM.value();
        boolean shorter = apart < 0;
        Term.Amount size = Term.distance(Math.abs(apart), STEP_M);
        if (!halfWidthM.isKnown() || !first.halfWidthM.isKnown()) {
            return Finding.of(shorter ? MEAN_SHORTER : MEAN_LONGER, size);
        }
        double half = Math.hypot(halfWidthM.value(), first.halfWidthM.value());
        Term within = size.within(Figure.of(half));
        if (Math.abs(apart) <= half) {
            return Finding.of(shorter ? SAME_SHORTER : SAME_LONGER, within);
        }
        return Finding.of(shorter ? STOPS_SHORTER : STOPS_LONGER, within);
    }
}
