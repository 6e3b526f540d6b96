package app.frenum.server.verdict;

import app.frenum.core.finding.Finding;
import app.frenum.core.people.Who;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A signed verdict beside what the stops say now.
 *
 * @param group of which stops of the test; null for those that it asked for first
 * @param signature how it is held against changes
 * @param then what was signed, in a sentence
 * @param thenRange its range
 * @param now the same of today's stops; the same again where nothing changed
 * @param changed whether today's figures are others
 * @param stopsSince how many stops of the two count more, or fewer, than then
 */
record SignedVerdictView(
        UUID id,
        UUID baselineId,
        UUID candidateId,
        @Nullable String group,
        Who signedBy,
        Instant signedAt,
        SignatureView signature,
        int ways,
        int agreeing,
        Finding then,
        Finding thenRange,
        Finding now,
        boolean changed,
        int stopsSince) {}
