package pebblestep.app.storage;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Looks every few seconds whether the database answers. One that has closed itself, as it does when it cannot write, is
 * let go of by every connection and opened anew, so that the application goes on when there is space again.
 */
@Component
class DatabaseWatch {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseWatch.class);
    private static final int TRIES = 50;
    private static final long BETWEEN_TRIES_MS = 20;

    private final DataSource source;
    private volatile boolean writes = true;

    DatabaseWatch(DataSource source) {
        this.source = source;
    }

    /** Whether what is written is kept, as far as is known. */
    boolean writes() {
        return writes;
    }

    @Scheduled(fixedDelayString = "${pebble.look-every:5s}", initialDelayString = "${pebble.look-every:5s}")
    void look() {
        boolean before = writes;
        if (!tries("select 1 from installation")) {
            if (before) LOG.error("The database has closed itself: its disk is full, or its file is gone.");
            writes = false;
            openAnew();
        }
        if (!writes) {
            // Opened anew it can be read; whether it can be written is tried where nothing is lost by it.
            writes = tries("merge into installation (id, key_print) key (id) values (2, 'tried')");
            if (!writes) openAnew();
        }
        if (writes && !before) LOG.warn("The database keeps what is written again.");
    }

    private boolean tries(String statement) {
        try (Connection connection = source.getConnection();
                Statement jdbc = connection.createStatement()) {
            jdbc.execute(statement);
            return true;
        } catch (SQLException e) {
            return !Databases.isGone(e);
        }
    }

    /** The database is closed for good when nobody holds a connection to it any more, and opened by who asks next. */
    private void openAnew() {
        if (!(source instanceof HikariDataSource hikari)) return;
        HikariPoolMXBean pool = hikari.getHikariPoolMXBean();
        if (pool == null) return;
        pool.suspendPool();
        try {
            pool.softEvictConnections();
            for (int i = 0; i < TRIES && pool.getTotalConnections() > 0; i++) {
                Thread.sleep(BETWEEN_TRIES_MS);
                pool.softEvictConnections();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            pool.resumePool();
        }
    }
}
