package app.frenum.server.recording;

import app.frenum.core.log.Role;
import java.util.List;

/**
 * A window of a recording, thinned to what a screen can show.
 *
 * @param fromS start asked for
 * @param toS end asked for
 * @param lines one per channel
 */
public record TraceWindow(double fromS, double toS, List<Line> lines) {
    /**
     * One channel: the lowest and highest value of each step of time, in the inside unit of its dimension; the same
     * where every sample fits.
     */
    public record Line(int channel, String name, Role role, String unit, double[] t, Double[] low, Double[] high) {}
}
