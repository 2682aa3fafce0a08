package pebblestep.app.takeaway;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.documents.FileName;
import pebblestep.exchange.RoutineJson;

@ExtendWith(RunningApp.class)
class TakeAwayTest {
    private Client client;
    private Client teacher;
    private Answer ada;
    private long assignment;
    private long routine;

    @BeforeEach
    void a_student_with_a_step(Client fresh) {
        client = fresh;
        teacher = client.another().signUp();
        ada = Given.student(teacher, "Ada Reed", "clarinet");
        Answer step = Given.step(teacher);
        routine = step.json().path("routineId").asLong();
        assignment = teacher.post("/api/assignments", Given.assignment(step.id(), ada.id()))
                .id();
    }

    private Answer taken(String format, String rest) {
        return teacher.post("/api/exports/" + format, "{" + rest + "}");
    }

    @Test
    void what_was_given_is_written_for_its_student() {
        Answer file = taken("musicxml", "\"assignment\":" + assignment);
        assertThat(file.status()).isEqualTo(200);
        assertThat(file.type()).startsWith("application/vnd.recordare.musicxml+xml");
        assertThat(file.text()).contains("<part-name>Clarinet in B♭</part-name>", "<chromatic>-2</chromatic>");
        assertThat(file.text()).contains("<per-minute>60</per-minute>");
    }

    @Test
    void a_routine_is_written_for_an_instrument() {
        Answer file = taken("musicxml", "\"routine\":" + routine + ",\"instrument\":\"bassoon\"");
        assertThat(file.text()).contains("<part-name>Bassoon</part-name>").doesNotContain("<transpose>");
        Answer counted =
                taken("musicxml", "\"routine\":" + routine + ",\"options\":{\"counts\":true,\"countIn\":true}");
        assertThat(counted.text()).contains("<lyric", "count-in");
    }

    @Test
    void the_other_formats_are_what_they_say() {
        String step = "\"step\":" + Given.STEP;
        assertThat(taken("midi", step).text()).startsWith("MThd");
        assertThat(taken("mxl", step).text()).startsWith("PK");
        Answer wav = taken("wav", step);
        assertThat(wav.text()).startsWith("RIFF");
        assertThat(wav.type()).startsWith("audio/wav");
        RoutineJson.Routine read =
                RoutineJson.read(taken("routine", "\"routine\":" + routine).text());
        assertThat(read.steps()).hasSize(1);
    }

    @Test
    void a_look_says_the_name_the_size_and_how_long_it_lasts() {
        String step = "\"step\":" + Given.STEP;
        Answer look = teacher.post("/api/exports/wav/look", "{" + step + "}");
        assertThat(look.string("name")).endsWith(".wav");
        assertThat(look.string("lasts")).endsWith(" s");
        assertThat(look.json().get("bytes").asLong()).isGreaterThan(100_000);
        assertThat(teacher.post("/api/exports/midi/look", "{" + step + "}")
                        .json()
                        .has("lasts"))
                .isFalse();
    }

    @Test
    void exactly_one_thing_is_taken_and_it_must_be_playable() {
        assertThat(taken("midi", "").status()).isEqualTo(422);
        assertThat(taken("midi", "\"routine\":" + routine + ",\"assignment\":" + assignment)
                        .status())
                .isEqualTo(422);
        assertThat(taken("scroll", "\"routine\":" + routine).status()).isEqualTo(422);
        Answer tooLong = taken("wav", "\"assignment\":" + assignment + ",\"options\":{\"times\":100,\"ladder\":true}");
        assertThat(tooLong.status()).isEqualTo(422);
        assertThat(tooLong.string("detail")).contains("a sound file has at most 60");
        assertThat(taken("wav", "\"assignment\":" + assignment + ",\"options\":{\"rate\":1}")
                        .status())
                .isEqualTo(422);
    }

    /** Many hours of sound at once: a few are made, the others are told to wait, and the studio goes on answering. */
    @Test
    void sound_files_are_made_a_few_at_a_time() throws Exception {
        String body = "{\"step\":" + Given.STEP + ",\"options\":{\"times\":60}}";
        List<Callable<Integer>> many = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            many.add(() -> teacher.post("/api/exports/wav", body).status());
        }
        try (ExecutorService clients = Executors.newFixedThreadPool(12)) {
            Set<Integer> statuses = new TreeSet<>();
            for (Future<Integer> one : clients.invokeAll(many)) statuses.add(one.get());
            assertThat(statuses).contains(200).isSubsetOf(200, 429);
        }
        assertThat(taken("wav", "\"step\":" + Given.STEP).status())
                .as("and then again")
                .isEqualTo(200);
    }

    @Test
    void a_student_takes_their_own_and_nothing_else() {
        Client student = client.another().byLink(ada.string("practicePath"));
        String body = "{\"assignment\":" + assignment + "}";
        assertThat(student.post("/api/practice/exports/musicxml", body).status())
                .isEqualTo(200);
        Answer other = Given.student(teacher, "Bo", "oboe");
        Client stranger = client.another().byLink(other.string("practicePath"));
        assertThat(stranger.post("/api/practice/exports/musicxml", body).status())
                .isEqualTo(422);
        assertThat(student.post("/api/exports/musicxml", body).status()).isEqualTo(403);
    }

    @Test
    void a_file_has_a_plain_name() {
        LocalDate day = LocalDate.of(2026, 11, 30);
        assertThat(FileName.of("Ada Reed", "Sixteenths: 1/2 of B♭", day, "mid"))
                .isEqualTo("Ada Reed, Sixteenths 1 2 of Bb, 2026-11-30.mid");
        assertThat(FileName.of(null, "../../etc/passwd", day, "wav")).isEqualTo("etc passwd, 2026-11-30.wav");
        assertThat(FileName.of(null, "\n", day, "wav")).isEqualTo("untitled, 2026-11-30.wav");
        assertThat(FileName.of(null, "x".repeat(500), day, "wav").length()).isLessThan(120);
    }

    @Test
    void a_key_plans_week_and_all_of_todays_list_are_files_too() {
        Client own = client.another().signUp();
        Answer ada = Given.student(own, "Ada Reed", "oboe");
        Answer step = Given.step(own);
        Answer plan = own.post(
                "/api/key-plans",
                """
                {"routineId":%d,"studentIds":[%d],"order":"fourths","start":"C","thereAndBack":false,"named":"written",
                 "forms":"major","pace":"week","startsOn":"%s","minutesADay":5}"""
                        .formatted(step.json().get("routineId").asLong(), ada.id(), java.time.LocalDate.now()));
        long id = plan.json().at("/0/id").asLong();
        String week = new String(
                own.download("/api/exports/musicxml", "{\"plan\":" + id + ",\"options\":{\"solfa\":true}}"),
                java.nio.charset.StandardCharsets.UTF_8);
        assertThat(week).contains("<text>do</text>", "<text>ti</text>");
        String list = "{\"list\":true,\"student\":" + ada.id() + "}";
        assertThat(own.post("/api/exports/wav/look", list).string("name")).startsWith("Ada Reed, today's list, ");
        assertThat(client.byLink(ada.string("practicePath"))
                        .post("/api/practice/exports/wav/look", "{}")
                        .string("lasts"))
                .isNotEmpty();
        Answer nobody = Given.student(own, "Ben Strand", "oboe");
        assertThat(own.post("/api/exports/wav/look", list.replace("" + ada.id(), "" + nobody.id()))
                        .status())
                .isEqualTo(422);
        Answer booklet = own.get("/api/key-plans/" + id + "/booklet");
        assertThat(booklet.json().get("keys")).hasSize(12);
        assertThat(booklet.string("/keys/1/tonic")).isEqualTo("F");
        assertThat(booklet.string("/keys/1/pieces/0/step/key/tonic")).isEqualTo("F");
    }
}
