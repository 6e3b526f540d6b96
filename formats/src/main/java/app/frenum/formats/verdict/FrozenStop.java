package app.frenum.formats.verdict;

import static com.fasterxml.jackson.annotation.JsonInclude.Include.NON_NULL;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.SpeedShare;
import app.frenum.core.log.SpeedSource;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.WheelLimit;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A stop as it went into a verdict; SI, bar and °C, null where it was not known.
 *
 * @param tyres left out by verdicts signed before tyres had a state, whose checksum is without it; so is {@code wheels}
 */
public record FrozenStop(
        @Nullable Double value,
        @Nullable Double readingUncertainty,
        @Nullable Double entrySpeedMps,
        @Nullable Double mfddMps2,
        @Nullable Double effectiveness,
        @Nullable Double startC,
        @Nullable Double ambientC,
        @Nullable Double tyreBar,
        ComparedStop.Status status,
        Set<FlagCode> flags,
        @Nullable String onsetSource,
        Instrument instrument,
        @Nullable String load,
        @Nullable String surface,
        @Nullable String day,
        @Nullable String driver,
        @Nullable String direction,
        int block,
        boolean gripLimited,
        int order,
        @Nullable String phase,
        @JsonInclude(NON_NULL) @Nullable String tyres,
        @JsonInclude(NON_NULL) @Nullable WheelLimit wheels,
        @JsonInclude(NON_NULL) @Nullable SpeedSource speedSource,
        @JsonInclude(NON_NULL) @Nullable Double sharedUncertainty) {

    static FrozenStop of(ComparedStop s) {
        Circumstances c = s.circumstances();
        return new FrozenStop(
                s.value().orNull(),
                s.readingUncertainty().orNull(),
                s.entrySpeed().orNull(),
                s.mfdd().orNull(),
                s.effectiveness().orNull(),
                s.startTemperature().orNull(),
                s.ambient().orNull(),
                s.tyrePressure().orNull(),
                s.status(),
                new TreeSet<>(s.flags()),
                c.onsetSource().orElse(null),
                c.instrument(),
                c.load().orElse(null),
                c.surface().orElse(null),
                c.day().orElse(null),
                c.driver().orElse(null),
                c.direction().orElse(null),
                c.block(),
                c.wheels() == WheelLimit.REACHED,
                c.order(),
                c.phase().orElse(null),
                c.tyres().orElse(null),
                c.wheels(),
                s.speed().map(SpeedShare::source).orElse(null),
                s.speed().map(x -> x.uncertainty().orNull()).orElse(null));
    }

    ComparedStop thawed() {
        return new ComparedStop(
                figure(value),
                figure(readingUncertainty),
                figure(entrySpeedMps),
                figure(mfddMps2),
                figure(effectiveness),
                figure(startC),
                figure(ambientC),
                figure(tyreBar),
                status,
                flags,
                new Circumstances(
                        Optional.ofNullable(onsetSource),
                        instrument,
                        Optional.ofNullable(load),
                        Optional.ofNullable(surface),
                        Optional.ofNullable(tyres),
                        Optional.ofNullable(day),
                        Optional.ofNullable(driver),
                        Optional.ofNullable(direction),
                        block,
                        wheels != null ? wheels : gripLimited ? WheelLimit.REACHED : WheelLimit.NOT_LOGGED,
                        order,
                        Optional.ofNullable(phase)),
                Optional.ofNullable(speedSource).map(source -> new SpeedShare(source, figure(sharedUncertainty))));
    }

    static Figure figure(@Nullable Double x) {
        return x == null ? Figure.unknown("it was not known when the verdict was signed") : Figure.of(x);
    }
}
