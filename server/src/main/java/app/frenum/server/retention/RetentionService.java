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
import java.util.List;
import java.util.Optional;
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
    /** What is let go does not come back, so a choice can be taken back for a day. */
    private static final Duration TAKEN_BACK_WITHIN = Duration.ofDays(1);

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
        Optional<Retention> limited = chosen.filter(r -> r.months() != null);
        List<KeptRecording> kept = recordings.withSamples();
        Instant now = clock.instant();
        return new RetentionView(
                limited.map(Retention::months).orElse(null),
                limited.map(r -> r.chosenAt().plus(TAKEN_BACK_WITHIN)).orElse(null),
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
        letGo(clock.instant());
    }

    /**
     * Lets go what is due at a moment, each recording by itself.
     *
     * @return how many
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED) // each in a transaction of its own
    public int letGo(Instant now) {
        Retention chosen = retentions.findById(Retention.ONLY).orElse(null);
        Integer months = chosen == null ? null : chosen.months();
        if (chosen == null || months == null || now.isBefore(chosen.chosenAt().plus(TAKEN_BACK_WITHIN))) {
            return 0;
        }
        List<KeptRecording> due = due(recordings.withSamples(), months, now);
        due.forEach(r -> who.as(new Who(chosen.changedBy()), () -> {
            recordings.letSamplesGo(r.getId(), now);
            return r;
        }));
        if (!due.isEmpty()) {
            LOG.info("The samples of {} recordings were let go: older than {} months.", due.size(), months);
        }
        return due.size();
    }
}
