package app.frenum.server.analysis;

import java.util.UUID;

/**
 * How much is known of a series. All three only ever grow, so together they tell whether anything changed.
 *
 * @param stops how many stops
 * @param measurements how often they were measured, moved edges included
 * @param decisions how often one was struck out or brought back
 */
public record StopCount(UUID seriesId, long stops, long measurements, long decisions) {
    public static StopCount none(UUID seriesId) {
        return new StopCount(seriesId, 0, 0, 0);
    }
}
