package app.frenum.core.log;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Gathers what is found wrong with one channel, of each kind the first few; the others are counted only, so that a sensor
 * that is wrong in every row of an hour costs no more than one that is wrong twenty times.
 */
final class Findings {
    private static final int MOST_OF_A_KIND = 20;

    private final String channel;
    private final List<HealthFinding> kept = new ArrayList<>();
    private final Map<HealthCode, Count> counts = new EnumMap<>(HealthCode.class);

    /** How many of a kind, and from when to when those are that were not kept. */
    private static final class Count {
        private int all;
        private double moreFromS;
        private double moreToS;
    }

    /** @param channel its name; empty for what is wrong with the log itself */
    Findings(String channel) {
        this.channel = channel;
    }

    void add(LogFinding what, double fromS, double toS, Term... terms) {
        add(what.code(), fromS, toS, () -> Finding.of(what, terms));
    }

    /** @param finding asked for only when it is kept */
    private void add(HealthCode code, double fromS, double toS, Supplier<Finding> finding) {
        Count count = counts.computeIfAbsent(code, c -> new Count());
        if (++count.all <= MOST_OF_A_KIND) {
            kept.add(new HealthFinding(code, channel, finding.get(), fromS, toS));
        } else {
            count.moreFromS = count.all == MOST_OF_A_KIND + 1 ? fromS : count.moreFromS;
            count.moreToS = toS;
        }
    }

    /** All that were found of this channel by somebody else. */
    void addAll(Findings others) {
        others.kept.forEach(f -> add(f.code(), f.fromS(), f.toS(), f::finding));
        others.counts.forEach((code, theirs) -> {
            int more = theirs.all - MOST_OF_A_KIND;
            for (int i = 0; i < more; i++) {
                add(code, i == 0 ? theirs.moreFromS : theirs.moreToS, theirs.moreToS, () -> more(1));
            }
        });
    }

    void clear() {
        kept.clear();
        counts.clear();
    }

    /** The first of each kind, in the order found, and how many more there are. */
    List<HealthFinding> list() {
        List<HealthFinding> all = new ArrayList<>(kept);
        counts.forEach((code, count) -> {
            int more = count.all - MOST_OF_A_KIND;
            if (more > 0) {
                all.add(new HealthFinding(code, channel, more(more), count.moreFromS, count.moreToS));
            }
        });
        return all;
    }

    private static Finding more(int n) {
        return Finding.of(LogFinding.MORE_OF_THESE, Term.count(n));
    }
}
