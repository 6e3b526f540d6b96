package app.frenum.core.accuracy;

import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * How measured distances of one kind of log compare with the true ones, counted from the event that each stop names.
 *
 * @param kind of log
 * @param stops driven
 * @param missed driven, not found
 * @param invented found, not driven
 * @param flagged whose distance is not computed, has to be repeated, or says that it is in doubt
 * @param wrongKind stops taken for snubs, or snubs for stops, without a flag
 * @param errors measured less true distance of those without a flag, m
 * @param limits their U = 2u, m
 */
record LogAccuracy(
        String kind,
        int stops,
        int missed,
        int invented,
        int flagged,
        int wrongKind,
        double[] errors,
        double[] limits) {
    /** Flags after which nobody takes a distance at its word: they exclude the stop or block a comparison. */
    private static final Set<FlagCode> IN_DOUBT = EnumSet.of(FlagCode.SPEED_LATE_UNKNOWN, FlagCode.SENSOR_SUSPECT);

    private static final double NEAR_S = 1.2;

    static LogAccuracy of(String kind, LogKinds.Kind setUp, int logs) {
        List<Double> errors = new ArrayList<>();
        List<Double> limits = new ArrayList<>();
        int[] n = new int[5];
        for (int seed = 1; seed <= logs; seed++) {
            TestCar car = new TestCar(7919L * seed + kind.hashCode());
            LoggerModel logger = new LoggerModel();
            setUp.accept(car, logger);
            List<MeasuredStop> found = new ArrayList<>(analysed(logger.record(car.driven())));
            for (TestCar.Event event : car.events) {
                n[0]++;
                MeasuredStop stop = nearest(found, event);
                if (stop == null) {
                    n[1]++;
                    continue;
                }
                found.remove(stop);
                if (isFlagged(stop)) {
                    n[3]++;
                } else if ((stop.kind() == StopKind.STOP) != event.fullStop()) {
                    n[4]++;
                } else {
                    errors.add(stop.distance().value() - distance(car, event, stop));
                    limits.add(2 * stop.uncertainty().distance().value());
                }
            }
            n[2] += found.size();
        }
        return new LogAccuracy(kind, n[0], n[1], n[2], n[3], n[4], array(errors), array(limits));
    }

    private static List<MeasuredStop> analysed(MemoryLog log) {
        return LogAnalysis.of(log, HealthCheck.of(log), AnalysisOptions.onset(AnalysisOptions.noNominal()))
                .stops();
    }

    private static MeasuredStop nearest(List<MeasuredStop> found, TestCar.Event event) {
        return found.stream()
                .filter(s -> Math.abs(s.onsetS() - event.brakingS()) < NEAR_S)
                .findFirst()
                .orElse(null);
    }

    private static boolean isFlagged(MeasuredStop stop) {
        return !stop.distance().isKnown()
                || stop.validity() == Validity.REPEAT
                || stop.flags().stream().map(Flag::code).anyMatch(IN_DOUBT::contains);
    }

    /** From the event that dates this stop. */
    private static double distance(TestCar car, TestCar.Event event, MeasuredStop stop) {
        double from = switch (stop.onsetSource()) {
            case SWITCH -> event.switchS();
            case PRESSURE -> event.pressureS();
            case DECELERATION, HAND -> event.brakingS();
        };
        double to = switch (stop.onsetSource()) {
            case SWITCH, PRESSURE -> event.pressureEndS();
            case DECELERATION, HAND -> event.endS();
        };
        return car.place(event.fullStop() ? event.endS() : to) - car.place(from);
    }

    private static double[] array(List<Double> list) {
        return list.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** Share of those without a flag whose ± does not hold the true distance. */
    double outside() {
        int out = 0;
        for (int i = 0; i < errors.length; i++) {
            out += Math.abs(errors[i]) > limits[i] ? 1 : 0;
        }
        return errors.length == 0 ? 0 : out / (double) errors.length;
    }

    double mean() {
        return Arrays.stream(errors).average().orElse(Double.NaN);
    }

    double largest() {
        return Arrays.stream(errors).map(Math::abs).max().orElse(Double.NaN);
    }

    /** The size that 95 % of errors stay below, m. */
    double error95() {
        double[] sorted = Arrays.stream(errors).map(Math::abs).sorted().toArray();
        return sorted.length == 0 ? Double.NaN : sorted[(int) Math.min(sorted.length - 1, 0.95 * sorted.length)];
    }

    double meanLimit() {
        return Arrays.stream(limits).average().orElse(Double.NaN);
    }

    String row() {
        return String.format(
                Locale.ROOT,
                "| %s | %d | %d | %d | %d | %d | %+.2f | %.2f | %.2f | %.1f %% | %.1f |",
                kind,
                stops,
                missed,
                invented,
                wrongKind,
                flagged,
                mean(),
                error95(),
                meanLimit(),
                100 * (1 - outside()),
                meanLimit() / error95());
    }

    /**
     * Prints the table of docs/accuracy.md.
     *
     * @param args logs of each kind, then a part of the names of kinds
     */
    public static void main(String[] args) {
        int logs = args.length > 0 ? Integer.parseInt(args[0]) : 10;
        String only = args.length > 1 ? args[1] : "";
        System.out.println(
                "| log | applications | missed | invented | kind wrong | flagged | mean error, m | 95 % of errors, m"
                        + " | mean ±, m | ± holds it | ± / 95 % |");
        System.out.println("|---|---|---|---|---|---|---|---|---|---|---|");
        LogKinds.all().forEach((name, kind) -> {
            if (name.contains(only)) {
                System.out.println(of(name, kind, logs).row());
            }
        });
    }
}
