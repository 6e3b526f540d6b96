package app.frenum.core.series;

import app.frenum.core.stop.DistanceBasis;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What stops must share to be averaged at all: what was measured, nominal speed, phase of the procedure and load.
 *
 * @param nominalMps the slowest nominal speed of those that are one, so that 62 mph and 100 km/h are; 0 where none is known
 * @param phase empty where none was written
 * @param load empty where none was written
 */
record Alike(DistanceBasis basis, double nominalMps, String phase, String load) {
    /** Nominal speeds that differ by no more than this share are one. */
    private static final double SAME = 0.005;

    /** The kinds of a number of stops: their nominal speeds are compared with each other, not put into steps. */
    static final class Kinds {
        private final TreeSet<Double> slowest = new TreeSet<>();

        Kinds(List<DrivenStop> all) {
            Set<Double> speeds = all.stream()
                    .map(s -> s.driven().nominalSpeed().orElse(0))
                    .collect(Collectors.toCollection(TreeSet::new));
            for (double v : speeds) {
                if (slowest.isEmpty() || v > slowest.last() * (1 + SAME)) {
                    slowest.add(v);
                }
            }
        }

        Alike of(DrivenStop stop) {
            Driven as = stop.driven();
            return new Alike(
                    stop.basis(),
                    slowest.floor(as.nominalSpeed().orElse(0)),
                    as.phase().orElse(""),
                    as.surroundings().load().orElse(""));
        }

        /** Of what is followed through all phases of a procedure. */
        Alike throughPhases(DrivenStop stop) {
            Alike a = of(stop);
            return new Alike(a.basis, a.nominalMps, "", a.load);
        }
    }
}
