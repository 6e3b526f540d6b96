package app.frenum.formats.log;

import app.frenum.formats.BadInput;
import app.frenum.formats.NumberText;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.function.LongConsumer;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads the tracks of a GPX 1.1 file as a speed log: every {@code trkpt} with a {@code time}, and its speed where an extension
 * (or GPX 1.0) tells one, m/s. Nothing outside the file is fetched, and no entity is expanded.
 */
final class GpxReader {
    static final String FORMAT = "GPX 1.1";
    private static final String SPEED = "speed";
    private static final double NANOS = 1e-9;

    private final XMLStreamReader xml;
    private final SpeedTrack track;
    private int segment;
    private long damaged;

    private GpxReader(XMLStreamReader xml, LongConsumer progress) {
        this.xml = xml;
        this.track = new SpeedTrack(progress);
    }

    static boolean recognises(String head) {
        String start = head.stripLeading();
        return start.startsWith("<") && start.toLowerCase(Locale.ROOT).contains("<gpx");
    }

    static LogFile read(Path file, LongConsumer progress) throws IOException, BadInput {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try (InputStream in = new BoundedParts(new BufferedInputStream(Files.newInputStream(file)), "<>")) {
            XMLStreamReader xml = factory.createXMLStreamReader(in);
            GpxReader reader = new GpxReader(xml, progress);
            reader.readAll();
            return reader.track.log(FORMAT, reader.damaged);
        } catch (XMLStreamException e) {
            if (e.getNestedException() instanceof BoundedParts.TooLong) {
                throw BadInput.inFile(
                        "A tag or a text in the track is longer than anything a track has. Export it again.");
            }
            long line =
                    e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNumber());
            throw BadInput.atLine(
                    line, "The track is no whole XML from here on: it was cut off, or damaged. Export it again.");
        }
    }

    private void readAll() throws XMLStreamException {
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamConstants.START_ELEMENT) {
                String name = xml.getLocalName();
                if (name.equals("trkseg")) {
                    segment++;
                } else if (name.equals("trkpt")) {
                    point();
                }
            }
        }
    }

    private void point() throws XMLStreamException {
        double latitude = number(xml.getAttributeValue(null, "lat"));
        double longitude = number(xml.getAttributeValue(null, "lon"));
        double time = Double.NaN;
        double speed = Double.NaN;
        int depth = 1;
        while (depth > 0) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
            } else if (event == XMLStreamConstants.START_ELEMENT) {
                String name = xml.getLocalName();
                if (depth == 1 && name.equals("time")) {
                    time = seconds(xml.getElementText());
                } else if (name.equals(SPEED)) {
                    speed = number(xml.getElementText());
                } else {
                    depth++;
                }
            }
        }
        boolean placed = Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180;
        if (Double.isNaN(time) || !placed) {
            damaged++;
        } else {
            track.add(new SpeedTrack.Fix(time, latitude, longitude, speed >= 0 ? speed : Double.NaN, segment));
        }
    }

    private static double number(String text) {
        double x = text == null ? Double.NaN : NumberText.parse(text.strip(), '.');
        return Double.isFinite(x) ? x : Double.NaN;
    }

    private static double seconds(String text) {
        try {
            Instant at = OffsetDateTime.parse(text.strip()).toInstant();
            return at.getEpochSecond() + NANOS * at.getNano();
        } catch (DateTimeParseException e) {
            return Double.NaN;
        }
    }
}
