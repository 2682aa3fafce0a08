package pebblestep.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.charset.StandardCharsets;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchService;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.PebbleStep;

/** What was acknowledged before a backup is in it, also when the studio is killed afterwards. */
class BackupTest {
    private static final int ENOUGH = 40;

    @TempDir
    Path folder;

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();
    private Process studio;

    @AfterEach
    void kill() throws InterruptedException {
        if (studio != null) studio.destroyForcibly().waitFor();
    }

    private Commands commands(Path data) {
        return new Commands(data, new PrintStream(said, true, StandardCharsets.UTF_8));
    }

    private String said() {
        return said.toString(StandardCharsets.UTF_8);
    }

    /** The application in a process of its own; the answer is its port. */
    private int start(Path data) throws Exception {
        Files.createDirectories(data);
        // What the killed one has left would be read before the new one has written its own.
        Files.deleteIfExists(data.resolve(RunningStudio.FILE));
        studio = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        classPath(),
                        PebbleStep.class.getName(),
                        "--server.port=0",
                        "--pebble.data=" + data,
                        "--spring.datasource.url=jdbc:h2:file:" + data + "/pebble;WRITE_DELAY=0",
                        "--pebble.password-strength=4")
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log").toFile())
                .start();
        try (WatchService written = FileSystems.getDefault().newWatchService()) {
            data.register(written, StandardWatchEventKinds.ENTRY_CREATE, StandardWatchEventKinds.ENTRY_MODIFY);
            CompletableFuture<Process> ended = studio.onExit().whenComplete((process, e) -> close(written));
            while (!ended.isDone()) {
                RunningStudio.Running running = RunningStudio.Running.in(data);
                if (running != null) return running.port();
                written.take().reset();
            }
        } catch (ClosedWatchServiceException e) {
            // It has ended before it ran.
        }
        throw new AssertionError(Files.readString(folder.resolve("log")));
    }

    private static void close(WatchService written) {
        try {
            written.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String classPath() {
        ClassLoader loader = PebbleStep.class.getClassLoader();
        if (!(loader instanceof URLClassLoader urls)) return System.getProperty("java.class.path");
        return Arrays.stream(urls.getURLs()).map(URL::getPath).collect(Collectors.joining(File.pathSeparator));
    }

    private static Set<String> takes(Client teacher, long student) {
        Set<String> notes = new TreeSet<>();
        for (int page = 0; ; page++) {
            var answer = teacher.get("/api/students/" + student + "/takes?page=" + page)
                    .json();
            answer.get("items").forEach(take -> notes.add(take.get("note").asString()));
            if (page + 1 >= answer.get("pages").asInt()) return notes;
        }
    }

    @Test
    void every_take_acknowledged_before_a_backup_is_there_after_the_studio_was_killed_and_restored() throws Exception {
        Path data = folder.resolve("data");
        int port = start(data);
        Client teacher = new Client(port).signUp();
        Answer ada = Given.student(teacher, "Ada", "oboe");
        long assignment = Given.assigned(teacher, ada).id();
        String link = ada.string("practicePath");
        String session = teacher.get("/api/session").json().at("/teacher/email").asString();
        Set<String> acknowledged = new ConcurrentSkipListSet<>();
        CountDownLatch enough = new CountDownLatch(ENOUGH);
        AtomicBoolean over = new AtomicBoolean();
        List<Thread> players = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Client player = teacher.another().byLink(link);
            Thread thread = new Thread(() -> {
                while (!over.get()) {
                    String note = UUID.randomUUID().toString();
                    String take = Given.take(assignment, "clean", 60).replace("}", ",\"note\":\"" + note + "\"}");
                    if (player.post("/api/practice/takes", take).status() == 200) {
                        acknowledged.add(note);
                        enough.countDown();
                    }
                }
            });
            thread.setUncaughtExceptionHandler((which, killed) -> {});
            thread.start();
            players.add(thread);
        }
        enough.await();
        Set<String> before = new TreeSet<>(acknowledged);
        Path backup = folder.resolve("kept.zip");
        commands(data).backup(backup);
        assertThat(said()).startsWith("Backup made by the running studio: 1 studio, 1 student, ");
        assertThatThrownBy(() -> commands(data).restore(backup)).hasMessageContaining("is running with the data");
        Path stolen = folder.resolve("stolen.zip");
        Client stranger = teacher.another().saying(BackupEndpoint.WORD, "guessed");
        assertThat(stranger.send("POST", BackupEndpoint.PATH, stolen.toString(), "text/plain")
                        .status())
                .as("who does not know the word")
                .isEqualTo(404);
        assertThat(stolen).doesNotExist();
        studio.destroyForcibly().waitFor();
        over.set(true);
        for (Thread player : players) player.join();
        Files.write(data.resolve(DataFolder.DATABASE), new byte[] {1, 2, 3});
        commands(data).restore(backup);
        assertThat(said()).contains("What was there before lies in").contains("before-restore-");
        int again = start(data);
        Client same = new Client(again);
        same.get("/api/session");
        assertThat(same.post("/api/session", "{\"email\":\"" + session + "\",\"password\":\"long-enough-1\"}")
                        .status())
                .isEqualTo(200);
        assertThat(takes(same, ada.id())).containsAll(before);
        assertThat(same.another().byLink(link).get("/api/practice/today").status())
                .as("the links still open")
                .isEqualTo(200);
    }

    @Test
    void what_is_no_backup_is_refused_and_changes_nothing() throws IOException {
        Path file = folder.resolve("no.zip");
        Files.writeString(file, "no zip at all");
        assertThatThrownBy(() -> commands(folder.resolve("data")).restore(file)).hasMessageContaining("is no backup");
        assertThatThrownBy(() -> commands(folder.resolve("data")).restore(folder.resolve("nowhere")))
                .hasMessageContaining("There is no file");
        assertThatThrownBy(() -> commands(folder.resolve("data")).backup(file)).hasMessageContaining("no studio in");
        assertThat(folder.resolve("data")).doesNotExist();
        assertThat(Files.readString(file)).isEqualTo("no zip at all");
    }
}
