package app.frenum.core.log;

import java.util.Arrays;
import java.util.List;

/** A log small enough to hold: simulated ones, and those of tests. Values are in the channels' own units. */
public record MemoryLog(List<Channel> channels, double[] timesS, double[][] samples) implements Log {
    public MemoryLog {
        channels = List.copyOf(channels);
        if (samples.length != channels.size()) {
            throw new IllegalArgumentException("%d channels but %d columns".formatted(channels.size(), samples.length));
        }
    }

    @Override
    public int rows() {
        return timesS.length;
    }

    @Override
    public double[] times(int from, int to) {
        return Arrays.copyOfRange(timesS, from, to);
    }

    @Override
    public double[] values(int channel, int from, int to) {
        double[] out = Arrays.copyOfRange(samples[channel], from, to);
        Arrays.setAll(out, i -> channels.get(channel).unit().toInside(out[i]));
        return out;
    }
}
