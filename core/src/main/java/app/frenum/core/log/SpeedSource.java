package app.frenum.core.log;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;

/**
 * What measures the speed of a log, which decides how far its scale, its latency and the wheels' slip can be trusted
 * (docs/handbook.md, "Speed sources"). Recognised by the channel's name, else by its rate.
 */
public enum SpeedSource {
    /** A satellite receiver or another sensor that does not touch the wheels. */
    SATELLITE("satellite speed", 1, 0.001, 0, 0, 0.05, 0.5),
    /** Vehicle speed from a bus or a control unit, which derives it from wheels. */
    BUS("bus speed", 1, 0.01, 0.015, 0.012, 0.02, 0.15),
    /** Wheel speeds alone, read directly. */
    WHEELS("wheel speeds", 1, 0.01, 0.03, 0.012, 0, 0.03),
    /** A dash or speedometer, which reads up to 5 % high by its design and never low. */
    SPEEDOMETER("speedometer", 1 / 1.025, 0.05 / Math.sqrt(12), 0, 0, 0.05, 0.5),
    /** A speed at more than 20 Hz whose name does not say: as uncertain in scale as a bus speed. */
    UNNAMED("speed channel of unnamed source", 1, 0.01, 0, 0, 0, 0.5);

    /** Receivers are rarely faster than this, and bus speeds rarely slower, Hz. */
    private static final double SLOW_HZ = 20;

    private static final Set<String> SATELLITE_WORDS =
            Set.of("gps", "gnss", "sat", "satellite", "receiver", "optical", "radar", "ground", "doppler");
    private static final Set<String> BUS_WORDS = Set.of("bus", "can", "ecu", "obd", "vehicle", "abs");
    private static final Set<String> DASH_WORDS =
            Set.of("dash", "speedo", "speedometer", "cluster", "tacho", "indicated");

    private final String label;
    private final double calibration;
    private final double scaleUncertainty;
    private final double brakeSlip;
    private final double brakeSlipUncertainty;
    private final double latencyFromS;
    private final double latencyToS;

    SpeedSource(
            String label,
            double calibration,
            double scaleUncertainty,
            double brakeSlip,
            double brakeSlipUncertainty,
            double latencyFromS,
            double latencyToS) {
        this.label = label;
        this.calibration = calibration;
        this.scaleUncertainty = scaleUncertainty;
        this.brakeSlip = brakeSlip;
        this.brakeSlipUncertainty = brakeSlipUncertainty;
        this.latencyFromS = latencyFromS;
        this.latencyToS = latencyToS;
    }

    /** The source of a log's speed: of its speed channel, or of the wheels where it has none. */
    public static SpeedSource of(Log log) {
        if (log.channel(Role.SPEED).isEmpty()) {
            return WHEELS;
        }
        int channel = log.channel(Role.SPEED).orElseThrow();
        return named(log.channels().get(channel).name(), HealthCheck.rateHz(log, channel));
    }

    private static SpeedSource named(String name, double rateHz) {
        Set<String> words = Set.copyOf(Arrays.asList(name.replaceAll("(?<=[a-z])(?=[A-Z])", " ")
                .toLowerCase(Locale.ROOT)
                .split("[^\\p{L}\\p{N}]+")));
        if (words.stream().anyMatch(SATELLITE_WORDS::contains)) {
            return SATELLITE;
        }
        if (words.stream().anyMatch(DASH_WORDS::contains)) {
            return SPEEDOMETER;
        }
        if (words.contains("wheel")
                || words.contains("wheels")
                || words.stream().anyMatch(BUS_WORDS::contains)) {
            return BUS;
        }
        return rateHz <= SLOW_HZ * 1.05 ? SATELLITE : UNNAMED;
    }

    public String label() {
        return label;
    }

    /** What a reading is multiplied by: 1, except where a source reads high by design. */
    public double calibration() {
        return calibration;
    }

    /** Standard uncertainty (k = 1) of its scale, as a share of speed. */
    public double scaleUncertainty() {
        return scaleUncertainty;
    }

    /** By what share wheels turn too slowly while they brake without locking. */
    public double brakeSlip() {
        return brakeSlip;
    }

    /** Standard uncertainty (k = 1) of that. */
    public double brakeSlipUncertainty() {
        return brakeSlipUncertainty;
    }

    /** By what a distance that was read from braked wheels is too short. */
    public double slipFactor() {
        return 1 / (1 - brakeSlip);
    }

    /** Root mean square of the latency that a source of this kind may have where nothing shows it, s. */
    double unmeasuredLatencyS() {
        double middle = (latencyFromS + latencyToS) / 2;
        return Math.hypot(middle, (latencyToS - latencyFromS) / Math.sqrt(12));
    }
}
