package app.frenum.core.series;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.Side;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.StopKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A mixture never reaches a mean: every group holds of each configuration only what is alike. */
class LikeStopsTest {
    private static final Figure UNKNOWN = Figure.unknown("not asked");
    private int made;

    private DrivenStop stop(String configuration, double kmh, String phase, String load, double metres) {
        return stop(configuration, kmh, phase, load, new Quantity(metres, Unit.METRES), Optional.empty());
    }

    private DrivenStop stop(
            String configuration, double kmh, String phase, String load, Quantity read, Optional<String> struckOut) {
        made++;
        boolean timed = read.unit() == Unit.SECONDS;
        Figure nominal = Figure.of(kmh / 3.6);
        Surroundings u = Surroundings.UNKNOWN;
        Driven as = new Driven(
                new UUID(7, made),
                made,
                configuration,
                1,
                made,
                nominal,
                Optional.of(phase).filter(p -> !p.isEmpty()),
                new Surroundings(
                        Optional.of(load).filter(l -> !l.isEmpty()),
                        u.surface(),
                        u.day(),
                        u.driver(),
                        u.direction(),
                        u.ambientC(),
                        u.tyrePressureBar(),
                        Optional.empty(),
                        Figure.unknown("not read")),
                Optional.of(PedalFeel.FIRM),
                Optional.empty(),
                struckOut);
        HandMeasurement m = new HandMeasurement(
                timed ? DistanceBasis.TIME_ONLY : DistanceBasis.ONSET_TO_REST,
                timed ? Instrument.STOPWATCH : Instrument.TAPE,
                timed ? Figure.unknown("no distance was measured") : Figure.of(read.inside()),
                timed ? Figure.of(read.inside()) : Figure.unknown("no time was taken"),
                nominal,
                nominal,
                false);
        return new StopByHand(
                as,
                StopKind.STOP,
                m,
                Optional.of(read),
                Map.of(WheelPosition.FRONT_LEFT, 100.0),
                Map.of(),
                Optional.empty(),
                0);
    }

    private static Side side(LikeStops group, String configuration) {
        return group.side(configuration, Fitted.named(configuration), UNKNOWN, false);
    }

    @Test
    void warmingSnubsAreKeptAndNotCompared() {
        StopByHand like = (StopByHand) stop("A", 80, "warming snubs", "laden", 1);
        DrivenStop snub = new StopByHand(
                like.driven(),
                StopKind.SNUB,
                like.measurement(),
                Optional.empty(),
                like.startC(),
                Map.of(),
                Optional.empty(),
                0);
        DrivenStop stop = stop("A", 90, "stops", "laden", 45);
        assertThat(LikeStops.toCompare(List.of(snub, stop)))
                .singleElement()
                .satisfies(g -> assertThat(g.stops()).containsExactly(stop));
        assertThat(LikeStops.toCompare(List.of(snub))).isEmpty();
        assertThat(LikeStops.throughPhases(List.of(snub, stop))).hasSize(2);
    }

    @Test
    void aStopwatchAmongMetresIsAGroupOfItsOwn() {
        List<DrivenStop> all = new ArrayList<>();
        for (double metres : new double[] {40.1, 40.4, 39.9}) {
            all.add(stop("A", 90, "", "", metres));
        }
        all.add(stop("A", 90, "", "", new Quantity(3.4, Unit.SECONDS), Optional.empty()));
        List<LikeStops> groups = LikeStops.toCompare(all);
        assertThat(groups).hasSize(2);
        assertThat(side(groups.get(0), "A").summary().mean().value()).isCloseTo(40.13, within(0.01));
        assertThat(side(groups.get(1), "A").basis()).isEqualTo(DistanceBasis.TIME_ONLY);
        assertThat(side(groups.get(1), "A").summary().mean().value()).isCloseTo(25 / 3.4, within(1e-9));
    }

    /** Any mixture of speeds, phases, loads and kinds of reading. */
    @Test
    void everyGroupIsPureAndNothingIsLost() {
        Random random = new Random(14);
        for (int round = 0; round < 200; round++) {
            List<DrivenStop> all = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                boolean timed = random.nextInt(6) == 0;
                all.add(stop(
                        List.of("A", "B").get(random.nextInt(2)),
                        List.of(90.0, 50.0).get(random.nextInt(2)),
                        List.of("", "hot").get(random.nextInt(2)),
                        List.of("", "light").get(random.nextInt(2)),
                        timed ? new Quantity(3, Unit.SECONDS) : new Quantity(40, Unit.METRES),
                        Optional.empty()));
            }
            List<LikeStops> groups = LikeStops.toCompare(all);
            assertThat(groups.stream().mapToInt(g -> g.stops().size()).sum()).isEqualTo(all.size());
            for (LikeStops group : groups) {
                for (String c : group.configurations()) {
                    assertThat(group.of(c).stream()
                                    .map(s -> List.of(
                                            s.basis(),
                                            s.driven().nominalSpeed(),
                                            s.driven().phase(),
                                            s.driven().surroundings().load()))
                                    .distinct())
                            .hasSize(1);
                }
            }
            assertThat(LikeStops.throughPhases(all))
                    .allSatisfy(g -> assertThat(g.stops().stream()
                                    .map(s -> List.of(s.basis(), s.driven().nominalSpeed()))
                                    .distinct())
                            .hasSize(1));
        }
    }

    /** Their comparison says what blocks it, which is more use than two groups of one configuration each. */
    @Test
    void wholeConfigurationsThatDifferStayTogether() {
        List<LikeStops> groups = LikeStops.toCompare(List.of(stop("A", 48.3, "", "", 12), stop("B", 96.6, "", "", 46)));
        assertThat(groups).hasSize(1);
        assertThat(side(groups.get(0), "A").nominalSpeed())
                .isNotEqualTo(side(groups.get(0), "B").nominalSpeed());
        assertThat(LikeStops.throughPhases(groups.get(0).stops())).hasSize(2);
    }

    @Test
    void milesAndKilometresOfOneSpeedAreOne() {
        assertThat(LikeStops.toCompare(List.of(
                        stop("A", 96.56064, "", "", 46), stop("A", 96.6, "", "", 46.2), stop("B", 96.6, "", "", 45))))
                .hasSize(1);
    }

    @Test
    void whatIsAskedForComesFirstThenWhatWasDrivenMost() {
        List<DrivenStop> all = List.of(
                stop("A", 50, "", "", 12),
                stop("A", 50, "", "", 12),
                stop("A", 90, "", "", 40),
                stop("A", 120, "", "", 70));
        List<Long> speeds = LikeStops.toCompare(all).stream()
                .sorted(LikeStops.askedForFirst(DistanceBasis.ONSET_TO_REST, 25))
                .map(g -> Math.round(3.6 * g.nominalSpeed().value()))
                .toList();
        assertThat(speeds).containsExactly(90L, 50L, 120L);
    }

    @Test
    void aStruckOutStopIsThereAndDoesNotCount() {
        LikeStops group = LikeStops.toCompare(List.of(
                        stop("A", 90, "", "", 40),
                        stop("A", 90, "", "", new Quantity(60, Unit.METRES), Optional.of("dog"))))
                .get(0);
        assertThat(side(group, "A").values()).containsExactly(40);
        assertThat(group.side("A", Fitted.named("A"), UNKNOWN, true).values()).hasSize(2);
        assertThat(group.stops().get(1).status(false)).isEqualTo(Status.STRUCK_OUT);
    }

    /** The last digit is that of what was typed, in the unit that is compared. */
    @Test
    void resolutionIsOfTheReadings() {
        LikeStops tape = LikeStops.toCompare(List.of(stop("A", 90, "", "", 40.5), stop("A", 90, "", "", 41)))
                .get(0);
        assertThat(side(tape, "A").resolution()).isCloseTo(0.5, within(1e-12));
        LikeStops watch = LikeStops.toCompare(
                        List.of(stop("A", 90, "", "", new Quantity(3.4, Unit.SECONDS), Optional.empty())))
                .get(0);
        assertThat(side(watch, "A").resolution()).isCloseTo(25 / (3.4 * 3.4) * 0.1, within(1e-9));
        assertThat(LikeStops.none(DistanceBasis.ONSET_TO_REST, Figure.of(25))
                        .side("A", Fitted.named("A"), UNKNOWN, false)
                        .values())
                .isEmpty();
    }
}
