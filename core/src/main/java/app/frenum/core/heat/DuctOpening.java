package app.frenum.core.heat;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.StraightLine;
import java.util.List;
import java.util.Optional;

/**
 * Start and peak of the front discs over the opening of their ducts, in % left free: straight lines through the last stop
 * of each configuration that has an opening of its own.
 *
 * @param troughPer °C per % more opening, with the ends of its 95 % range
 * @param peakPer the same of the peak
 * @param fromOpening the least opening that was driven, %
 * @param toOpening the widest
 * @param openingFor which the wanted start would ask for, %; empty where nobody wants one
 */
public record DuctOpening(
        Figure troughPer,
        Figure troughLow,
        Figure troughHigh,
        Figure peakPer,
        Figure peakLow,
        Figure peakHigh,
        double fromOpening,
        double toOpening,
        Optional<Figure> openingFor) {

    /** A configuration: how far its ducts are open, as a share, and how hot its discs got. */
    public record Driven(double opening, HeatStudy study) {}

    /** Empty where fewer than three openings were driven, or all alike. */
    public static Optional<DuctOpening> of(List<Driven> all, Optional<Double> wantedTroughC) {
        List<Driven> known =
                all.stream().filter(d -> d.study().lastAveraged().isPresent()).toList();
        double[] x = known.stream().mapToDouble(d -> 100 * d.opening()).toArray();
        StraightLine trough = StraightLine.of(
                x,
                known.stream()
                        .mapToDouble(d -> last(d).frontTroughC().orElse(Double.NaN))
                        .toArray());
        StraightLine peak = StraightLine.of(
                x,
                known.stream()
                        .mapToDouble(d -> last(d).frontPeakC().orElse(Double.NaN))
                        .toArray());
        return trough.slope().isKnown()
                ? Optional.of(new DuctOpening(
                        trough.slope(),
                        trough.slopeLow(),
                        trough.slopeHigh(),
                        peak.slope(),
                        peak.slopeLow(),
                        peak.slopeHigh(),
                        trough.fromX(),
                        trough.toX(),
                        wantedTroughC.map(trough::xFor)))
                : Optional.empty();
    }

    /** What a percent more opening is worth. */
    public Finding worth() {
        return Finding.of(
                HeatAnswerFinding.OPENING_CHANGES,
                apart(troughPer),
                apart(troughLow),
                apart(troughHigh),
                apart(peakPer),
                apart(peakLow),
                apart(peakHigh));
    }

    /** How far to open it for the wanted start; empty where nobody wants one. */
    public Optional<Finding> wanted() {
        return openingFor.map(percent -> percent.isKnown()
                ? Finding.of(HeatAnswerFinding.LEAVE_OPEN, Term.share(percent.value() / 100))
                : Finding.of(HeatAnswerFinding.OPENING_NOT_KNOWN, Term.name(percent.reason())));
    }

    private static Term apart(Figure celsius) {
        return celsius.isKnown()
                ? new Term.Amount(AmountKind.TEMPERATURE_DIFFERENCE, celsius.value(), 0.01)
                : Term.name("?");
    }

    private static HeatStudy.Stop last(Driven d) {
        return d.study().lastAveraged().orElseThrow();
    }
}
