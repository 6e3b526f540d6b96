package app.frenum.core.compare;

import static app.frenum.core.compare.CheckFinding.AGAINST;
import static app.frenum.core.compare.CheckFinding.BOTH;
import static app.frenum.core.compare.CheckFinding.CHANGED_TOGETHER;
import static app.frenum.core.compare.CheckFinding.DAYS_WITHOUT_RETURN;
import static app.frenum.core.compare.CheckFinding.GRIP_SETS_IT;
import static app.frenum.core.compare.CheckFinding.NOBODY_WROTE_DOWN;
import static app.frenum.core.compare.CheckFinding.NOBODY_WROTE_IT_DOWN;
import static app.frenum.core.compare.CheckFinding.NOTHING_CHANGED;
import static app.frenum.core.compare.CheckFinding.NOT_BEDDED;
import static app.frenum.core.compare.CheckFinding.ONE_DAY;
import static app.frenum.core.compare.CheckFinding.ONLY_CHANGED;
import static app.frenum.core.compare.CheckFinding.ON_AVERAGE;
import static app.frenum.core.compare.CheckFinding.SLOPE_BOTH_WAYS;
import static app.frenum.core.compare.CheckFinding.SLOPE_ONE_WAY;
import static app.frenum.core.compare.CheckFinding.THIS_AGAINST;
import static app.frenum.core.compare.CheckFinding.WHEELS_NOT_LOGGED;
import static app.frenum.core.compare.CheckFinding.WHEELS_TURNED;

import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;

/** Whether both sides were driven under the same conditions. What nobody wrote down is said to be not known. */
final class DrivenAlike {
    private static final double ENTRY_SPEED_SHARE = 0.01;
    private static final double GRADE = 0.003;
    private static final double GRADE_STEP = 0.001;

    private DrivenAlike() {}

    /** A circumstance that must be the same. */
    static PairCheck same(CheckCode code, String what, Function<Circumstances, Optional<String>> of) {
        return (a, b) -> {
            Set<String> ofA = a.distinct(of);
            Set<String> ofB = b.distinct(of);
            if (ofA.isEmpty() || ofB.isEmpty()) {
                return List.of(Check.notKnown(code, NOBODY_WROTE_DOWN, Term.name(what)));
            }
            Set<String> all = new TreeSet<>(ofA);
            all.addAll(ofB);
            return List.of(
                    all.size() == 1
                            ? Check.pass(code, BOTH, words(ofA))
                            : Check.block(code, THIS_AGAINST, Term.name(what), words(ofA), words(ofB)));
        };
    }

    /** Cold and hot stops, or with a circuit off and whole ones, are not alike; without phases there is nothing to say. */
    static List<Check> phase(Side a, Side b) {
        Set<String> ofA = a.distinct(Circumstances::phase);
        Set<String> ofB = b.distinct(Circumstances::phase);
        if (ofA.isEmpty() && ofB.isEmpty()) {
            return List.of();
        }
        return List.of(
                ofA.equals(ofB)
                        ? Check.pass(CheckCode.PHASE, BOTH, words(ofA))
                        : Check.block(CheckCode.PHASE, AGAINST, wordsOrNone(ofA), wordsOrNone(ofB)));
    }

    private static Term wordsOrNone(Set<String> values) {
        return values.isEmpty() ? Term.name("none") : words(values);
    }

    private static Term words(Set<String> values) {
        return Term.names(values.stream().map(v -> v.toLowerCase(Locale.ROOT)).toList());
    }

    static List<Check> day(Side a, Side b) {
        Set<String> dayA = a.distinct(Circumstances::day);
        Set<String> dayB = b.distinct(Circumstances::day);
        if (dayA.isEmpty() || dayB.isEmpty()) {
            return List.of(Check.notKnown(CheckCode.OTHER_DAY, NOBODY_WROTE_DOWN, Term.name("day")));
        }
        boolean shared = dayA.stream().anyMatch(dayB::contains);
        return List.of(
                shared
                        ? Check.pass(CheckCode.OTHER_DAY, ONE_DAY, words(dayA))
                        : Check.caution(CheckCode.OTHER_DAY, DAYS_WITHOUT_RETURN, words(dayA), words(dayB)));
    }

    /**
     * A figure that must not differ by more than a limit, in the mean.
     *
     * @param step the last digit of it that is shown
     */
    static PairCheck apart(
            CheckCode code, Function<ComparedStop, Figure> figure, double limit, AmountKind kind, double step) {
        return (a, b) -> {
            Figure ma = a.mean(figure);
            Figure mb = b.mean(figure);
            if (!ma.isKnown() || !mb.isKnown()) {
                return List.of(Check.notKnown(code, NOBODY_WROTE_IT_DOWN));
            }
            Term ta = new Term.Amount(kind, ma.value(), step);
            Term tb = new Term.Amount(kind, mb.value(), step);
            return List.of(
                    Math.abs(ma.value() - mb.value()) > limit
                            ? Check.caution(code, ON_AVERAGE, ta, tb)
                            : Check.pass(code, ON_AVERAGE, ta, tb));
        };
    }

    static List<Check> entrySpeed(Side a, Side b) {
        Figure va = a.mean(ComparedStop::entrySpeed);
        Figure vb = b.mean(ComparedStop::entrySpeed);
        if (!va.isKnown() || !vb.isKnown()) {
            return List.of();
        }
        Term ta = MeasuredAlike.speed(va.value());
        Term tb = MeasuredAlike.speed(vb.value());
        boolean apart = Math.abs(vb.value() - va.value()) > ENTRY_SPEED_SHARE * va.value();
        return List.of(
                apart
                        ? Check.caution(CheckCode.ENTRY_SPEED, ON_AVERAGE, ta, tb)
                        : Check.pass(CheckCode.ENTRY_SPEED, ON_AVERAGE, ta, tb));
    }

    /** A warm tyre grips otherwise; where nobody said or read anything there is nothing to say. */
    static List<Check> tyres(Side a, Side b) {
        Set<String> ofA = a.distinct(Circumstances::tyres);
        Set<String> ofB = b.distinct(Circumstances::tyres);
        if (ofA.isEmpty() || ofB.isEmpty()) {
            return List.of();
        }
        return List.of(
                ofA.equals(ofB)
                        ? Check.pass(CheckCode.TYRES, BOTH, words(ofA))
                        : Check.caution(CheckCode.TYRES, AGAINST, words(ofA), words(ofB)));
    }

    static List<Check> factors(Side a, Side b) {
        if (a.factors().isEmpty() && b.factors().isEmpty()) {
            return List.of();
        }
        Set<String> names = new TreeSet<>(a.factors().keySet());
        names.addAll(b.factors().keySet());
        List<String> changed = names.stream()
                .filter(f -> !Objects.equals(a.factors().get(f), b.factors().get(f)))
                .toList();
        if (changed.size() > 1) {
            return List.of(Check.caution(CheckCode.FACTORS, CHANGED_TOGETHER, Term.names(changed)));
        }
        return List.of(
                changed.isEmpty()
                        ? Check.pass(CheckCode.FACTORS, NOTHING_CHANGED)
                        : Check.pass(CheckCode.FACTORS, ONLY_CHANGED, Term.name(changed.get(0))));
    }

    static List<Check> bedding(Side a, Side b) {
        Set<String> unbedded = new TreeSet<>(a.newPartsNotBedded());
        unbedded.addAll(b.newPartsNotBedded());
        return unbedded.isEmpty()
                ? List.of()
                : List.of(Check.caution(CheckCode.BEDDING, NOT_BEDDED, Term.names(unbedded)));
    }

    static List<Check> grade(Side a, Side b) {
        if (!a.grade().isKnown() && !b.grade().isKnown()) {
            return List.of();
        }
        double grade =
                Math.max(Math.abs(a.grade().orElse(0)), Math.abs(b.grade().orElse(0)));
        boolean bothWays = a.distinct(Circumstances::direction).size() > 1
                && b.distinct(Circumstances::direction).size() > 1;
        CheckFinding driven = bothWays ? SLOPE_BOTH_WAYS : SLOPE_ONE_WAY;
        Term slope = new Term.Amount(AmountKind.SHARE, grade, GRADE_STEP);
        return List.of(
                grade > GRADE && !bothWays
                        ? Check.caution(CheckCode.GRADE, driven, slope)
                        : Check.pass(CheckCode.GRADE, driven, slope));
    }

    static List<Check> driver(Side a, Side b) {
        Set<String> da = a.distinct(Circumstances::driver);
        Set<String> db = b.distinct(Circumstances::driver);
        if (da.isEmpty() || db.isEmpty()) {
            return List.of(Check.notKnown(CheckCode.DRIVER, NOBODY_WROTE_DOWN, Term.name("driver or rider")));
        }
        return List.of(
                da.equals(db)
                        ? Check.pass(CheckCode.DRIVER, BOTH, Term.names(da))
                        : Check.caution(CheckCode.DRIVER, AGAINST, Term.names(da), Term.names(db)));
    }

    static List<Check> grip(Side a, Side b) {
        if (a.isMostlyGripLimited() && b.isMostlyGripLimited()) {
            return List.of(Check.caution(CheckCode.GRIP, GRIP_SETS_IT));
        }
        if (a.isMostlyTold() && b.isMostlyTold()) {
            return List.of(Check.pass(CheckCode.GRIP, WHEELS_TURNED));
        }
        boolean logged = Stream.of(a, b).anyMatch(s -> s.known(ComparedStop::mfdd).length > 0);
        return logged ? List.of(Check.notKnown(CheckCode.GRIP, WHEELS_NOT_LOGGED)) : List.of();
    }
}
