package app.frenum.formats.verdict;

import app.frenum.core.compare.Side;
import app.frenum.core.stop.DistanceBasis;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** A configuration with its stops as it went into a verdict. */
public record FrozenSide(
        String configuration,
        DistanceBasis basis,
        @Nullable Double nominalSpeedMps,
        @Nullable Double grade,
        Map<String, String> factors,
        Set<String> notBedded,
        double resolution,
        List<FrozenStop> stops) {

    public static FrozenSide of(Side side) {
        return new FrozenSide(
                side.configuration(),
                side.basis(),
                side.nominalSpeed().orNull(),
                side.grade().orNull(),
                new TreeMap<>(side.factors()),
                new TreeSet<>(side.newPartsNotBedded()),
                side.resolution(),
                side.stops().stream().map(FrozenStop::of).toList());
    }

    /** As it was compared. */
    public Side thawed() {
        return new Side(
                configuration,
                basis,
                FrozenStop.figure(nominalSpeedMps),
                FrozenStop.figure(grade),
                factors,
                notBedded,
                resolution,
                stops.stream().map(FrozenStop::thawed).toList());
    }
}
