package app.frenum.core.compare;

import static app.frenum.core.compare.AsideFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Unit;
import app.frenum.core.statistics.Interval;
import app.frenum.core.stop.DistanceBasis;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What somebody expected before the first stop, held against what came. */
public final class Expected {
    private static final Pattern LENGTH =
            Pattern.compile("([0-9]{1,3}(?:[.,][0-9]{1,2})?)\\s*(m|metres?|meters?|ft|feet)\\b");
    private static final Pattern SHORTER = Pattern.compile("\\b(shorter|less|fewer|gain|better|sooner)\\b");
    private static final Pattern LONGER = Pattern.compile("\\b(longer|more|worse|loss|later)\\b");

    private Expected() {}

    /** The difference that the words tell, m, candidate − baseline; empty where they tell none, or could tell two. */
    public static OptionalDouble difference(String words) {
        String said = words.toLowerCase(Locale.ROOT);
        Matcher length = LENGTH.matcher(said);
        boolean shorter = SHORTER.matcher(said).find();
        boolean longer = LONGER.matcher(said).find();
        if (!length.find() || shorter == longer) {
            return OptionalDouble.empty();
        }
        double size = Double.parseDouble(length.group(1).replace(',', '.'));
        double metres = length.group(2).startsWith("f") ? Unit.FEET.toInside(size) : size;
        return length.find() ? OptionalDouble.empty() : OptionalDouble.of(shorter ? -metres : metres);
    }

    /** Whether the range of the difference holds what was expected. */
    public static Finding scored(String words, Comparison c, Side baseline) {
        OptionalDouble expected = difference(words);
        if (expected.isEmpty()) {
            return Finding.of(EXPECTED_WITHOUT_FIGURE);
        }
        if (c.interval().isEmpty()
                || c.verdict() == Verdict.NOT_COMPARABLE
                || baseline.basis() == DistanceBasis.TIME_ONLY) {
            return Finding.of(EXPECTED_NOT_ANSWERED);
        }
        Interval range = c.interval().get();
        boolean held = range.low() <= expected.getAsDouble() && expected.getAsDouble() <= range.high();
        return Finding.of(
                held ? EXPECTED_HELD : EXPECTED_MISSED,
                way(expected.getAsDouble(), baseline),
                Term.said(
                        Finding.of(ConclusionFinding.ACROSS, way(range.low(), baseline), way(range.high(), baseline))));
    }

    private static Term way(double difference, Side baseline) {
        return PairCheck.way(difference, baseline.basis());
    }

    /** How often somebody's guesses were held by what came; says nothing of fewer than two. */
    public static Finding guesses(String who, long held, long of) {
        return of < 2 ? Finding.of(NOTHING) : Finding.of(GUESSES, Term.name(who), Term.count(held), Term.count(of));
    }
}
