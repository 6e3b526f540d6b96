package app.frenum.server.analysis;

import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.core.stop.Validity;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stop as it is shown.
 *
 * @param number in its series, as counted at the lane
 * @param recordingId null when it was measured by hand
 * @param measured what the log says between the current edges; null when measured by hand
 * @param automatic what it said between the automatic edges, when a person has moved one; else null
 * @param byHand as people gave it; null when logged
 * @param value what is compared: corrected distance in m, or deceleration in m/s² by stopwatch
 * @param valueUncertainty standard uncertainty of its reading, same unit
 * @param uncertainty standard uncertainty of all of it, the speed and the place it began at included
 * @param entrySpeed m/s
 * @param nominalMps the speed that it was to begin at, m/s
 * @param validity by the rules
 * @param struckOut whether a person took it out
 * @param decisions every strike-out and return, oldest first
 * @param moves every setting of the edges by hand, oldest first
 * @param restored that its figures were put right, and by what; null where they never were wrong
 * @param kind whether it came to rest
 * @param phase of the procedure it was driven in; null when it was not driven in a run
 * @param cycle repeat of the procedure's cycle, from 1; null outside one
 * @param load of the vehicle in its phase; null where that is its series'
 * @param surface of its phase; null where that is its series'
 * @param pedalFeel as the driver called it; null when nobody said
 * @param tyres of a logged stop, before it; null when nobody said
 * @param lateS how long after rest its discs were read by hand, s; null when that is not known
 */
public record StopView(
        UUID id,
        UUID seriesId,
        int number,
        @Nullable UUID recordingId,
        @Nullable MeasuredStop measured,
        @Nullable MeasuredStop automatic,
        @Nullable HandEntry byHand,
        Figure value,
        Figure valueUncertainty,
        Figure uncertainty,
        Figure entrySpeed,
        double nominalMps,
        Validity validity,
        boolean struckOut,
        List<Decision> decisions,
        List<EdgeMove> moves,
        @Nullable EdgeMove restored,
        StopKind kind,
        @Nullable String phase,
        @Nullable Integer cycle,
        @Nullable String load,
        @Nullable String surface,
        @Nullable String pedalFeel,
        @Nullable TyreState tyres,
        @Nullable Double lateS) {}
