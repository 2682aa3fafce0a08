package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintWriter;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import pebblestep.app.PebbleStep;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The server, as the launcher builds and starts it, is killed while a student practises, and comes back with everything it has acknowledged. */
@ExtendWith(Studio.class)
class KilledServerJourney {
    private static final int MOST_SECONDS = 90;

    /** A page that cannot send tries again ever more rarely, at last once a minute. */
    private static final int LONGEST_WAIT_MS = 120_000;

    @TempDir
    Path data;

    private Process start(int port, String... more) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                // As the launcher starts it.
                "-Dspring.aot.enabled=true",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                PebbleStep.class.getName(),
                "--server.port=" + port,
                "--pebble.data=" + data,
                "--pebble.demo=false",
                "--logging.level.pebblestep.app.PebbleStep=info",
                "--pebble.password-strength=4",
                // The demo's own would be in memory.
                "--spring.datasource.url=jdbc:h2:file:" + data.resolve("pebble") + ";WRITE_DELAY=0"));
        command.addAll(List.of(more));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        CompletableFuture<Process> started = new CompletableFuture<>();
        Thread reader = new Thread(() -> read(process, started), "server's log");
        reader.setDaemon(true);
        reader.start();
        try {
            return started.get(MOST_SECONDS, TimeUnit.SECONDS);
        } catch (ExecutionException | TimeoutException e) {
            process.destroyForcibly();
            throw new AssertionError("The server did not start: " + data.resolve("server.log"), e);
        }
    }

    /** Keeps what the server says, and tells when it says that it has started. */
    private void read(Process process, CompletableFuture<Process> started) {
        try (BufferedReader said = process.inputReader();
                PrintWriter log = new PrintWriter(Files.newBufferedWriter(data.resolve("server.log")), true)) {
            for (String line = said.readLine(); line != null; line = said.readLine()) {
                log.println(line);
                if (line.contains("Started PebbleStep")) started.complete(process);
            }
            started.completeExceptionally(new IllegalStateException("It ended."));
        } catch (IOException e) {
            started.completeExceptionally(e);
        }
    }

    @Test
    void nothing_that_was_acknowledged_is_lost_and_nothing_made_meanwhile_either(Running studio) throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process server = start(port, "--spring.profiles.active=demo");
        try (Visit teacher = studio.keepingPhone("http://localhost:" + port);
                Visit student = studio.keepingPhone("http://localhost:" + port)) {
            String link = teacher.signIn().practicePath("Linnet Moss");
            student.open(link);
            Page page = student.page;
            NothingLostJourney.stopped(page, "just before");
            assertThat(page.getByText("not sent yet")).isHidden();
            server.destroyForcibly().waitFor();
            NothingLostJourney.stopped(page, "while it was away");
            assertThat(page.getByText("1 take is kept here and not sent yet.")).isVisible();
            server = start(port);
            assertThat(page.getByText("not sent yet"))
                    .isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(LONGEST_WAIT_MS));
            teacher.signIn().atStudent("Linnet Moss");
            assertThat(teacher.page.getByText("“just before”")).hasCount(1);
            assertThat(teacher.page.getByText("“while it was away”")).hasCount(1);
        } finally {
            server.destroyForcibly();
        }
    }
}
