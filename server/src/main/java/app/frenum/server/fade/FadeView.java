package app.frenum.server.fade;

import app.frenum.core.fade.FadeAnswer;
import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.FadeStudy;
import app.frenum.core.finding.Finding;
import app.frenum.core.procedure.LimitReading;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The fade of a test, side by side, of stops from one speed with one load.
 *
 * @param reference against which stops it is counted
 * @param nominalMps that its stops were to begin at
 * @param load that they were driven with; null where nobody said
 * @param sentences what all sides come to
 * @param sides in the order of the test's configurations
 * @param others of the same test from other speeds or with other loads, each by itself
 */
record FadeView(
        FadeReference reference,
        double nominalMps,
        @Nullable String load,
        Finding readFrom,
        List<Finding> sentences,
        List<FadeSide> sides,
        List<FadeView> others) {

    FadeView with(List<FadeView> theOthers) {
        return new FadeView(reference, nominalMps, load, readFrom, sentences, sides, theOthers);
    }

    /**
     * One configuration.
     *
     * @param stopIds of the stops that were read, in the order of the study
     * @param struckOut stops that people left out
     * @param atAnotherSpeed stops left out because they began more than 10 % from their nominal speed
     * @param cureWords what to do, in plain words
     * @param costWords what that takes, and what it makes worse
     * @param confidenceWords how much there is to go by
     * @param limits that the person entered from their own code, held against every phase
     * @param answer the same in sentences
     * @param againstFirst held against the first configuration; null for itself
     */
    record FadeSide(
            UUID configurationId,
            String name,
            FadeStudy study,
            List<UUID> stopIds,
            int struckOut,
            int atAnotherSpeed,
            String causeWords,
            String cureWords,
            String costWords,
            String confidenceWords,
            List<LimitReading> limits,
            FadeAnswer answer,
            @Nullable Finding againstFirst) {}
}
