package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Smoothing;
import app.frenum.core.log.SoundTemperature;
import app.frenum.core.log.WheelPosition;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The curves of one stop, at the times of the speed channel, ready to draw over other stops.
 *
 * @param time from onset, s
 * @param distance from onset, m; negative before it
 * @param lines by name: {@code speed} (m/s), {@code deceleration} (m/s², smoothed), {@code front} and {@code rear}
 *     pressure (bar, smoothed, offset removed), and disc temperatures by wheel key (°C, smoothed)
 */
public record StopTrace(double[] time, double[] distance, Map<String, double[]> lines) {
    private static final double BEFORE_S = 0.75;
    private static final double AFTER_S = 0.5;
    private static final double SMOOTHING_MARGIN_S = 3;

    public static StopTrace of(Log log, Calibration calibration, double onsetS, double endS) {
        double from = Math.max(0, onsetS - BEFORE_S);
        double to = Math.min(log.durationS(), endS + AFTER_S);
        Drive drive = Drive.read(log, calibration.offsets(), from - SMOOTHING_MARGIN_S, to + SMOOTHING_MARGIN_S);
        Signal speed = drive.speed().between(from, to);
        Map<String, double[]> lines = new LinkedHashMap<>();
        lines.put("speed", speed.v());
        put(lines, "deceleration", drive.deceleration(), speed);
        put(lines, "front", drive.front(), speed);
        put(lines, "rear", drive.rear(), speed);
        for (WheelPosition w : WheelPosition.values()) {
            Signal t = SoundTemperature.of(
                            log, Role.discTemperature(w), from - SMOOTHING_MARGIN_S, to + SMOOTHING_MARGIN_S)
                    .signal();
            put(lines, w.key(), Smoothing.lowPass(t, Smoothing.TEMPERATURE_HZ), speed);
        }
        double[] time = Arrays.stream(speed.t()).map(t -> t - onsetS).toArray();
        return new StopTrace(time, distance(drive.speed(), speed.t(), onsetS), lines);
    }

    private static void put(Map<String, double[]> lines, String name, Signal signal, Signal at) {
        if (!signal.isEmpty()) {
            lines.put(name, Arrays.stream(at.t()).map(signal::at).toArray());
        }
    }

    private static double[] distance(Signal speed, double[] t, double onsetS) {
        double[] out = new double[t.length];
        out[0] = t[0] < onsetS ? -speed.integral(t[0], onsetS) : speed.integral(onsetS, t[0]);
        for (int i = 1; i < t.length; i++) {
            out[i] = out[i - 1] + speed.integral(t[i - 1], t[i]);
        }
        return out;
    }
}
