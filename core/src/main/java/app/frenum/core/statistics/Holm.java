package app.frenum.core.statistics;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/** Adjusts p values for several candidates against one baseline. Source: S. Holm, Scand. J. Stat. 6 (1979) 65–70. */
public final class Holm {
    private Holm() {}

    public static double[] adjusted(double... p) {
        int[] order = IntStream.range(0, p.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> p[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        double[] out = new double[p.length];
        double highest = 0;
        for (int rank = 0; rank < order.length; rank++) {
            highest = Math.max(highest, Math.min(1, (p.length - rank) * p[order[rank]]));
            out[order[rank]] = highest;
        }
        return Arrays.copyOf(out, out.length);
    }
}
