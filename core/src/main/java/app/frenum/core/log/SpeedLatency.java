package app.frenum.core.log;

import app.frenum.core.quantity.Figure;

/**
 * By how much the speed channel is late, as satellite receivers and filtered bus speeds are (0.02 to 0.5 s, at any rate).
 * {@link ChannelClocks} measures it.
 *
 * @param seconds latency, s, or why it is not known
 * @param uncertaintyS standard uncertainty (k = 1) of the time axis of speed after it was moved, s
 */
public record SpeedLatency(Figure seconds, double uncertaintyS) {
    /** A latency above this is reported, s. */
    public static final double REPORTED_S = 0.05;
    /** No latency below this is worth moving a channel, s. */
    private static final double LEAST_MOVED_S = 0.01;
    /** A latency that was measured as zero may still be a direct reading's own (0 to 0.03 s), s. */
    private static final double PROMPT_UNCERTAINTY_S = 0.012;

    /** Measured more vaguely than this, a speed cannot be called prompt, s. */
    private static final double CLEAR_S = 0.025;

    /** Speed that defines the time axis: nothing else says when the vehicle slowed. */
    public static final SpeedLatency NONE = new SpeedLatency(Figure.of(0), 0);

    /** From a measured lag; one that does not stand out of its own uncertainty is left alone and stays in it. */
    static SpeedLatency measured(double lagS, double uncertaintyS) {
        if (lagS > Math.max(LEAST_MOVED_S, 2 * uncertaintyS)) {
            return new SpeedLatency(Figure.of(lagS), uncertaintyS);
        }
        double prompt = uncertaintyS > CLEAR_S ? uncertaintyS : Math.min(uncertaintyS, PROMPT_UNCERTAINTY_S);
        return new SpeedLatency(Figure.of(0), Math.max(prompt, Math.max(0, lagS) / 2));
    }

    static SpeedLatency notMeasured(String why, SpeedSource source) {
        return new SpeedLatency(Figure.unknown(why), source.unmeasuredLatencyS());
    }

    /** A lag that brakes may have made as well as the speed: not moved, and all of it is in doubt. */
    static SpeedLatency unclear(String why, double lagS, double uncertaintyS) {
        return new SpeedLatency(Figure.unknown(why), Math.hypot(uncertaintyS, Math.max(0, lagS)));
    }

    /** How far the speed channel is moved back in time before anything is computed, s. */
    public double shiftS() {
        return seconds.isKnown() ? seconds.value() : 0;
    }

    /** Whether it is late enough to be reported. */
    public boolean isLate() {
        return shiftS() > REPORTED_S;
    }
}
