package app.frenum.core.compare;

import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.WheelLimit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Configurations for tests, each with stops of so many metres by tape from 25 m/s. */
final class Sides {
    private static final Figure NONE = Figure.unknown("not recorded");

    private Sides() {}

    static Side of(String name, double... metres) {
        return of(name, "dry", metres);
    }

    static Side of(String name, String surface, double... metres) {
        return of(
                name,
                Arrays.stream(metres)
                        .mapToObj(m -> stop(m, surface, 1, 0, NONE))
                        .toList());
    }

    /** Stops of one block, driven one after another. */
    static Side inOrder(String name, double[] metres, int firstOrder, int block) {
        List<ComparedStop> stops = new ArrayList<>();
        for (int i = 0; i < metres.length; i++) {
            stops.add(driven(metres[i], firstOrder + i, block, NONE));
        }
        return of(name, stops);
    }

    static Side of(String name, List<ComparedStop> stops) {
        return new Side(name, DistanceBasis.ONSET_TO_REST, Figure.of(25), Figure.of(0), Map.of(), Set.of(), stops);
    }

    /** One stop with its place in the order of driving, its block and the temperature it began at. */
    static ComparedStop driven(double metres, int order, int block, Figure startTemperature) {
        return stop(metres, "dry", block, order, startTemperature);
    }

    private static ComparedStop stop(double metres, String surface, int block, int order, Figure startTemperature) {
        return new ComparedStop(
                Figure.of(metres),
                Figure.of(0.02),
                Figure.of(25),
                NONE,
                NONE,
                startTemperature,
                NONE,
                NONE,
                Status.COUNTS,
                Set.of(),
                new Circumstances(
                        Optional.of("mark"),
                        Instrument.TAPE,
                        Optional.empty(),
                        Optional.of(surface),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        block,
                        WheelLimit.NOT_LOGGED,
                        order,
                        Optional.empty()));
    }
}
