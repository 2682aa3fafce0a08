package pebblestep.app.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;

/**
 * The folder of the user's data, held by one process at a time: the database, the key of the practice links, and the
 * backups. Its files are readable by their owner alone, where the file system knows owners.
 */
public final class DataFolder {
    /** The database as H2 names it. */
    public static final String DATABASE = "pebble.mv.db";
    /** The key of the practice links. */
    public static final String KEY = "practice-links.key";
    /** Bytes of that key. */
    public static final int KEY_BYTES = 32;

    private static final String IN_USE = "in-use.lock";

    private final Path folder;
    private final FileChannel channel;

    private DataFolder(Path folder, FileChannel channel) {
        this.folder = folder;
        this.channel = channel;
    }

    /** Holds a folder, making it where there is none; refuses one that cannot be written or is held by another. */
    static DataFolder hold(Path folder) {
        Path absolute = folder.toAbsolutePath().normalize();
        if (Files.exists(absolute) && !Files.isDirectory(absolute)) {
            throw new CannotStart(
                    absolute + " is no folder.", "Move it away, or name another folder with --pebble.data=FOLDER.");
        }
        try {
            Files.createDirectories(absolute);
            FileChannel channel =
                    FileChannel.open(absolute.resolve(IN_USE), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (!locked(channel)) {
                channel.close();
                throw new CannotStart(
                        "Another Pebble Step is running with the data in " + absolute + ".",
                        "Stop it first, or start this one with other data by --pebble.data=FOLDER.");
            }
            return new DataFolder(absolute, channel);
        } catch (IOException e) {
            throw new CannotStart(
                    "The folder " + absolute + " cannot be written.",
                    "Give the user who runs Pebble Step the right to write there, or name another with"
                            + " --pebble.data=FOLDER.");
        }
    }

    private static boolean locked(FileChannel channel) throws IOException {
        try {
            FileLock lock = channel.tryLock();
            return lock != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** A studio that was killed has left behind where it ran. */
    void forgetRunning() {
        try {
            Files.deleteIfExists(folder.resolve(RunningStudio.FILE));
        } catch (IOException e) {
            // Written anew when it runs.
        }
    }

    /** Lets another process have it. */
    void release() {
        try {
            channel.close();
        } catch (IOException e) {
            // The process is ending; the system lets go of it.
        }
    }

    Path folder() {
        return folder;
    }

    Path database() {
        return folder.resolve(DATABASE);
    }

    Path key() {
        return folder.resolve(KEY);
    }

    /** Whether a database was ever written here. */
    boolean hasDatabase() throws IOException {
        return Files.exists(database()) && Files.size(database()) > 0;
    }

    /** Takes the right to read from everybody but the owner. */
    void closeToOthers() {
        closeToOthers(folder, "rwx------");
        try (Stream<Path> files = Files.list(folder)) {
            files.forEach(file -> closeToOthers(file, Files.isDirectory(file) ? "rwx------" : "rw-------"));
        } catch (IOException e) {
            // Said by whoever needs the file.
        }
    }

    /** Takes the right to read a file from everybody but its owner; where there are no owners it stays as it is. */
    public static void closeToOthers(Path file, String rights) {
        try {
            if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
                Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(rights));
            }
        } catch (IOException e) {
            // Another's file, or gone meanwhile.
        }
    }

    /** What belongs to the studio's data, by name. */
    static List<String> kept() {
        return List.of(DATABASE, KEY);
    }
}
