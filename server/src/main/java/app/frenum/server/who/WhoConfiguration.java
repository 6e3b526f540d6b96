package app.frenum.server.who;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.auditing.DateTimeProvider;
import org.springframework.data.jpa.repository.config.EnableJpaAuditing;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Routes may ask who asks, and rows carry by whom and when they were made and changed. */
@Configuration(proxyBeanMethods = false)
@EnableJpaAuditing(auditorAwareRef = "currentWho", dateTimeProviderRef = "rowTime")
class WhoConfiguration implements WebMvcConfigurer {
    private final CurrentWho who;

    WhoConfiguration(CurrentWho who) {
        this.who = who;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(who);
    }

    /** As exact as the database keeps it, so that a row reads the same before and after it is stored. */
    @Bean
    static DateTimeProvider rowTime(Clock clock) {
        return () -> Optional.of(clock.instant().truncatedTo(ChronoUnit.MICROS));
    }
}
