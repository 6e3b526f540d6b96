package app.frenum.server.demo;

import app.frenum.core.heat.AirFlow;
import app.frenum.core.heat.AirFlowMethod;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.heat.Ladder;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopView;
import app.frenum.server.disc.DiscService;
import app.frenum.server.disc.LadderView;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestService;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What the club read off the front left disc beside the logger: a thermometer gun, late, and a ladder of paint. */
@Component
class DemoDiscs {
    private static final LadderView PAINT = new LadderView(
            UUID.nameUUIDFromBytes(new byte[] {10}),
            new Ladder("Rim paint, three pots", List.of(celsius(260), celsius(430), celsius(550))));
    private static final Cooling COOLING = new Cooling(190, 14);
    private static final double LATE_S = 45;
    /** A rubbed disc is bright, and a gun set for a black one then reads about so much of what it is. */
    private static final double BARE_READS = 0.74;

    private final TestService tests;
    private final StopReader stops;
    private final DiscService discs;

    DemoDiscs(TestService tests, StopReader stops, DiscService discs) {
        this.tests = tests;
        this.stops = stops;
        this.discs = discs;
    }

    void of(UUID testId, Who by) {
        discs.add(PAINT);
        List<SeriesView> series = tests.seriesOf(testId);
        List<StopView> first = stops.stopsOf(testId).stream()
                .filter(s -> s.seriesId().equals(series.get(0).id()))
                .toList();
        for (int number : List.of(4, 8, 12)) {
            StopView stop = first.get(number - 1);
            double peak = peakC(stop);
            double late = COOLING.after(peak, LATE_S);
            keep(stop, PeakSource.BLACKENED, celsius(late + (number % 3) - 1), by);
            keep(stop, PeakSource.BARE, celsius(late * BARE_READS), by);
        }
        StopView last = first.get(first.size() - 1);
        double hottest = first.stream().mapToDouble(DemoDiscs::peakC).max().orElseThrow();
        int changed = (int)
                PAINT.ladder().thresholdsC().stream().filter(t -> t <= hottest).count();
        discs.keep(
                id("ladder"),
                last.id(),
                new DiscReading(
                        WheelPosition.FRONT_LEFT,
                        PeakSource.LADDER,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(PAINT.id()),
                        Optional.of(changed),
                        false),
                by);
        discs.keep(
                id("tufts"),
                series.get(1).configurationId(),
                new AirFlow(
                        AirFlowMethod.TUFTS,
                        Optional.of(new Quantity(60, Unit.KILOMETRES_PER_HOUR)),
                        "Tufts on the left backing plate lie towards the hub; on the right they hang still."),
                by);
    }

    private void keep(StopView stop, PeakSource source, Quantity value, Who by) {
        discs.keep(
                id(source.name() + stop.number()),
                stop.id(),
                new DiscReading(
                        WheelPosition.FRONT_LEFT,
                        source,
                        Optional.empty(),
                        Optional.of(value),
                        Optional.of(new Quantity(LATE_S, Unit.SECONDS)),
                        Optional.empty(),
                        Optional.empty(),
                        false),
                by);
    }

    private static Quantity celsius(double c) {
        return new Quantity(Math.round(c), Unit.CELSIUS);
    }

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("demo disc " + name).getBytes(StandardCharsets.UTF_8));
    }

    private static double peakC(StopView stop) {
        return Objects.requireNonNull(
                Objects.requireNonNull(stop.measured()).peakTemperatures().get(WheelPosition.FRONT_LEFT));
    }
}
