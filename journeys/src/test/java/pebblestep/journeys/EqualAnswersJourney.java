package pebblestep.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.browser.Questions;
import pebblestep.browser.Questions.Question;
import pebblestep.core.samples.Samples;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The core as it was compiled for the page against the same core on the JVM: more than a thousand questions, field by field; {@code -Dpebble.samples=300} asks three times as many. */
@ExtendWith(Studio.class)
class EqualAnswersJourney {
    private static final int BATCH = 50;
    private static final int QUESTIONS = Samples.Share.of(1_200);

    /** The JavaScript form is slower; it is the same code behind the same compiler. */
    private static final int FEWER_QUESTIONS = Samples.Share.of(150);

    private static final long SEED = 20261129;
    private static final Path BUILT = Path.of("../web/dist/assets");

    private static final String WORKER =
            """
            ({ url, batch }) => new Promise((done, failed) => {
              window.coreWorker ??= new Worker(url, { type: 'module' });
              const answers = [];
              window.coreWorker.onerror = (event) => failed(new Error(event.message));
              window.coreWorker.onmessage = ({ data }) => {
                answers.push(data.text ?? 'failed: ' + data.failed);
                if (answers.length === batch.length) done(answers);
              };
              batch.forEach(([what, asked], id) => window.coreWorker.postMessage({ id, what, asked }));
            })""";

    private static final String SCRIPT =
            """
            async ({ url, batch }) => {
              const core = await import(url);
              return batch.map(([what, asked]) => core.ask(what, asked));
            }""";

    @Test
    void webassembly_answers_as_the_jvm_does(Running studio) {
        same(studio, WORKER, "/assets/" + largest("worker-"), QUESTIONS);
    }

    @Test
    void javascript_answers_as_the_jvm_does(Running studio) {
        same(studio, SCRIPT, "/assets/" + largest("core-"), FEWER_QUESTIONS);
    }

    private static void same(Running studio, String ask, String url, int questions) {
        Random random = new Random(SEED);
        try (Visit visit = studio.laptop()) {
            visit.open("/sign-in");
            for (int from = 0; from < questions; from += BATCH) {
                List<Question> batch = Stream.generate(() -> Questions.any().from(random))
                        .limit(BATCH)
                        .toList();
                List<String> said = asked(visit.page, ask, url, batch);
                for (int i = 0; i < batch.size(); i++) {
                    Question question = batch.get(i);
                    String expected = pebblestep.browser.Page.ask(question.what(), question.json());
                    assertThat(said.get(i)).as(question.toString()).doesNotStartWith("failed");
                    assertThat(plain(said.get(i))).as(question.toString()).isEqualTo(plain(expected));
                }
            }
        }
    }

    private static List<String> asked(Page page, String ask, String url, List<Question> batch) {
        List<List<String>> pairs =
                batch.stream().map(one -> List.of(one.what(), one.json())).toList();
        List<String> answers = new ArrayList<>();
        for (Object answer : (List<?>) page.evaluate(ask, Map.of("url", url, "batch", pairs))) {
            answers.add((String) answer);
        }
        return answers;
    }

    /** An answer with its numbers as they are read; the mark of a problem stays before it. */
    private static String plain(String answer) {
        String mark = answer.startsWith("!") ? "!" : "";
        return mark + Questions.plain(Questions.SERVER.readTree(answer.substring(mark.length())));
    }

    /** The built file of that name: the largest, where a small one has a name like it. */
    private static String largest(String name) {
        try (Stream<Path> files = Files.list(BUILT)) {
            return files.filter(file -> {
                        String said = file.getFileName().toString();
                        return said.startsWith(name) && said.endsWith(".js");
                    })
                    .max((a, b) -> Long.compare(a.toFile().length(), b.toFile().length()))
                    .orElseThrow()
                    .getFileName()
                    .toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
