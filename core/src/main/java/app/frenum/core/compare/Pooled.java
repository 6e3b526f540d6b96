package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.StudentT;
import app.frenum.core.stop.DistanceBasis;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * The same two configurations on several days, taken together. Days differ by more than their stops tell: each day's
 * difference is one draw of a spread between days (R. DerSimonian, N. Laird, Control. Clin. Trials 7 (1986) 177–188), and
 * the interval is of the days, not of the stops (J. Hartung, G. Knapp, Stat. Med. 20 (2001) 3875–3889), with the spread of days
 * taken for at least what their stops allow (G. Knapp, J. Hartung, Stat. Med. 22 (2003) 2693–2710).
 *
 * @param difference candidate − baseline, over all days
 * @param interval its 95 % interval, Student's with one less degree of freedom than there are days
 * @param betweenSd spread from day to day that stops do not explain; 0 where there is none
 * @param withinSe of one day's difference, typically
 */
public record Pooled(int days, Figure difference, Optional<Interval> interval, Figure betweenSd, Figure withinSe) {
    /** One day's difference and its standard error. */
    public record Day(double difference, double standardError) {}

    /**
     * What one test says of the two.
     *
     * @param date on which it was driven; tests of one date are one day
     * @param standardError of its difference, from its own stops
     * @param degreesOfFreedom of that
     * @param stops {@code nA·nB/(nA + nB)}
     */
    public record Told(String date, double difference, double standardError, double degreesOfFreedom, double stops) {}

    /**
     * Days, of which each weighs by its stops: a handful of stops tells its own spread too badly to be weighed by it, so the
     * spread of a stop is that of all days. Several tests of one date are one draw of that date.
     */
    public static List<Day> days(List<Told> tests) {
        double df = tests.stream().mapToDouble(Told::degreesOfFreedom).sum();
        double variance = tests.stream()
                        .mapToDouble(t -> t.degreesOfFreedom() * t.stops() * t.standardError() * t.standardError())
                        .sum()
                / df;
        return tests.stream()
                .collect(Collectors.groupingBy(Told::date, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(ofDate -> {
                    double stops = ofDate.stream().mapToDouble(Told::stops).sum();
                    double weighted = ofDate.stream()
                            .mapToDouble(t -> t.stops() * t.difference())
                            .sum();
                    return new Day(weighted / stops, Math.sqrt(variance / stops));
                })
                .toList();
    }

    public static Pooled of(List<Day> days) {
        int k = days.size();
        if (k < 2) {
            Figure one = Figure.unknown("there is only one day");
            return new Pooled(k, one, Optional.empty(), one, one);
        }
        double between = between(days);
        double sum = 0;
        double weighted = 0;
        for (Day d : days) {
            double w = 1 / (d.standardError() * d.standardError() + between);
            sum += w;
            weighted += w * d.difference();
        }
        double mean = weighted / sum;
        double left = 0;
        for (Day d : days) {
            left += Math.pow(d.difference() - mean, 2) / (d.standardError() * d.standardError() + between);
        }
        // Days that happen to agree make no range narrower than their stops allow.
        double perDay = Math.max(1, left / (k - 1));
        double half = StudentT.quantile(0.975, k - 1.0) * Math.sqrt(perDay / sum);
        return new Pooled(
                k,
                Figure.of(mean),
                Optional.of(new Interval(mean - half, mean + half)),
                Figure.of(Math.sqrt(between)),
                Figure.of(Math.sqrt(days.stream()
                        .mapToDouble(d -> d.standardError() * d.standardError())
                        .average()
                        .orElseThrow())));
    }

    /** Variance from day to day beyond what the stops of a day explain. */
    private static double between(List<Day> days) {
        double sum = 0;
        double squares = 0;
        double weighted = 0;
        for (Day d : days) {
            double w = 1 / (d.standardError() * d.standardError());
            sum += w;
            squares += w * w;
            weighted += w * d.difference();
        }
        double mean = weighted / sum;
        double q = days.stream()
                .mapToDouble(d -> Math.pow((d.difference() - mean) / d.standardError(), 2))
                .sum();
        return Math.max(0, (q - (days.size() - 1)) / (sum - squares / sum));
    }

    /**
     * @param a what the baseline is called
     * @param b what the candidate is called
     */
    public List<Finding> sentences(String a, String b, DistanceBasis basis) {
        if (interval.isEmpty()) {
            return List.of();
        }
        Finding together = Finding.of(
                interval.get().excludesZero() ? TOGETHER : TOGETHER_OPEN,
                Term.count(days),
                Term.name(b),
                PairCheck.way(difference.value(), basis),
                Term.name(a),
                PairCheck.way(interval.get().low(), basis),
                PairCheck.way(interval.get().high(), basis));
        boolean vary = betweenSd.value() > withinSe.value();
        return List.of(
                together,
                Finding.of(
                        vary ? DAYS_VARY : DAYS_ALIKE,
                        PairCheck.compared(betweenSd.value(), basis),
                        PairCheck.compared(withinSe.value(), basis)));
    }
}
