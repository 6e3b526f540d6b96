package app.frenum.formats.log;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.BadInput;
import app.frenum.formats.NumberText;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.LongConsumer;
import java.util.regex.Pattern;

/**
 * Reads NMEA 0183 sentences as a speed log: RMC and VTG tell speeds, RMC and GGA times and places. Sentences of any talker
 * are taken; those of one time are one fix. A wrong checksum takes a sentence out, and is counted. Times go on over midnight.
 */
final class NmeaReader {
    static final String FORMAT = "NMEA 0183";
    private static final Pattern SENTENCE = Pattern.compile("(?m)^.{0,40}\\$[A-Z]{2}(RMC|VTG|GGA),");
    private static final double DAY_S = 86_400;
    /** A longer sentence than the standard's 82 characters may be, but not so long. */
    private static final int LONGEST = 400;

    private final SpeedTrack track;
    private long damaged;
    private double days;
    /** The fix that is being told, in parts; NaN before the first. */
    private double timeS = Double.NaN;

    private double latitude = Double.NaN;
    private double longitude = Double.NaN;
    private double speedMps = Double.NaN;

    private NmeaReader(LongConsumer progress) {
        track = new SpeedTrack(progress);
    }

    static boolean recognises(String head) {
        return SENTENCE.matcher(head).find();
    }

    static LogFile read(Path file, LongConsumer progress) throws IOException, BadInput {
        NmeaReader reader = new NmeaReader(progress);
        // What a receiver's own protocol left between the sentences may be any bytes.
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                new BoundedParts(Files.newInputStream(file), "\n"), StandardCharsets.ISO_8859_1))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                reader.take(line);
            }
        } catch (BoundedParts.TooLong e) {
            throw BadInput.inFile("A line is longer than anything a receiver sends. Export the log again.");
        }
        reader.close();
        return reader.track.log(FORMAT, reader.damaged);
    }

    private void take(String line) {
        int start = line.lastIndexOf('$');
        if (start < 0 || line.length() - start > LONGEST) {
            return;
        }
        String sentence = line.substring(start + 1).strip();
        int star = sentence.indexOf('*');
        if (star >= 0 && !checks(sentence, star)) {
            damaged++;
            return;
        }
        String[] parts = (star < 0 ? sentence : sentence.substring(0, star)).split(",", -1);
        String kind = parts[0].length() == 5 ? parts[0].substring(2) : "";
        switch (kind) {
            case "RMC" -> rmc(parts);
            case "VTG" -> vtg(parts);
            case "GGA" -> gga(parts);
            default -> {}
        }
    }

    /** Every character between $ and *, exclusive-ored. */
    private static boolean checks(String sentence, int star) {
        int sum = 0;
        for (int i = 0; i < star; i++) {
            sum ^= sentence.charAt(i);
        }
        String written = sentence.substring(star + 1).strip();
        return written.length() == 2 && written.matches("[0-9A-Fa-f]{2}") && Integer.parseInt(written, 16) == sum;
    }

    /** hhmmss.ss, A, ddmm.mm, N, dddmm.mm, E, knots, course, ddmmyy. */
    private void rmc(String[] p) {
        if (p.length < 8 || !at(p[1])) {
            return;
        }
        if (p[2].equals("A")) {
            place(p[3], p[4], p[5], p[6]);
            speed(number(p[7]), Unit.KNOTS);
        }
    }

    /** course, T, course, M, knots, N, km/h, K, mode: of the time that was told last. */
    private void vtg(String[] p) {
        boolean known = p.length > 7 && !(p.length > 9 && p[9].equals("N"));
        if (known && !Double.isNaN(timeS)) {
            double kmh = number(p[7]);
            speed(Double.isNaN(kmh) ? number(p[5]) : kmh, Double.isNaN(kmh) ? Unit.KNOTS : Unit.KILOMETRES_PER_HOUR);
        }
    }

    /** hhmmss.ss, ddmm.mm, N, dddmm.mm, E, quality. */
    private void gga(String[] p) {
        if (p.length > 6 && at(p[1]) && !p[6].equals("0")) {
            place(p[2], p[3], p[4], p[5]);
        }
    }

    /** The first to tell a fix's speed is believed: another talker says the same, later. */
    private void speed(double told, Unit unit) {
        if (Double.isNaN(speedMps) && told >= 0) {
            speedMps = unit.toInside(told);
        }
    }

    private void place(String lat, String north, String lon, String east) {
        double a = degrees(lat, 2);
        double b = degrees(lon, 3);
        if (!Double.isNaN(a) && !Double.isNaN(b)) {
            latitude = north.equals("S") ? -a : a;
            longitude = east.equals("W") ? -b : b;
        }
    }

    /** Another time of day begins another fix; an earlier one by half a day, another day. */
    private boolean at(String written) {
        if (!written.matches("[0-9]{6}(\\.[0-9]{1,9})?")) {
            damaged++;
            return false;
        }
        double ofDay = 3600 * number(written.substring(0, 2))
                + 60 * number(written.substring(2, 4))
                + number(written.substring(4));
        double told = ofDay + days;
        if (!Double.isNaN(timeS) && told < timeS - DAY_S / 2) {
            days += DAY_S;
            told += DAY_S;
        }
        if (told != timeS) {
            close();
            timeS = told;
        }
        return true;
    }

    private void close() {
        if (!Double.isNaN(timeS)) {
            track.add(new SpeedTrack.Fix(timeS, latitude, longitude, speedMps, 0));
        }
        latitude = Double.NaN;
        longitude = Double.NaN;
        speedMps = Double.NaN;
    }

    private static double degrees(String written, int whole) {
        if (!written.matches("[0-9]{" + (whole + 2) + "}(\\.[0-9]{1,9})?")) {
            return Double.NaN;
        }
        return number(written.substring(0, whole)) + number(written.substring(whole)) / 60;
    }

    private static double number(String text) {
        double x = NumberText.parse(text, '.');
        return Double.isFinite(x) ? x : Double.NaN;
    }
}
