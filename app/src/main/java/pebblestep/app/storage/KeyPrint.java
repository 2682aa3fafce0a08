package pebblestep.app.storage;

import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;

/** Writes down to which key the links of the database belong, so that another one is noticed at the next start. */
@Component
class KeyPrint {
    private final JdbcClient database;
    private final PebbleProperties properties;

    KeyPrint(JdbcClient database, PebbleProperties properties) {
        this.database = database;
        this.properties = properties;
    }

    @EventListener(ApplicationReadyEvent.class)
    void keep() {
        Path key = properties.data().resolve(DataFolder.KEY);
        if (properties.demo() || !Files.exists(key)) return;
        database.sql("merge into installation (id, key_print) key (id) values (1, ?)")
                .param(StartCheck.print(key))
                .update();
    }
}
