package app.frenum.server.fade;

import app.frenum.core.fade.FadeDifference;
import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.FadeStudy;
import app.frenum.core.fade.LimitReading;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The fade of a test, side by side.
 *
 * @param reference against which stops it is counted
 * @param sides in the order of the test's configurations
 */
record FadeView(FadeReference reference, List<FadeSide> sides) {

    /**
     * One configuration.
     *
     * @param struckOut stops that were left out
     * @param cureWords what to do, in plain words
     * @param costWords what that takes, and what it makes worse
     * @param confidenceWords how much there is to go by
     * @param limits that the person entered from their own code, held against every phase
     * @param againstFirst held against the first configuration; null for itself
     */
    record FadeSide(
            UUID configurationId,
            String name,
            FadeStudy study,
            int struckOut,
            String causeWords,
            String cureWords,
            String costWords,
            String confidenceWords,
            List<LimitReading> limits,
            @Nullable FadeDifference againstFirst) {}
}
