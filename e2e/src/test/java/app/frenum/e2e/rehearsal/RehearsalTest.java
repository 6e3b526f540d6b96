package app.frenum.e2e.rehearsal;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A short form of {@code ./frenum rehearse-all}: days driven whole, held against what is stored, listed, exported and drawn. */
class RehearsalTest {
    private static Place place;

    @BeforeAll
    static void open() {
        place = new Place();
    }

    @AfterAll
    static void close() {
        place.close();
    }

    private static RehearsedDay driven(RehearsedDay.Wish wish, long seed) {
        RehearsedDay day = new RehearsedDay(place, wish, seed);
        day.toItsEnd();
        assertThat(SameEverywhere.differences(day)).as(wish.toString()).isEmpty();
        return day;
    }

    @Test
    void cyclesOfPairedSnubsAreKeptWholeOverALostLinkAndARestart() {
        try (RehearsedDay day = driven(
                RehearsedDay.Wish.of("Paired high-speed snubs, cycle after cycle")
                        .stops(3)
                        .troubled(),
                51)) {
            assertThat(day.told().values())
                    .extracting(s -> day.stepOf(s).get("cycle").asInt())
                    .containsSequence(1, 1, 2, 2, 3, 3);
            whatAnEarlierVersionLostIsPutRight(day);
            JsonNode heat = day.server().get("/api/tests/" + day.test() + "/heat");
            assertThat(heat.toString()).as("discs that were logged in snubs").contains("FRONT_LEFT");
        }
    }

    /** Counted snubs were not stored, and one application was stored as 0 m from nothing. */
    private static void whatAnEarlierVersionLostIsPutRight(RehearsedDay day) {
        place.alter(
                "create temporary table lost as select id from stop where series_id in (select id from series"
                        + " where test_id = '%s') and number in (2, 3)".formatted(day.test()),
                "delete from measurement where stop_id in (select id from lost)",
                "delete from strike_out where stop_id in (select id from lost)",
                "delete from stop where id in (select id from lost)",
                "update measurement set figures = jsonb_set(jsonb_set(figures, '{distance,value}', '0'), '{entrySpeed,value}', '0.03')",
                "update run set record_verified = false");
        assertThat(SameEverywhere.differences(day)).isNotEmpty();
        place.restart();
        RehearsedDay.until(
                "what was lost is there again",
                () -> SameEverywhere.differences(day).isEmpty());
        assertThat(day.server()
                        .get("/api/changes?who=Frenum&test=" + day.test())
                        .toString())
                .as("a note in the history")
                .contains("earlier version");
        assertThat(day.server().get("/api/tests/" + day.test()).get("stops").valueStream())
                .as("figures that were put right say so")
                .anyMatch(s -> s.hasNonNull("restored"));
    }

    @Test
    void whatWaitsTenMinutesBeforeItIsKeptIsStoredAsItWasAssessed() {
        driven(RehearsedDay.Wish.of("Rear circuit off").at(5, 600), 52).close();
    }

    @Test
    void anAdjusterSweepRecoversWhatATurnDoes() {
        RehearsedDay.Wish sweep = RehearsedDay.Wish.of("Adjuster sweep");
        try (RehearsedDay day = driven(sweep, 53)) {
            assertThat(Library.refused(day)).isEmpty();
            JsonNode tried = day.server()
                    .get("/api/tests/" + day.test() + "/balance")
                    .get("adjuster")
                    .get("tried");
            double[] turns = tried.valueStream()
                    .mapToDouble(t -> t.get("turns").asDouble())
                    .toArray();
            double[] share = tried.valueStream()
                    .mapToDouble(t -> t.get("share").asDouble())
                    .toArray();
            assertThat(slope(turns, share))
                    .as("front share of line pressure that a turn takes")
                    .isCloseTo(-0.015, within(0.0015));
        }
    }

    /** By least squares, worked here. */
    private static double slope(double[] x, double[] y) {
        double meanX = Arrays.stream(x).average().orElseThrow();
        double meanY = Arrays.stream(y).average().orElseThrow();
        double sxy = 0;
        double sxx = 0;
        for (int i = 0; i < x.length; i++) {
            sxy += (x[i] - meanX) * (y[i] - meanY);
            sxx += (x[i] - meanX) * (x[i] - meanX);
        }
        return sxy / sxx;
    }

    private static Map<String, Object> limit(String what, String phase, String of, double least, String unit) {
        Map<String, Object> limit = new HashMap<>(
                Map.of("what", what, "atLeast", true, "value", q(least, unit), "source", "our code", "phase", phase));
        limit.put("of", of);
        return limit;
    }

    @Test
    void everyLimitIsMetNotMetOrNotDrivenWithItsFigure() {
        RehearsedDay.Wish wish = RehearsedDay.Wish.of("Cold, hot, recovered")
                .against(List.of(
                        limit("cold", "cold stops", "DECELERATION", 4, "METRES_PER_SECOND_SQUARED"),
                        limit("bias", "cold stops", "FRONT_BIAS", 80, "PERCENT"),
                        limit("hot", "hot stops", "SHARE_OF_BASELINE", 50, "PERCENT"),
                        limit("recovered", "recovered stops", "SHARE_OF_BASELINE", 50, "PERCENT")));
        try (RehearsedDay day = new RehearsedDay(place, wish, 54)) {
            day.until(view ->
                    view.get("current").get("phase").get("name").asString().equals("recovered stops"));
            assertThat(verdicts(day))
                    .containsExactly("cold MET", "bias NOT_MET", "hot MET", "recovered NOT_YET_DRIVEN");
            day.toItsEnd();
            assertThat(verdicts(day)).containsExactly("cold MET", "bias NOT_MET", "hot MET", "recovered MET");
            assertThat(SameEverywhere.differences(day)).isEmpty();
        }
    }

    @Test
    void aFailedDiagonalIsHeldAgainstItsLimitThoughItIsTheOnlyPhase() {
        RehearsedDay.Wish wish = RehearsedDay.Wish.of("Diagonal off, front left")
                .stops(3)
                .against(List.of(limit("lone", "lone diagonal", "DECELERATION", 2, "METRES_PER_SECOND_SQUARED")));
        try (RehearsedDay day = driven(wish, 55)) {
            assertThat(verdicts(day)).containsExactly("lone MET");
        }
    }

    private static List<String> verdicts(RehearsedDay day) {
        return day.server()
                .get("/api/tests/" + day.test() + "/assessment")
                .get("limits")
                .valueStream()
                .map(l -> l.get("reading"))
                .peek(r -> assertThat(r.get("n").asInt() > 0)
                        .as("a figure wherever it was driven: %s", r)
                        .isEqualTo(!r.get("verdict").asString().equals("NOT_YET_DRIVEN")))
                .map(r -> r.get("limit").get("what").asString() + " "
                        + r.get("verdict").asString())
                .toList();
    }
}
