package app.frenum.formats.log;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.LogFinding;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.BadInput;
import app.frenum.formats.Dialect;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.LongConsumer;

/**
 * Fixes of a satellite receiver on their way to a speed log. Where the receiver told speeds, they are taken; where it told
 * only places, speed is the way between two of them over their time, at the middle of it.
 */
final class SpeedTrack {
    private static final double FEWEST = 3;
    /** WGS 84: half the long axis, m, and the square of its first eccentricity. */
    private static final double SEMI_MAJOR_M = 6_378_137;

    private static final double ECCENTRICITY2 = 6.694_379_990_14e-3;
    /** Longer between two places, and nobody knows what was driven in between. */
    private static final double LONGEST_STEP_S = 5;

    private static final int REPORT_EVERY = 1 << 12;

    /**
     * One fix.
     *
     * @param timeS any origin
     * @param latitude degrees; NaN where it is not known
     * @param speedMps NaN where it was not told
     * @param segment of the track; between two nothing is known
     */
    record Fix(double timeS, double latitude, double longitude, double speedMps, int segment) {}

    private final List<Fix> fixes = new ArrayList<>();
    private final LongConsumer progress;
    private long backwards;
    private long invalid;

    SpeedTrack(LongConsumer progress) {
        this.progress = progress;
    }

    /** Takes a fix in; one that is not later than the one before is left out, and counted. */
    void add(Fix fix) {
        boolean unknown = Double.isNaN(fix.speedMps()) && Double.isNaN(fix.latitude());
        if (unknown) {
            invalid++;
        } else if (!fixes.isEmpty()
                && fix.timeS() <= fixes.get(fixes.size() - 1).timeS()) {
            backwards++;
        } else {
            fixes.add(fix);
        }
        if (fixes.size() % REPORT_EVERY == 0) {
            progress.accept(fixes.size());
        }
    }

    static LogHeader header(String format) {
        return new LogHeader(
                Map.of("format", format),
                new Dialect(',', false),
                0,
                new Column(0, "time", "s", Unit.SECONDS, Role.EXTRA),
                List.of(new Column(1, "speed", "m/s", Unit.METRES_PER_SECOND, Role.SPEED)),
                List.of(),
                format);
    }

    /**
     * The log.
     *
     * @param damaged sentences or points that could not be read
     */
    LogFile log(String format, long damaged) throws IOException, BadInput {
        boolean told = fixes.stream().filter(f -> !Double.isNaN(f.speedMps())).count() >= FEWEST;
        List<Fix> speeds =
                told ? fixes.stream().filter(f -> !Double.isNaN(f.speedMps())).toList() : fromPlaces();
        if (speeds.size() < FEWEST) {
            throw BadInput.inFile(
                    "There are fewer than three timed points with a speed or a place in it. Record the track with times, at 5 Hz or more.");
        }
        SampleSpool spool = new SampleSpool(List.of(new Channel("speed", Role.SPEED, Unit.METRES_PER_SECOND)));
        try {
            double first = speeds.get(0).timeS();
            for (Fix f : speeds) {
                spool.add(Math.round((f.timeS() - first) * 1e6) / 1e6, new double[] {f.speedMps()});
            }
            spool.finish();
            return new LogFile(header(format), spool, spool.asLog(), findings(spool, told, damaged));
        } catch (IOException | RuntimeException e) {
            spool.close();
            throw e;
        }
    }

    private List<HealthFinding> findings(SampleSpool spool, boolean told, long damaged) {
        List<HealthFinding> found = new ArrayList<>();
        if (!told) {
            found.add(HealthFinding.ofLog(LogFinding.SPEED_BY_PLACES));
        }
        add(found, damaged, LogFinding.SENTENCES_DAMAGED);
        add(found, invalid, LogFinding.FIXES_WITHOUT_PLACE);
        add(found, backwards, LogFinding.ROWS_AT_THE_SAME_TIME);
        found.addAll(spool.health());
        return found;
    }

    private static void add(List<HealthFinding> found, long n, LogFinding what) {
        if (n > 0) {
            found.add(HealthFinding.ofLog(what, Term.count(n)));
        }
    }

    private List<Fix> fromPlaces() {
        List<Fix> speeds = new ArrayList<>();
        for (int i = 1; i < fixes.size(); i++) {
            Fix a = fixes.get(i - 1);
            Fix b = fixes.get(i);
            double step = b.timeS() - a.timeS();
            if (a.segment() == b.segment() && step <= LONGEST_STEP_S) {
                double middle = a.timeS() + step / 2;
                speeds.add(new Fix(middle, Double.NaN, Double.NaN, metres(a, b) / step, a.segment()));
            }
        }
        return speeds;
    }

    /**
     * The way between two near places on the ellipsoid: by its radii of curvature along the meridian and across it, at their
     * mean latitude.
     */
    static double metres(Fix a, Fix b) {
        double latitude = Math.toRadians((a.latitude() + b.latitude()) / 2);
        double w = 1 - ECCENTRICITY2 * Math.pow(Math.sin(latitude), 2);
        double meridian = SEMI_MAJOR_M * (1 - ECCENTRICITY2) / Math.pow(w, 1.5);
        double across = SEMI_MAJOR_M / Math.sqrt(w) * Math.cos(latitude);
        double east = Math.toRadians(Math.IEEEremainder(b.longitude() - a.longitude(), 360));
        return Math.hypot(meridian * Math.toRadians(b.latitude() - a.latitude()), across * east);
    }
}
