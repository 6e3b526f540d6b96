package app.frenum.cli;

import app.frenum.core.compare.Check;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.compare.DrivingOrder;
import app.frenum.core.compare.Side;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.LikeStops;
import app.frenum.core.statistics.Consistency;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.Summary;
import app.frenum.core.statistics.WelchTest;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.words.Wording;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** A comparison as the contract spells it. Names end in M for distances, in Mps2 where only times were taken. */
final class ComparisonJson {
    private final String suffix;

    private ComparisonJson(String suffix) {
        this.suffix = suffix;
    }

    /** One object; several groups of stops that are not alike each have their own. */
    static Map<String, Object> of(List<ComparedGroup> groups) {
        if (groups.size() == 1) {
            return of(groups.get(0).sides(), groups.get(0).comparisons());
        }
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("groups", groups.stream().map(ComparisonJson::group).toList());
        return json;
    }

    private static Map<String, Object> group(ComparedGroup group) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put(
                "nominalSpeedMps",
                group.group().map(g -> g.nominalSpeed().orNull()).orElse(null));
        json.put("phase", group.group().flatMap(LikeStops::phase).orElse(null));
        json.put("load", group.group().flatMap(LikeStops::load).orElse(null));
        json.putAll(of(group.sides(), group.comparisons()));
        return json;
    }

    private static Map<String, Object> of(List<Side> sides, List<Comparison> comparisons) {
        Side baseline = sides.get(0);
        ComparisonJson j = new ComparisonJson(baseline.basis() == DistanceBasis.TIME_ONLY ? "Mps2" : "M");
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("basis", baseline.basis().name());
        json.put("nominalSpeedMps", baseline.nominalSpeed().orNull());
        json.put("series", sides.stream().map(j::series).toList());
        json.put(
                "comparisons",
                IntStream.range(0, comparisons.size())
                        .mapToObj(i -> j.comparison(comparisons.get(i), baseline, sides.get(i + 1)))
                        .toList());
        json.put("checks", checks(comparisons));
        return json;
    }

    private Map<String, Object> series(Side side) {
        Summary s = side.summary();
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("configuration", side.configuration());
        json.put("n", s.n());
        json.put("struckOut", side.struckOut());
        json.put("repeat", side.repeat());
        json.put("mean" + suffix, s.mean().orNull());
        json.put("sd" + suffix, s.sd().orNull());
        json.put("median" + suffix, s.median().orNull());
        json.put("range" + suffix, s.range().orNull());
        json.put("cv", s.cv().orNull());
        return json;
    }

    private Map<String, Object> comparison(Comparison c, Side baseline, Side candidate) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("baseline", c.baseline());
        json.put("candidate", c.candidate());
        json.put("difference" + suffix, c.test().map(WelchTest::difference).orElse(null));
        json.put("differencePercent", c.differencePercent().orNull());
        json.put("ciLow" + suffix, c.interval95().map(Interval::low).orElse(null));
        json.put("ciHigh" + suffix, c.interval95().map(Interval::high).orElse(null));
        json.put("welchT", c.test().map(WelchTest::t).orElse(null));
        json.put("df", c.test().map(WelchTest::degreesOfFreedom).orElse(null));
        json.put("p", c.test().map(WelchTest::p).orElse(null));
        json.put("permutationP", c.permutationP().orNull());
        json.put("hedgesG", c.test().map(WelchTest::hedgesG).orElse(null));
        json.put(
                "sdRatio",
                c.consistency().map(Consistency::sdRatio).map(Figure::orNull).orElse(null));
        json.put(
                "brownForsytheP",
                c.consistency()
                        .map(Consistency::brownForsytheP)
                        .map(Figure::orNull)
                        .orElse(null));
        json.put("holmP", c.holmP().orNull());
        json.put("instrumentFloor" + suffix, c.instrumentFloor().orNull());
        json.put("verdict", c.verdict().name());
        json.put("worthwhile", c.worthwhile());
        json.put(
                "stopsToSettle",
                c.stopsToSettle().isKnown() ? (int) c.stopsToSettle().value() : null);
        json.put("speedStillCarriedMps", c.speedStillCarried().orNull());
        json.put("howSure", c.howSure().name());
        json.put("orderAdjusted", c.order().map(this::order).orElse(null));
        json.put("words", words(Conclusion.of(c, c.baseline(), c.candidate(), baseline, candidate)));
        return json;
    }

    /** The verdict as it is said to people. */
    private static Map<String, Object> words(Conclusion conclusion) {
        Wording metric = Wording.in(UnitSystem.METRIC);
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("sentence", metric.text(conclusion.sentence()));
        json.put("howSure", metric.text(conclusion.howSure()));
        json.put("range", metric.text(conclusion.range()));
        json.put("next", metric.text(conclusion.next()));
        return json;
    }

    private Map<String, Object> order(DrivingOrder order) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("difference" + suffix, order.difference());
        json.put("ciLow" + suffix, order.interval().low());
        json.put("ciHigh" + suffix, order.interval().high());
        json.put("driftPerStop" + suffix, order.driftPerStop());
        return json;
    }

    /** The checks of all comparisons; with several candidates each says which it is about. */
    private static List<Map<String, Object>> checks(List<Comparison> comparisons) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (Comparison c : comparisons) {
            for (Check check : c.checks()) {
                Map<String, Object> json = new LinkedHashMap<>();
                json.put("code", check.code().name());
                json.put("level", check.level().name());
                String message = Wording.in(UnitSystem.METRIC).text(check.evidence());
                json.put("message", comparisons.size() > 1 ? c.candidate() + ": " + message : message);
                out.add(json);
            }
        }
        return out;
    }
}
