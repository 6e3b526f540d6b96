package app.frenum.core.plan;

/**
 * How much lane a stop takes, worst case included: {@code v²/(2·a_acc)} to reach the speed, settling, the expected stop
 * × 1.25, and run-off for half the system lost, {@code v²/(2·a_half)} less the expected stop, counted from where that
 * ends.
 *
 * @param reachM to reach test speed
 * @param settleM at test speed before the brake point
 * @param stopM kept free for the stop
 * @param runOffM beyond the end of the expected stop
 */
public record LaneCheck(double reachM, double settleM, double stopM, double runOffM) {
    /** Slowing on half the brakes, m/s², unless local rules or a measured partial-system stop say otherwise. */
    public static final double HALF_SYSTEM_MPS2 = 2.5;

    private static final double STOP_MARGIN = 1.25;

    /**
     * @param speedMps test speed
     * @param accelerationMps2 on the way to it
     * @param settleS time held at it
     * @param expectedStopM from the brake point
     * @param halfSystemMps2 slowing on half the brakes
     */
    public record Needs(
            double speedMps, double accelerationMps2, double settleS, double expectedStopM, double halfSystemMps2) {
        public Needs {
            if (!(speedMps > 0 && accelerationMps2 > 0 && settleS >= 0 && expectedStopM > 0 && halfSystemMps2 > 0)) {
                throw new IllegalArgumentException("speeds, accelerations and distances must be above 0");
            }
        }
    }

    public static LaneCheck of(Needs n) {
        double v = n.speedMps();
        return new LaneCheck(
                v * v / (2 * n.accelerationMps2()),
                n.settleS() * v,
                STOP_MARGIN * n.expectedStopM(),
                Math.max(0, v * v / (2 * n.halfSystemMps2()) - n.expectedStopM()));
    }

    public double totalM() {
        return reachM + settleM + stopM + runOffM;
    }

    /** What a lane with its run-off lacks, m; 0 when it has it all. */
    public double missingM(double lengthM, double laneRunOffM) {
        double onTheLane = reachM + settleM + stopM;
        // The run-off may be used for nothing but running off.
        return Math.max(0, Math.max(onTheLane - lengthM, totalM() - lengthM - laneRunOffM));
    }

    public boolean isGo(double lengthM, double laneRunOffM) {
        return missingM(lengthM, laneRunOffM) == 0;
    }
}
