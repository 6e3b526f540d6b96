package app.frenum.core.series;

import app.frenum.core.stop.DistanceBasis;

/**
 * What stops must share to be averaged at all: what was measured, nominal speed, phase of the procedure and load.
 *
 * @param speedStep nominal speed in steps of half a per cent, so that 60 mph and 96.6 km/h are one; 0 where none is known
 * @param phase empty where none was written
 * @param load empty where none was written
 */
record Alike(DistanceBasis basis, long speedStep, String phase, String load) {
    private static final double STEP = 0.005;

    static Alike of(DrivenStop stop) {
        Driven as = stop.driven();
        double nominal = as.nominalSpeed().orElse(0);
        return new Alike(
                stop.basis(),
                nominal > 0 ? Math.round(Math.log(nominal) / STEP) : 0,
                as.phase().orElse(""),
                as.surroundings().load().orElse(""));
    }

    /** Of what is followed through all phases of a procedure. */
    static Alike throughPhases(DrivenStop stop) {
        Alike a = of(stop);
        return new Alike(a.basis, a.speedStep, "", a.load);
    }
}
