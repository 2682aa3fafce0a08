package pebblestep.app.storage;

import java.io.IOException;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;

/** The commands beside the server: {@code backup FILE} and {@code restore FILE}, with the data of {@code --pebble.data}. */
public final class Commands {
    private static final String DATA = "--pebble.data=";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final Path data;
    private final PrintStream out;

    Commands(Path data, PrintStream out) {
        this.data = data.toAbsolutePath().normalize();
        this.out = out;
    }

    /** Whether the arguments are a command rather than those of the server. */
    public static boolean isCommand(String[] args) {
        return args.length > 0 && (args[0].equals("backup") || args[0].equals("restore"));
    }

    /** Runs it; the answer is the exit code. */
    public static int run(String[] args) {
        Path data = Path.of("./data");
        for (String arg : args) if (arg.startsWith(DATA)) data = Path.of(arg.substring(DATA.length()));
        if (args.length < 2 || args[1].isBlank() || args[1].startsWith("--")) {
            System.err.println("Name the file: ./pebble " + args[0] + " FILE");
            return 2;
        }
        try {
            Commands commands = new Commands(data, System.out);
            Path file = Path.of(args[1]).toAbsolutePath().normalize();
            if (args[0].equals("backup")) commands.backup(file);
            else commands.restore(file);
            return 0;
        } catch (CannotKeep | CannotStart e) {
            System.err.println(e.getMessage());
            return 1;
        }
    }

    /** Makes a backup, by the running studio where there is one. */
    void backup(Path file) {
        DataFolder held;
        try {
            if (!Files.exists(data.resolve(DataFolder.DATABASE))) {
                throw new CannotKeep("There is no studio in " + data + ". Name its folder with " + DATA + "FOLDER.");
            }
            held = DataFolder.hold(data);
        } catch (CannotStart running) {
            out.println("Backup made by the running studio: " + askRunning(file) + ", in " + file + ".");
            return;
        }
        String url = DataFolderHold.IN_A_FILE + data.resolve("pebble") + ";IFEXISTS=TRUE";
        try (Connection database = DriverManager.getConnection(url, "sa", "")) {
            BackupFile.Content content = new BackupFile(file).write(database, held.key());
            out.println("Backup made: " + content.inWords() + ", in " + file + ".");
        } catch (SQLException e) {
            throw new CannotKeep("The database in " + data + " cannot be opened: " + e.getMessage(), e);
        } finally {
            held.release();
        }
    }

    private String askRunning(Path file) {
        RunningStudio.Running running = RunningStudio.Running.in(data);
        if (running == null) {
            throw new CannotKeep("The studio in " + data + " is just starting or stopping. Try again in a minute.");
        }
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create("http://127.0.0.1:" + running.port() + BackupEndpoint.PATH))
                .header(BackupEndpoint.WORD, running.token())
                .header("Content-Type", "text/plain")
                .POST(HttpRequest.BodyPublishers.ofString(file.toString()))
                .build();
        try (HttpClient client = HttpClient.newHttpClient()) {
            HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() == 200) return answer.body();
            throw new CannotKeep(answer.body().isBlank() ? "The running studio did not answer." : answer.body());
        } catch (IOException e) {
            throw new CannotKeep("The running studio cannot be reached: " + e.getMessage(), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CannotKeep("The backup was broken off.", e);
        }
    }

    /** Puts a backup in the place of the data, which are kept aside; refuses while a studio runs with them. */
    void restore(Path file) {
        if (!Files.isRegularFile(file)) throw new CannotKeep("There is no file " + file + ".");
        BackupFile backup = new BackupFile(file);
        BackupFile.Content content = backup.opened();
        DataFolder held = DataFolder.hold(data);
        Path aside = data.resolve("before-restore-" + LocalDateTime.now().format(MOMENT));
        try {
            boolean any = false;
            for (String name : DataFolder.kept()) {
                if (!Files.exists(data.resolve(name))) continue;
                Files.createDirectories(aside);
                Files.move(data.resolve(name), aside.resolve(name));
                any = true;
            }
            backup.unpack(data);
            held.closeToOthers();
            out.println("Restored: " + content.inWords() + "."
                    + (any ? " What was there before lies in " + aside + "." : ""));
        } catch (IOException e) {
            throw new CannotKeep(
                    "The backup could not be put back: " + e.getMessage() + ". What was there before lies in " + aside
                            + ".",
                    e);
        } finally {
            held.release();
        }
    }
}
