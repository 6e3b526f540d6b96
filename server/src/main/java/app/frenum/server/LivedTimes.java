package app.frenum.server;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Days and moments that come in are ones that people live through; others no database and no calendar can hold. */
@Configuration(proxyBeanMethods = false)
class LivedTimes {
    private static final int EARLIEST_YEAR = 1900;
    private static final int LATEST_YEAR = 2199;

    @Bean
    JacksonModule livedTimesModule() {
        return new SimpleModule("lived times")
                .addDeserializer(Instant.class, new LivedInstant())
                .addDeserializer(LocalDate.class, new LivedDay());
    }

    private static boolean isLived(int year) {
        return year >= EARLIEST_YEAR && year <= LATEST_YEAR;
    }

    private static final class LivedInstant extends StdDeserializer<Instant> {
        LivedInstant() {
            super(Instant.class);
        }

        @Override
        public Instant deserialize(JsonParser from, DeserializationContext context) {
            Instant at = InstantDeserializer.INSTANT.deserialize(from, context);
            return isLived(at.atOffset(ZoneOffset.UTC).getYear())
                    ? at
                    : context.reportInputMismatch(this, "a moment lies between 1900 and 2199");
        }
    }

    private static final class LivedDay extends StdDeserializer<LocalDate> {
        LivedDay() {
            super(LocalDate.class);
        }

        @Override
        public LocalDate deserialize(JsonParser from, DeserializationContext context) {
            LocalDate day = LocalDateDeserializer.INSTANCE.deserialize(from, context);
            return isLived(day.getYear()) ? day : context.reportInputMismatch(this, "a day lies between 1900 and 2199");
        }
    }
}
