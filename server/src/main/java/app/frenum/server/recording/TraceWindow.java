package app.frenum.server.recording;

import app.frenum.core.log.Role;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A window of a recording, thinned to what a screen can show.
 *
 * @param fromS start asked for
 * @param toS end asked for
 * @param t start of each step, s from the first row; the same for all lines
 * @param lines one per channel
 */
public record TraceWindow(double fromS, double toS, double[] t, List<Line> lines) {
    /**
     * One channel: the lowest and highest value of each step of time, in the inside unit of its dimension.
     *
     * @param high null where every sample has a step of its own, so that it would be the same as {@code low}
     */
    public record Line(
            int channel,
            String name,
            Role role,
            String unit,
            @Nullable Double[] low,
            @Nullable Double @Nullable [] high) {}
}
