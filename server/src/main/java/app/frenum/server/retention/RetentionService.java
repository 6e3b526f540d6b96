package app.frenum.server.retention;

import app.frenum.core.people.Who;
import app.frenum.server.Raced;
import app.frenum.server.SteadyClock;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.KeptRecording;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.retention.RetentionView.RecordedTime;
import app.frenum.server.retention.RetentionView.RetentionChoice;
import app.frenum.server.who.CurrentWho;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Lets raw samples go when they are as old as the owner chose. What was measured from them stays, and every verdict. */
@Service
@Raced
@Transactional
class RetentionService {
    private static final Logger LOG = LoggerFactory.getLogger(RetentionService.class);
    private static final List<Integer> CHOICES = List.of(3, 6, 12, 24, 60);
    /**
     * What is due is marked first, and goes when it is still due after this: what is let go does not come back, a choice can be
     * taken back, and a laptop's clock may have been wrong for a day.
     */
    private static final Duration MARKED_FOR = Duration.ofDays(7);

    private static final long LOOK_MS = 3_600_000;
    private static final long FIRST_LOOK_MS = 60_000;

    private final RetentionRepository retentions;
    private final RecordingService recordings;
    private final CurrentWho who;
    private final SteadyClock clock;

    RetentionService(RetentionRepository retentions, RecordingService recordings, CurrentWho who, SteadyClock clock) {
        this.retentions = retentions;
        this.recordings = recordings;
        this.who = who;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    RetentionView now() {
        Optional<Retention> chosen = retentions.findById(Retention.ONLY);
        List<KeptRecording> kept = recordings.withSamples();
        List<KeptRecording> marked =
                kept.stream().filter(r -> r.getSamplesDueAt() != null).toList();
        Instant now = clock.instant();
        return new RetentionView(
                chosen.map(Retention::months).orElse(null),
                together(marked),
                marked.stream()
                        .map(r -> Objects.requireNonNull(r.getSamplesDueAt()).plus(MARKED_FOR))
                        .min(Comparator.naturalOrder())
                        .orElse(null),
                chosen.map(Retention::changedBy).orElse(""),
                recordings.bytesOfSamples(),
                together(kept),
                recordings.withoutSamples(),
                CHOICES.stream()
                        .map(months -> new RetentionChoice(months, together(due(kept, months, now))))
                        .toList());
    }

    private static RecordedTime together(List<KeptRecording> recordings) {
        return new RecordedTime(
                recordings.size(),
                recordings.stream().mapToDouble(KeptRecording::getDurationS).sum());
    }

    private static List<KeptRecording> due(List<KeptRecording> kept, int months, Instant now) {
        Instant oldest = now.atOffset(ZoneOffset.UTC).minusMonths(months).toInstant();
        return kept.stream().filter(r -> r.getCreatedAt().isBefore(oldest)).toList();
    }

    /** @param months null to keep samples for good */
    void choose(@Nullable Integer months) {
        if (months != null && !CHOICES.contains(months)) {
            throw Problem.invalid(
                    "months", "Samples are kept for 3, 6, 12, 24 or 60 months, or for good where this is left out.");
        }
        Instant now = clock.instant();
        Retention retention = retentions.findById(Retention.ONLY).orElseGet(() -> new Retention(now));
        retention.choose(months, now);
        retentions.save(retention);
    }

    @Scheduled(fixedDelay = LOOK_MS, initialDelay = FIRST_LOOK_MS)
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void look() {
        look(clock.instant());
    }

    /**
     * Marks what is due at a moment, and lets go what was long enough; each recording by itself.
     *
     * @return how many were let go
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED) // each in a transaction of its own
    public long look(Instant now) {
        Optional<Retention> chosen = retentions.findById(Retention.ONLY);
        List<KeptRecording> kept = recordings.withSamples();
        Set<UUID> due = chosen.map(Retention::months).map(months -> due(kept, months, now)).orElse(List.of()).stream()
                .map(KeptRecording::getId)
                .collect(Collectors.toSet());
        Who by = new Who(chosen.map(Retention::changedBy).orElse(""));
        long gone = who.as(
                by,
                () -> kept.stream()
                        .filter(r -> isLetGo(r, due.contains(r.getId()), now))
                        .count());
        if (gone > 0) {
            LOG.info("The samples of {} recordings were let go, as the owner chose.", gone);
        }
        return gone;
    }

    private boolean isLetGo(KeptRecording recording, boolean due, Instant now) {
        Instant marked = recording.getSamplesDueAt();
        if (!due || marked == null || marked.isAfter(now)) {
            if (due || marked != null) {
                recordings.markSamples(recording.getId(), due ? now : null);
            }
            return false;
        }
        if (now.isBefore(marked.plus(MARKED_FOR))) {
            return false;
        }
        recordings.letSamplesGo(recording.getId(), now);
        return true;
    }
}
