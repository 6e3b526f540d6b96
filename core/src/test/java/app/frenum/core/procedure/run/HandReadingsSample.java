package app.frenum.core.procedure.run;

import app.frenum.core.compare.Instrument;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Readings with next to nothing in them. */
final class HandReadingsSample {
    private HandReadingsSample() {}

    static HandReadings pedal(PedalFeel feel) {
        return new HandReadings(
                Optional.empty(),
                List.of(),
                Instrument.TAPE,
                Optional.empty(),
                Map.of(),
                0,
                Optional.of(feel),
                false,
                false,
                Map.of(),
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
