package app.frenum.server.disc;

import app.frenum.core.heat.AirFlowMethod;
import app.frenum.core.heat.PeakSource;
import java.util.Arrays;
import java.util.List;

/**
 * What can be entered of discs, so that the interface has no list of its own.
 *
 * @param sources by what people read a disc
 * @param methods how they look at the air
 */
record DiscForm(List<Way> sources, List<Way> methods) {
    /** One way of looking, with its words. */
    record Way(String name, String label) {}

    static DiscForm whole() {
        return new DiscForm(
                Arrays.stream(PeakSource.values())
                        .filter(s -> s != PeakSource.SENSOR)
                        .map(s -> new Way(s.name(), s.label()))
                        .toList(),
                Arrays.stream(AirFlowMethod.values())
                        .map(m -> new Way(m.name(), m.label()))
                        .toList());
    }
}
