package app.frenum.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.log.HealthCode;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.log.LogReader;
import app.frenum.formats.sheet.StopSheetReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tracks and sentences of receivers, against ways and speeds that are known. */
class TracksTest {
    @TempDir
    private Path folder;

    private LogFile read(String text) throws IOException, BadInput {
        return LogReader.read(
                Files.writeString(folder.resolve("track"), text, StandardCharsets.ISO_8859_1), Map.of(), n -> {});
    }

    private static double[] speeds(LogFile log) {
        return log.log().values(0, 0, log.log().rows());
    }

    private static List<HealthCode> codes(LogFile log) {
        return log.health().stream().map(HealthFinding::code).toList();
    }

    /** 28 m/s, braked at 20 s with 9 m/s², for 40 s. */
    private static double braked(double t) {
        return t < 1 ? 28 * t : t < 20 ? 28 : Math.max(0, 28 - 9 * (t - 20));
    }

    private static double way(double t) {
        double s = 0;
        for (double x = 0.0005; x < t; x += 0.001) {
            s += braked(x) * 0.001;
        }
        return s;
    }

    private static String gpx(double hz, DoubleUnaryOperator latitude, boolean speed) {
        StringBuilder text = new StringBuilder("""
                <?xml version="1.0" encoding="UTF-8"?>
                <gpx version="1.1" creator="a made-up receiver" xmlns="http://www.topografix.com/GPX/1/1"
                     xmlns:x="urn:of-its-own"><trk><name>Marrow &amp; Flats</name><trkseg>
                """);
        for (int i = 0; i < 40 * hz; i++) {
            double t = i / hz;
            text.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat=\"%.9f\" lon=\"-3.2\"><ele>12</ele><time>%s</time>%s</trkpt>%n",
                    latitude.applyAsDouble(t),
                    Instant.parse("2026-06-20T23:59:45Z").plusMillis(Math.round(1000 * t)),
                    speed ? "<extensions><x:speed>%.3f</x:speed></extensions>".formatted(braked(t)) : ""));
        }
        return text.append("</trkseg></trk></gpx>").toString();
    }

    /** A degree of latitude at 45° is 111 131.745 m on this ellipsoid (NGA, published). */
    private static double northOf45(double t) {
        return 45 + way(t) / 111_131.745;
    }

    private static MeasuredStop stop(LogFile log) {
        return LogAnalysis.of(log.log(), log.health(), AnalysisOptions.onset(Figure.of(28)))
                .stops()
                .get(0);
    }

    @Test
    void speedsThatTheReceiverToldAreTaken() throws IOException, BadInput {
        try (LogFile log = read(gpx(10, TracksTest::northOf45, true))) {
            assertThat(log.log().rows()).isEqualTo(400);
            assertThat(speeds(log)[100]).isEqualTo(28);
            assertThat(codes(log)).doesNotContain(HealthCode.SPEED_BY_PLACES);
            assertThat(stop(log).distance().value()).isCloseTo(28 * 28 / 18.0, within(1.0));
        }
    }

    @Test
    void placesAloneGiveTheSpeedBetweenThem() throws IOException, BadInput {
        try (LogFile log = read(gpx(5, TracksTest::northOf45, false))) {
            assertThat(codes(log)).contains(HealthCode.SPEED_BY_PLACES);
            assertThat(speeds(log)[50]).isCloseTo(28, within(0.01));
            assertThat(stop(log).distance().value()).isCloseTo(28 * 28 / 18.0, within(1.5));
        }
    }

    /** Lengths of a hundredth of a degree on WGS 84, published. */
    @ParameterizedTest
    @CsvSource({"0, 1, 0, 1105.743", "0, 0, 1, 1113.195", "45, 1, 0, 1111.318", "45, 0, 1, 788.468", "60, 0, 1, 558.000"
    })
    void aHundredthOfADegreeIsAsLongAsItIs(double latitude, double north, double east, double metres)
            throws IOException, BadInput {
        StringBuilder text = new StringBuilder("<gpx version=\"1.1\"><trk><trkseg>");
        for (int i = 0; i < 5; i++) {
            text.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat=\"%.6f\" lon=\"%.6f\"><time>2026-06-20T10:00:0%dZ</time></trkpt>",
                    latitude + north * 0.01 * i - north * 0.02,
                    179.99 + east * 0.01 * i > 180 ? east * 0.01 * i + 179.99 - 360 : 179.99 + east * 0.01 * i,
                    i));
        }
        try (LogFile log = read(text + "</trkseg></trk></gpx>")) {
            assertThat(speeds(log)[1]).isCloseTo(metres, within(0.1));
        }
    }

    private static String sentence(String body) {
        int sum = body.chars().reduce(0, (a, b) -> a ^ b);
        return "$%s*%02X\r%n".formatted(body, sum);
    }

    /** RMC of one talker, GGA and VTG of another, at 10 Hz over midnight. */
    private static String nmea(boolean rmc, boolean vtg) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 400; i++) {
            double t = i / 10.0;
            double ofDay = (86_400 - 15 + t) % 86_400;
            String time =
                    String.format(Locale.ROOT, "%02d%02d%05.2f", (int) ofDay / 3600, (int) ofDay / 60 % 60, ofDay % 60);
            double degrees = northOf45(t);
            String place = String.format(Locale.ROOT, "45%010.7f,N,00312.0000,W", (degrees - 45) * 60);
            if (rmc) {
                text.append(sentence(String.format(
                        Locale.ROOT, "GNRMC,%s,A,%s,%.3f,000.0,200626,,,A", time, place, braked(t) * 3600 / 1852)));
            }
            text.append(sentence("GPGGA,%s,%s,1,09,0.9,12.0,M,47.0,M,,".formatted(time, place)));
            if (vtg) {
                text.append(sentence(String.format(Locale.ROOT, "GPVTG,000.0,T,,M,,N,%.3f,K,A", braked(t) * 3.6)));
            }
        }
        return text.toString();
    }

    @ParameterizedTest
    @CsvSource({"true, true", "true, false", "false, true"})
    void sentencesOfMixedTalkersAreOneFixEachOverMidnight(boolean rmc, boolean vtg) throws IOException, BadInput {
        try (LogFile log = read(nmea(rmc, vtg))) {
            assertThat(log.log().rows()).isEqualTo(400);
            assertThat(log.log().durationS()).isCloseTo(39.9, within(1e-6));
            assertThat(speeds(log)[150]).isCloseTo(28, within(1e-3));
            assertThat(stop(log).distance().value()).isCloseTo(28 * 28 / 18.0, within(1.0));
        }
    }

    @Test
    void placesOfSentencesAloneGiveTheSpeedBetweenThem() throws IOException, BadInput {
        try (LogFile log = read(nmea(false, false))) {
            assertThat(codes(log)).contains(HealthCode.SPEED_BY_PLACES);
            assertThat(speeds(log)[150]).isCloseTo(28, within(0.05));
        }
    }

    @Test
    void aDamagedSentenceIsLeftOutAndCounted() throws IOException, BadInput {
        String good = nmea(true, false);
        int at = good.indexOf("$GNRMC", 20_000);
        String bad = good.substring(0, at + 12) + "7" + good.substring(at + 13);
        try (LogFile log = read("\u00b5b\u0001\u0000binary" + bad)) {
            assertThat(codes(log)).contains(HealthCode.DAMAGED_SENTENCES);
            assertThat(log.log().rows()).isEqualTo(399);
        }
    }

    @Test
    void whatTheReceiverDidNotKnowIsNoSpeed() throws IOException, BadInput {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 10; i++) {
            text.append(sentence("GPRMC,10000%d.00,%s,,,,,%s,,200626,,,N".formatted(i, i < 5 ? "V" : "A", "12.0")));
        }
        try (LogFile log = read(text.toString())) {
            assertThat(log.log().rows()).isEqualTo(5);
            assertThat(codes(log)).contains(HealthCode.NO_FIX);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<gpx version=\"1.1\"><trk><trkseg><trkpt lat=\"1\" lon=\"2\"><time>2026-06-20T10:00:00Z</time>",
                "<gpx version=\"1.1\"></gpx>",
                "<!DOCTYPE x [<!ENTITY a \"aaaa\">]><gpx><trk><trkseg><trkpt lat=\"1\" lon=\"2\"><time>&a;</time></trkpt></trkseg></trk></gpx>",
                "<!DOCTYPE x SYSTEM \"file:///etc/passwd\"><gpx><wpt/></gpx>",
                "$GPRMC,1,A*00\n"
            })
    void whatIsNoTrackIsRefusedInWords(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(BadInput.class);
    }

    @Test
    void aTagWithoutEndCostsNothing() {
        String endless = "<gpx version=\"1.1\"><trk name=\"" + "a".repeat(3_000_000) + "\"/></gpx>";
        assertThatThrownBy(() -> read(endless)).isInstanceOf(BadInput.class).hasMessageContaining("longer");
        assertThatThrownBy(() -> read(sentence("GPRMC,100000,A") + "x".repeat(3_000_000)))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("longer");
    }

    @Test
    void aTrackIsNeverTakenForASheet() throws IOException, BadInput {
        Path file = Files.writeString(folder.resolve("nmea.log"), nmea(true, true));
        assertThat(LogReader.isTrack(file)).isTrue();
        Path csv = Files.writeString(folder.resolve("log.csv"), "t [s],v [m/s],s [m]\n0,1,2\n");
        assertThat(StopSheetReader.looksLikeSheet(csv)).isFalse();
        Path sheet = Files.writeString(folder.resolve("sheet.csv"), "Setup,Dist (m)\nA,44.1\n");
        assertThat(StopSheetReader.looksLikeSheet(sheet)).isTrue();
    }
}
