package pebblestep.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.Optional;

/** Looks at what lies in the data folder before anything is opened for writing; it changes nothing. */
final class StartCheck {
    // Error codes of the database (H2, org.h2.api.ErrorCode): DATABASE_ALREADY_OPEN_1, FILE_VERSION_ERROR_1 and
    // UNSUPPORTED_SETTING_COMBINATION.
    private static final int ALREADY_OPEN = 90020;
    private static final int OTHER_VERSION = 90048;
    private static final int OTHER_SETTINGS = 90021;

    private final DataFolder data;
    private final String url;
    private final boolean newLinks;

    /** Checks a folder; refuses what cannot belong together. */
    static void of(DataFolder data, String url, boolean newLinks) {
        try {
            new StartCheck(data, url, newLinks).check();
        } catch (IOException e) {
            throw new CannotStart(
                    "The files in " + data.folder() + " cannot be read.",
                    "Give the user who runs Pebble Step the right to read them.");
        }
    }

    private StartCheck(DataFolder data, String url, boolean newLinks) {
        this.data = data;
        this.url = url;
        this.newLinks = newLinks;
    }

    private void check() throws IOException {
        boolean hasKey = Files.exists(data.key());
        if (hasKey && Files.size(data.key()) != DataFolder.KEY_BYTES) {
            throw new CannotStart(
                    "The key of the practice links, " + data.key() + ", has " + Files.size(data.key())
                            + " bytes where it has " + DataFolder.KEY_BYTES + ": it is damaged.",
                    "Put it back from a backup, or take it away and start once with --pebble.new-links=true, which"
                            + " gives every student a new practice link.");
        }
        Found found = data.hasDatabase() ? found() : Found.NOTHING;
        if (hasKey && !found.isOurs) {
            throw new CannotStart(
                    "There is a key of practice links in " + data.folder() + " but no database beside it.",
                    "Put " + data.database() + " back from a backup (./pebble restore FILE); to begin anew, take "
                            + data.key() + " away.");
        }
        if (!hasKey && found.hasStudio && !newLinks) {
            throw new CannotStart(
                    "The key of the practice links, " + data.key() + ", is missing, and the database has students"
                            + " whose links need it.",
                    "Put it back from a backup, or start once with --pebble.new-links=true, which gives every student"
                            + " a new practice link.");
        }
        if (hasKey
                && !newLinks
                && found.keyPrint
                        .filter(print -> !print.equals(print(data.key())))
                        .isPresent()) {
            throw new CannotStart(
                    "The key of the practice links, " + data.key() + ", belongs to another database than "
                            + data.database() + ".",
                    "Put both back from the same backup, or start once with --pebble.new-links=true, which gives every"
                            + " student a new practice link.");
        }
    }

    /** What a database holds; ours it is also before the first studio is made. */
    private record Found(boolean isOurs, boolean hasStudio, Optional<String> keyPrint) {
        static final Found NOTHING = new Found(false, false, Optional.empty());
    }

    private Found found() {
        String readOnly = url + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
        try (Connection connection = DriverManager.getConnection(readOnly, "sa", "");
                Statement statement = connection.createStatement()) {
            if (!has(statement, "STUDIOS")) return Found.NOTHING;
            boolean studio = one(statement, "select 1 from studios limit 1").isPresent();
            Optional<String> print = has(statement, "INSTALLATION")
                    ? one(statement, "select key_print from installation where id = 1")
                    : Optional.empty();
            return new Found(true, studio, print);
        } catch (SQLException e) {
            throw refused(e);
        }
    }

    private static boolean has(Statement statement, String table) throws SQLException {
        return one(
                        statement,
                        "select 1 from information_schema.tables where table_schema = 'PUBLIC' and table_name = '"
                                + table + "'")
                .isPresent();
    }

    private static Optional<String> one(Statement statement, String query) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            return rows.next() ? Optional.of(rows.getString(1)) : Optional.empty();
        }
    }

    private CannotStart refused(SQLException e) {
        return switch (e.getErrorCode()) {
            case ALREADY_OPEN ->
                new CannotStart(
                        "Another program has the database " + data.database() + " open.",
                        "Close it, then start Pebble Step again.");
            case OTHER_VERSION, OTHER_SETTINGS ->
                new CannotStart(
                        "The database " + data.database() + " was written by another version that this one cannot"
                                + " read.",
                        "Start it with the version that wrote it, or restore a backup of this one.");
            default ->
                new CannotStart(
                        "The database " + data.database() + " is damaged and cannot be opened.",
                        "Put the last backup in its place (./pebble restore FILE); the nightly ones lie in "
                                + data.folder().resolve("backups") + ".");
        };
    }

    /** What a key is known by where it must not be told. */
    static String print(Path key) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(key)));
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
