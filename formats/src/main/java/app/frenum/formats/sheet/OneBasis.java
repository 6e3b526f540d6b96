package app.frenum.formats.sheet;

import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.BadInput;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Holds that all stops of a configuration are counted from one point, row after row. */
final class OneBasis {
    private final Map<String, DistanceBasis> basisOf = new HashMap<>();

    /** Why this stop cannot stand below those before; empty where it can. */
    Optional<String> unlikeAbove(SheetStop stop) {
        DistanceBasis before = basisOf.putIfAbsent(stop.configuration(), stop.basis());
        return before == null || before == stop.basis()
                ? Optional.empty()
                : Optional.of("The stops of %s are counted %s above and %s here; one configuration needs one basis."
                        .formatted(
                                BadInput.quote(stop.configuration()),
                                before.label(),
                                stop.basis().label()));
    }
}
