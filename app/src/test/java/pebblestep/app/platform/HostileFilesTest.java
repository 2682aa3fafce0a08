package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/**
 * Files that are made to fill the memory, several at once, and a lesson that goes on beside them. These tests have the heap that the
 * launcher gives (640 MB): see this module's build.
 */
@ExtendWith(RunningApp.class)
class HostileFilesTest {
    private static final String CONTAINER =
            "<container><rootfiles><rootfile full-path=\"a.xml\"/></rootfiles></container>";
    private static final String HEAD =
            "<score-partwise version=\"4.0\"><part-list><score-part id=\"P1\"><part-name>A</part-name></score-part>"
                    + "</part-list><part id=\"P1\"><measure number=\"1\">";
    private static final int LARGEST = 5_000_000;

    private record Sent(String called, byte[] file) {}

    private static byte[] swelling(String again) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("META-INF/container.xml"));
            zip.write(CONTAINER.getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("a.xml"));
            zip.write((HEAD + again.repeat(20_000_000 / again.length())).getBytes(StandardCharsets.UTF_8));
        }
        return bytes.toByteArray();
    }

    /** A head that promises as many tracks as its two bytes can say, and that many empty ones. */
    private static byte[] tracks() {
        byte[] many = new byte[14 + 8 * 65_535];
        System.arraycopy(new byte[] {'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 1, -1, -1, 0, 96}, 0, many, 0, 14);
        for (int at = 14; at < many.length; at += 8) {
            System.arraycopy(new byte[] {'M', 'T', 'r', 'k', 0, 0, 0, 0}, 0, many, at, 8);
        }
        return many;
    }

    private static byte[] json(String start, String again) {
        return (start + again.repeat(LARGEST / again.length())).getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void a_lesson_goes_on_while_files_that_swell_are_brought_in(Client client) throws Exception {
        List<Sent> hostile = List.of(
                new Sent("empty notes", swelling("<note/>")),
                new Sent("notes within notes", swelling("<note>")),
                new Sent("one long attribute", swelling("<note a=\"" + "x".repeat(19_999_000))),
                new Sent("one long comment", swelling("<!--" + "x".repeat(19_999_000))),
                new Sent("tracks", tracks()),
                new Sent("objects", json("{\"format\":\"pebble-routine/1\",\"steps\":[", "{},")),
                new Sent("a list without end", json("{\"steps\":", "[")));
        Client teacher = client.another().signUp();
        Answer student = Given.student(teacher, "Wrenna Holt", "oboe");
        long assignment = Given.assigned(teacher, student).id();
        Client practising = client.byLink(student.string("practicePath"));
        CountDownLatch go = new CountDownLatch(1);
        List<Future<Answer>> answers = new ArrayList<>();
        long slowest = 0;
        try (ExecutorService pool = Executors.newFixedThreadPool(hostile.size())) {
            for (Sent sent : hostile) {
                answers.add(pool.submit((Callable<Answer>) () -> {
                    go.await();
                    return teacher.upload("/api/imports", sent.file());
                }));
            }
            go.countDown();
            boolean stillRead = true;
            while (stillRead) {
                stillRead = answers.stream().anyMatch(answer -> !answer.isDone());
                long from = System.nanoTime();
                assertThat(client.get("/actuator/health").status()).isEqualTo(200);
                assertThat(practising
                                .post("/api/practice/takes", Given.take(assignment, "clean", 60))
                                .status())
                        .isEqualTo(200);
                slowest = Math.max(slowest, System.nanoTime() - from);
            }
        }
        System.out.printf("Health and a take together took %d ms at most%n", slowest / 1_000_000);
        for (int i = 0; i < hostile.size(); i++) {
            Answer answer = answers.get(i).get();
            // Where there is no memory for it, that is said, and the next one is read again.
            assertThat(answer.status())
                    .as(hostile.get(i).called() + ": " + answer.text())
                    .isIn(422, 429, 503);
        }
        assertThat(teacher.upload("/api/imports", Given.STEP.getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(200);
    }
}
