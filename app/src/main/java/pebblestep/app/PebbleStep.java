package pebblestep.app;

import io.micrometer.observation.ObservationRegistry;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;
import pebblestep.app.storage.Commands;

/** Starts the application, or runs a command beside it. */
// Teachers sign in through the accounts slice; the framework's stand-in user would only print a password nobody needs.
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@ConfigurationPropertiesScan
@EnableScheduling
public class PebbleStep {

    public static void main(String[] args) {
        if (Commands.isCommand(args)) System.exit(Commands.run(args));
        SpringApplication.run(PebbleStep.class, args);
    }

    /** Nobody reads traces here, and observing every filter of every request costs more than the requests. */
    @Bean
    ObservationRegistry observationRegistry() {
        return ObservationRegistry.NOOP;
    }

    /** The one clock of the application; tests may turn it. */
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
