package app.frenum.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** Frenum with people, a database and a browser. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@ConfigurationPropertiesScan
public class FrenumServer {
    public static void main(String[] args) {
        SpringApplication.run(FrenumServer.class, args);
    }

    /** Tests bring a clock of their own. */
    @Bean
    @ConditionalOnMissingBean
    SteadyClock clock() {
        return SteadyClock.MACHINE;
    }
}
