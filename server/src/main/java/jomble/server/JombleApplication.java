package jomble.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import jomble.core.climate.Forecast;
import jomble.core.climate.SimulatedForecast;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.rule.Catalogue;
import jomble.server.backup.BackupCommand;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: REST, security and storage around the core. */
@EnableResilientMethods
@EnableScheduling
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class JombleApplication {
    public static void main(String[] args) {
        if (BackupCommand.isOne(args)) {
            System.exit(BackupCommand.run(System.getenv(), System.out, System.err, args));
        }
        SpringApplication.run(JombleApplication.class, args);
    }

    /** The wall clock, or the instant named in {@code jomble.clock} for demonstrations and tests. */
    @Bean
    Clock clock(@Value("${jomble.clock}") String fixed) {
        return fixed.isBlank() ? Clock.systemUTC() : Clock.fixed(Instant.parse(fixed), ZoneOffset.UTC);
    }

    @Bean
    RuleCatalogue ruleCatalogue() {
        return Catalogue.standard();
    }

    @Bean
    Forecast forecast() {
        return new SimulatedForecast();
    }
}
