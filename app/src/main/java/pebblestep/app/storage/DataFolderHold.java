package pebblestep.app.storage;

import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationFailedEvent;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ApplicationEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.core.env.ConfigurableEnvironment;

/** Holds and checks the data folder before anything else is made; data in memory has none. */
public final class DataFolderHold implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    /** Databases that lie in a file. */
    static final String IN_A_FILE = "jdbc:h2:file:";

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        LogLimit.begin();
        ConfigurableEnvironment environment = context.getEnvironment();
        String url = environment.getProperty("spring.datasource.url", "");
        if (!url.startsWith(IN_A_FILE)) return;
        DataFolder data = DataFolder.hold(Path.of(environment.getProperty("pebble.data", "./data")));
        try {
            StartCheck.of(data, url, environment.getProperty("pebble.new-links", Boolean.class, false));
        } catch (CannotStart e) {
            data.release();
            throw e;
        }
        data.forgetRunning();
        data.closeToOthers();
        context.addApplicationListener((ApplicationListener<ApplicationEvent>) event -> {
            switch (event) {
                case ApplicationReadyEvent ready -> data.closeToOthers();
                case ContextClosedEvent closed when closed.getApplicationContext() == context -> data.release();
                case ApplicationFailedEvent failed -> data.release();
                default -> {}
            }
        });
    }
}
