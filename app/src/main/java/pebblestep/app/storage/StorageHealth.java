package pebblestep.app.storage;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether what is done here can be kept: the database is written, and there is space to write. */
@Component("storage")
class StorageHealth implements HealthIndicator {
    private final DatabaseWatch watch;
    private final Space space;

    StorageHealth(DatabaseWatch watch, Space space) {
        this.watch = watch;
        this.space = space;
    }

    @Override
    public Health health() {
        if (!watch.writes())
            return Health.down().withDetail("database", "cannot be written").build();
        if (space.isLow()) {
            return Health.down()
                    .withDetail("disk", "full: " + space.megabytes() + " MB left")
                    .build();
        }
        return Health.up().build();
    }
}
