package pebblestep.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class PebbleStep {

    public static void main(String[] args) {
        SpringApplication.run(PebbleStep.class, args);
    }

    /** The one clock of the application; tests may turn it. */
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
