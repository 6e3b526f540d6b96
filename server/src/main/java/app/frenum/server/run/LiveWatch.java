package app.frenum.server.run;

import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.heat.Motion;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.LoggedStop;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.DiscPeaks;
import app.frenum.core.stop.LiveStops;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.server.device.Heard;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Watches one logger's rows go by for a run: sees when a stop is over, and what the discs show in between. Used by one
 * thread at a time.
 */
final class LiveWatch {
    private static final double DRIVING_MPS = 5;
    private static final double STILL_MPS = 0.7;
    /** The car must stand this long before its stop is measured: the tail needs 0.3 s of it. */
    private static final double STANDS_S = 0.4;
    /** Slowing by this much, m/s, over the time below is more than coasting. */
    private static final double SLOWS_MPS = 0.6;

    private static final double OVER_S = 0.5;
    private static final int BRAKES_EVERY_ROWS = 10;
    /** For so long after braking its snub is looked for, and at least once. */
    private static final double LOOKED_FOR_S = 1.5;
    /** How often the last rows are looked through for a snub that is over, s. */
    private static final double LOOK_EVERY_S = 0.4;

    private final UUID recordingId;
    private final Instant startedAt;
    private final List<Channel> channels;
    private final LiveTail tail;
    private final int speed;
    /** Seconds from the device's clock to the run's, by the least delayed batch. */
    private double aheadS = Double.POSITIVE_INFINITY;

    private boolean drove;
    private double stillSince = Double.NaN;
    private double lookedAtS = Double.NEGATIVE_INFINITY;
    /** When the vehicle last slowed as under braking; looking for a snub that is over costs too much to do always. */
    private double brakedAtS = Double.NEGATIVE_INFINITY;

    private double doneUntilS;
    private final List<PendingPeaks> pendingPeaks = new ArrayList<>();
    /** Distance rolled since this began to watch, m. */
    private double odometerM;

    private double rolledUntilS;
    /** The same at the rest of the last stop that was told; NaN before the first. */
    private double restAtM = Double.NaN;

    /** @param doneUntilS until when in the log its stops are known already */
    LiveWatch(Heard.Logged first, double doneUntilS) {
        recordingId = first.recordingId();
        startedAt = first.startedAt();
        channels = first.channels();
        tail = new LiveTail(channels);
        speed = channels.stream().map(Channel::role).toList().indexOf(Role.SPEED);
        this.doneUntilS = doneUntilS;
        rolledUntilS = first.columns()[0].length == 0 ? 0 : first.columns()[0][0];
    }

    UUID recordingId() {
        return recordingId;
    }

    /** Takes rows that came at a moment of the run's clock. */
    void add(double[][] columns, double nowS) {
        tail.add(columns);
        double deviceS = startedAt.toEpochMilli() / 1000.0 + tail.lastS();
        aheadS = Math.min(aheadS, nowS - deviceS);
        if (speed < 0) {
            return;
        }
        for (int i = 0; i < columns[0].length; i++) {
            double v = channels.get(speed).unit().toInside(columns[speed + 1][i]);
            drove |= v > DRIVING_MPS;
            roll(columns[0][i], v);
            if (v > STILL_MPS) {
                stillSince = Double.NaN;
            } else if (Double.isNaN(stillSince)) {
                stillSince = columns[0][i];
            }
        }
        for (int i = 0; i < columns[0].length; i += BRAKES_EVERY_ROWS) {
            double t = columns[0][i];
            if (speedAt(t - OVER_S) - speedAt(t) > SLOWS_MPS) {
                brakedAtS = t;
            }
        }
    }

    private void roll(double t, double v) {
        if (t > rolledUntilS && !Double.isNaN(v)) {
            odometerM += v * (t - rolledUntilS);
        }
        rolledUntilS = Math.max(rolledUntilS, t);
    }

    private double speedAt(double t) {
        return channels.get(speed).unit().toInside(tail.value(speed, t));
    }

    /** The logger's last moment on the run's clock. */
    double nowS() {
        return onRunClock(tail.lastS());
    }

    private double onRunClock(double logS) {
        return startedAt.toEpochMilli() / 1000.0 + logS + aheadS;
    }

    /** Whether a stop may be over that was not told yet. */
    boolean isDue(StopKind kind) {
        if (speed < 0 || !drove) {
            return false;
        }
        return kind == StopKind.STOP ? tail.lastS() - stillSince >= STANDS_S : isSnubDue();
    }

    private boolean isSnubDue() {
        return tail.lastS() - brakedAtS >= LOOK_EVERY_S
                && lookedAtS < brakedAtS + LOOKED_FOR_S
                && tail.lastS() - lookedAtS >= LOOK_EVERY_S;
    }

    /** Stops that are over, each told once. */
    List<LoggedStop> over(AnalysisOptions options, StopKind kind) {
        lookedAtS = tail.lastS();
        MemoryLog log = tail.log();
        Calibration calibration = Calibration.of(log);
        List<MeasuredStop> found = LiveStops.over(log, calibration, doneUntilS, options);
        drove = kind != StopKind.STOP && drove;
        for (MeasuredStop s : found) {
            doneUntilS = Math.max(doneUntilS, s.endS());
        }
        return found.stream().map(s -> placed(log, calibration, s)).toList();
    }

    /**
     * A stop whose discs may still get hotter.
     *
     * @param stop its id in the run
     * @param measured as it was assessed
     * @param nextOnsetS when the brake was applied again; infinite while it was not, s
     */
    record PendingPeaks(UUID stop, MeasuredStop measured, double nextOnsetS) {
        private PendingPeaks endedBy(double onsetS) {
            return new PendingPeaks(stop, measured, Math.min(nextOnsetS, onsetS));
        }

        private boolean isOver(double nowS) {
            return nowS >= Math.min(nextOnsetS, measured.endS() + DiscPeaks.SEARCH_S);
        }
    }

    /** From now on the discs of this stop are watched; those before it are over. */
    void awaitPeaks(PendingPeaks stop) {
        pendingPeaks.replaceAll(before -> before.endedBy(stop.measured().onsetS()));
        pendingPeaks.add(stop);
    }

    /** Stops whose discs' peaks are in the log by now, each told once. */
    List<PendingPeaks> completedPeaks() {
        List<PendingPeaks> over =
                pendingPeaks.stream().filter(h -> h.isOver(tail.lastS())).toList();
        pendingPeaks.removeAll(over);
        return over;
    }

    private LoggedStop placed(MemoryLog log, Calibration calibration, MeasuredStop s) {
        double beforeM = restAtM;
        restAtM = odometerAt(log, s.endS());
        return new LoggedStop(
                recordingId,
                onRunClock(s.onsetS()),
                onRunClock(s.endS()),
                switches(log, s.onsetS()),
                calibration,
                Double.isNaN(beforeM) ? Optional.empty() : Optional.of(odometerAt(log, s.onsetS()) - beforeM),
                s);
    }

    /** What was rolled by then, by going back from now over the rows that are still at hand. */
    private double odometerAt(MemoryLog log, double atS) {
        int row = log.rowAt(atS);
        double[] v = log.values(speed, row, log.rows());
        double since = 0;
        for (int i = 1; i < v.length; i++) {
            double inside = channels.get(speed).unit().toInside(v[i]);
            since += Double.isNaN(inside) ? 0 : inside * (log.timesS()[row + i] - log.timesS()[row + i - 1]);
        }
        return odometerM - since;
    }

    /** Switches of the configuration that the logger watches: channels with their names. */
    private Map<BrakeSwitch, Boolean> switches(MemoryLog log, double atS) {
        Map<BrakeSwitch, Boolean> found = new EnumMap<>(BrakeSwitch.class);
        for (int c = 0; c < channels.size(); c++) {
            for (BrakeSwitch s : BrakeSwitch.values()) {
                int row = Math.min(log.rows() - 1, log.rowAt(atS));
                if (channels.get(c).name().equalsIgnoreCase(s.label())) {
                    found.put(s, log.values(c, row, row + 1)[0] > 0.5);
                }
            }
        }
        return found;
    }

    /** Whether the car rolls or stands; empty while a halt may be one at a turn, or without a speed. */
    Optional<Motion> motion() {
        if (speed < 0 || tail.lastS() - stillSince < Motion.HALT_S) {
            return Optional.empty();
        }
        return Optional.of(Double.isNaN(stillSince) ? Motion.ROLLING : Motion.STANDING);
    }

    /** What the disc sensors show now, °C. */
    Map<WheelPosition, Double> discs() {
        Map<WheelPosition, Double> found = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            int c = channels.stream().map(Channel::role).toList().indexOf(Role.discTemperature(w));
            double celsius = c < 0 ? Double.NaN : channels.get(c).unit().toInside(tail.last(c));
            if (celsius > -40 && celsius < 1200) {
                found.put(w, Math.round(celsius * 10) / 10.0);
            }
        }
        return found;
    }
}
