package app.frenum.core.compare;

import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
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
        List<ComparedStop> stops = new ArrayList<>();
        for (double m : metres) {
            stops.add(stop(m, surface));
        }
        return new Side(name, DistanceBasis.ONSET_TO_REST, Figure.of(25), Figure.of(0), Map.of(), Set.of(), stops);
    }

    private static ComparedStop stop(double metres, String surface) {
        return new ComparedStop(
                Figure.of(metres),
                Figure.of(0.02),
                Figure.of(25),
                NONE,
                NONE,
                NONE,
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
                        1,
                        false,
                        0,
                        Optional.empty()));
    }
}
