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
record DiscForm(List<Choice> sources, List<Choice> methods) {
    /** One of several, with its words. */
    record Choice(String name, String label) {}

    static DiscForm whole() {
        return new DiscForm(
                Arrays.stream(PeakSource.values())
                        .filter(s -> s != PeakSource.SENSOR)
                        .map(s -> new Choice(s.name(), s.label()))
                        .toList(),
                Arrays.stream(AirFlowMethod.values())
                        .map(m -> new Choice(m.name(), m.label()))
                        .toList());
    }
}
