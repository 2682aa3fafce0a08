package pebblestep.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pebblestep.app.Given;
import pebblestep.app.configuration.PebbleProperties;

/** Every night has its backup, the last seven are kept, and it is told how it went. */
class NightlyBackupTest {
    @TempDir
    Path data;

    private DataSource source;

    @BeforeEach
    void a_studio() throws SQLException, IOException {
        JdbcDataSource h2 = new JdbcDataSource();
        h2.setURL(DataFolderHold.IN_A_FILE + data.resolve("pebble"));
        h2.setUser("sa");
        h2.setPassword("");
        source = h2;
        try (Connection connection = h2.getConnection();
                Statement statement = connection.createStatement()) {
            for (String table : List.of("studios", "students", "takes")) {
                statement.execute("create table " + table + " (id bigint)");
            }
            statement.execute("insert into takes values (1), (2)");
        }
        Files.write(data.resolve(DataFolder.KEY), new byte[DataFolder.KEY_BYTES]);
    }

    private Backups at(String moment) {
        PebbleProperties properties = Given.properties(data, false, 20);
        return new Backups(source, properties, Clock.fixed(Instant.parse(moment), ZoneOffset.UTC));
    }

    private List<String> files() throws IOException {
        try (Stream<Path> files = Files.list(data.resolve("backups"))) {
            return files.map(one -> one.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void a_night_that_was_slept_through_is_made_up_for_once() throws IOException {
        at("2026-11-29T11:00:00Z").night();
        at("2026-11-29T23:00:00Z").night();
        at("2026-11-30T02:00:00Z").night();
        assertThat(files()).containsExactly("pebble-2026-11-29.zip");
        at("2026-11-30T03:31:00Z").night();
        assertThat(files()).containsExactly("pebble-2026-11-29.zip", "pebble-2026-11-30.zip");
    }

    @Test
    void the_last_seven_are_kept() throws IOException {
        for (int day = 10; day < 20; day++) at("2026-11-" + day + "T04:00:00Z").night();
        assertThat(files())
                .hasSize(Backups.KEPT)
                .startsWith("pebble-2026-11-13.zip")
                .endsWith("pebble-2026-11-19.zip");
        Backups.BackupsView view = at("2026-11-19T12:00:00Z").view();
        assertThat(view.count()).isEqualTo(7);
        assertThat(view.wrong()).isNull();
        assertThat(view.last()).isNotNull();
        BackupFile last = new BackupFile(data.resolve("backups/pebble-2026-11-19.zip"));
        assertThat(last.opened().takes()).isEqualTo(2);
    }

    @Test
    void what_went_wrong_is_told_until_it_went_well() throws IOException {
        Files.writeString(data.resolve("backups"), "a file where the folder belongs");
        Backups backups = at("2026-11-19T04:00:00Z");
        backups.night();
        assertThat(backups.view().wrong()).contains("could not be written");
        Files.delete(data.resolve("backups"));
        backups.night();
        assertThat(backups.view().wrong()).isNull();
        assertThat(backups.view().count()).isEqualTo(1);
    }
}
