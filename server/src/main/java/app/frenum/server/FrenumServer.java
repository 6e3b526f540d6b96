package app.frenum.server;

import app.frenum.server.restore.RestoreCommand;
import java.util.List;
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
        if (args.length > 0 && args[0].equals(RestoreCommand.NAME)) {
            System.exit(RestoreCommand.run(List.of(args).subList(1, args.length), System.getenv(), System.err));
        }
        SpringApplication.run(FrenumServer.class, args);
    }

    /** Tests bring a clock of their own. */
    @Bean
    @ConditionalOnMissingBean
    SteadyClock clock() {
        return SteadyClock.MACHINE;
    }
}
