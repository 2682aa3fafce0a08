package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import pebblestep.app.PebbleStep;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The server is killed while a student practises, and comes back with everything it has acknowledged. */
@ExtendWith(Studio.class)
class KilledServerJourney {
    private static final int MOST_SECONDS = 90;

    @TempDir
    Path data;

    private Process start(int port, String... more) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                PebbleStep.class.getName(),
                "--server.port=" + port,
                "--pebble.data=" + data,
                "--pebble.demo=false",
                // The demo's own would be in memory.
                "--spring.datasource.url=jdbc:h2:file:" + data.resolve("pebble") + ";WRITE_DELAY=0"));
        command.addAll(List.of(more));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("server.log").toFile())
                .start();
        for (int i = 0; i < MOST_SECONDS * 4 && process.isAlive(); i++) {
            if (answers(port)) return process;
            Thread.sleep(250);
        }
        process.destroyForcibly();
        throw new AssertionError("The server did not start: " + data.resolve("server.log"));
    }

    private static boolean answers(int port) {
        try {
            HttpURLConnection health = (HttpURLConnection) URI.create("http://localhost:" + port + "/actuator/health")
                    .toURL()
                    .openConnection();
            health.setConnectTimeout(500);
            return health.getResponseCode() == 200;
        } catch (IOException e) {
            return false;
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
            assertThat(page.getByText("not sent yet")).isHidden();
            teacher.signIn().practicePath("Linnet Moss");
            assertThat(teacher.page.getByText("“just before”")).hasCount(1);
            assertThat(teacher.page.getByText("“while it was away”")).hasCount(1);
        } finally {
            server.destroyForcibly();
        }
    }
}
