package pebblestep.app.storage;

import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;

/**
 * A backup: a zip file with the database as it was at one moment and the key of the practice links. It is made while the
 * studio runs, by the database itself (H2's {@code BACKUP TO}), and counts only when it could be opened again.
 */
final class BackupFile {
    private static final String OPEN = ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";

    private final Path file;

    BackupFile(Path file) {
        this.file = file.toAbsolutePath().normalize();
    }

    /** What a backup holds, counted when it was opened. */
    record Content(long studios, long students, long takes) {
        String inWords() {
            return studios
                    + (studios == 1 ? " studio, " : " studios, ")
                    + students
                    + (students == 1 ? " student, " : " students, ")
                    + takes
                    + (takes == 1 ? " take" : " takes");
        }
    }

    /**
     * Writes the backup of a database and its key; what lay there before stays until the new one has been opened.
     *
     * @param key its file; where there is none, none is written
     */
    Content write(Connection database, Path key) {
        try {
            Files.createDirectories(file.getParent());
            Path made = Files.createTempFile(file.getParent(), ".backup", ".zip");
            try {
                DataFolder.closeToOthers(made, "rw-------");
                try (PreparedStatement backup = database.prepareStatement("backup to ?")) {
                    backup.setString(1, made.toString());
                    backup.execute();
                }
                if (Files.exists(key)) {
                    try (FileSystem zip = FileSystems.newFileSystem(made, Map.of())) {
                        Files.copy(key, zip.getPath(DataFolder.KEY));
                    }
                }
                Content content = new BackupFile(made).opened();
                Files.move(made, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
                return content;
            } finally {
                Files.deleteIfExists(made);
            }
        } catch (IOException | SQLException e) {
            throw new CannotKeep("The backup " + file + " could not be written: " + e.getMessage() + ".", e);
        }
    }

    /** Opens the backup beside everything else and counts what is in it; refuses one that cannot be opened. */
    Content opened() {
        try {
            Path folder = Files.createTempDirectory("pebble-backup");
            try {
                DataFolder.closeToOthers(folder, "rwx------");
                unpack(folder);
                return content(folder);
            } finally {
                delete(folder);
            }
        } catch (IOException | SQLException e) {
            throw new CannotKeep(
                    "The file " + file + " is no backup of Pebble Step, or is damaged: it cannot be opened.", e);
        }
    }

    /** Puts its files into a folder. */
    void unpack(Path folder) throws IOException {
        try (FileSystem zip = FileSystems.newFileSystem(file, Map.of())) {
            Path database = zip.getPath(DataFolder.DATABASE);
            if (!Files.exists(database)) throw new IOException("there is no database in it");
            for (String name : DataFolder.kept()) {
                Path kept = zip.getPath(name);
                if (!Files.exists(kept)) continue;
                Files.copy(kept, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
                DataFolder.closeToOthers(folder.resolve(name), "rw-------");
            }
        }
    }

    private static Content content(Path folder) throws SQLException, IOException {
        String url = DataFolderHold.IN_A_FILE + folder.toAbsolutePath().resolve("pebble") + OPEN;
        try (Connection database = DriverManager.getConnection(url, "sa", "");
                Statement statement = database.createStatement()) {
            Content content =
                    new Content(count(statement, "studios"), count(statement, "students"), count(statement, "takes"));
            Path key = folder.resolve(DataFolder.KEY);
            if (content.students > 0 && !Files.exists(key)) throw new IOException("the key of its links is missing");
            return content;
        }
    }

    private static long count(Statement statement, String table) throws SQLException {
        try (ResultSet rows = statement.executeQuery("select count(*) from " + table)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    private static void delete(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            for (Path one : files.toList()) Files.deleteIfExists(one);
        }
        Files.deleteIfExists(folder);
    }
}
