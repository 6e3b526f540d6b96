package app.frenum.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** In which order configurations are driven. */
public enum RunOrder {
    /** Baseline, candidates, baseline again. */
    A_B_A("a return to the baseline shows how far the day has drifted, and lets a steady drift be taken out"),
    /** Baseline, candidates, then the same backwards. */
    ABBA("a steady drift of lane, tyres or crew falls out of the mean by itself"),
    /** Blocks of all configurations, shuffled from a stored seed. */
    RANDOMISED("any drift, steady or not, becomes scatter instead of a false gain"),
    /** One after the other. */
    ONE_AFTER_ANOTHER("nothing: a warming lane or a learning crew looks like a gain");

    private static final int BLOCKS = 3;

    private final String guards;

    RunOrder(String guards) {
        this.guards = guards;
    }

    /** What drift it guards against. */
    public String guards() {
        return guards;
    }

    /**
     * Stops of one configuration in a row.
     *
     * @param configuration 0 is the baseline
     * @param stops how many of each phase's share are driven in it
     */
    public record Block(int configuration, int stops) {}

    /**
     * The blocks of a day. Every configuration is driven {@code stopsEach} times in all, spread over its blocks.
     *
     * @param configurations how many, baseline included; one alone is driven in one block, whatever the order
     * @param stopsEach at least 1
     * @param seed of the shuffle
     */
    public List<Block> blocks(int configurations, int stopsEach, long seed) {
        if (configurations < 1 || stopsEach < 1) {
            throw new IllegalArgumentException("an order needs a configuration and a stop of it");
        }
        if (configurations == 1) {
            return List.of(new Block(0, stopsEach));
        }
        List<Integer> sequence = sequence(configurations, stopsEach, seed);
        List<Block> blocks = new ArrayList<>();
        for (int c : sequence) {
            long times = sequence.stream().filter(x -> x == c).count();
            long before = blocks.stream().filter(b -> b.configuration() == c).count();
            int share = (int) (stopsEach / times + (before < stopsEach % times ? 1 : 0));
            if (share > 0) {
                blocks.add(new Block(c, share));
            }
        }
        return blocks;
    }

    private List<Integer> sequence(int configurations, int stopsEach, long seed) {
        List<Integer> once = new ArrayList<>();
        for (int c = 0; c < configurations; c++) {
            once.add(c);
        }
        return switch (this) {
            case ONE_AFTER_ANOTHER -> once;
            case A_B_A -> {
                once.add(0);
                yield once;
            }
            case ABBA -> {
                for (int c = configurations - 1; c >= 0; c--) {
                    once.add(c);
                }
                yield once;
            }
            case RANDOMISED -> {
                Random random = new Random(seed);
                List<Integer> all = new ArrayList<>();
                for (int i = 0; i < Math.min(BLOCKS, stopsEach); i++) {
                    List<Integer> block = new ArrayList<>(once);
                    Collections.shuffle(block, random);
                    all.addAll(block);
                }
                yield all;
            }
        };
    }

    /** How often parts are changed over on the day; the car comes with the baseline fitted. */
    public static int swaps(List<Block> blocks) {
        int fitted = 0;
        int swaps = 0;
        for (Block b : blocks) {
            swaps += b.configuration() == fitted ? 0 : 1;
            fitted = b.configuration();
        }
        return swaps;
    }
}
