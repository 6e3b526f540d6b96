package app.frenum.server.recording;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.SamplesFinding;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.StopByLogger;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * Recordings whose samples were let go. Whatever is read off samples leaves their stops out, and says so.
 *
 * @param since when, by recording
 */
public record LetGo(Map<UUID, Instant> since) {
    /** One of them, as it is asked for. */
    interface Recorded {
        UUID getId();

        Instant getSamplesLetGoAt();
    }

    public boolean isOf(DrivenStop stop) {
        return stop instanceof StopByLogger logged && since.containsKey(logged.recordingId());
    }

    /** That some of these stops have no samples any more; empty where all have theirs. */
    public Optional<Finding> said(List<DrivenStop> stops) {
        List<DrivenStop> gone = stops.stream().filter(this::isOf).toList();
        return gone.stream()
                .map(s -> Objects.requireNonNull(since.get(((StopByLogger) s).recordingId())))
                .max(Comparator.naturalOrder())
                .map(last -> Finding.of(SamplesFinding.LET_GO, Term.count(gone.size()), new Term.Name(day(last))));
    }

    /** The day of a moment, as it is written. */
    static String day(Instant moment) {
        return moment.atZone(ZoneOffset.UTC).toLocalDate().toString();
    }
}
