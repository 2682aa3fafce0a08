package pebblestep.app.quiz;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** The quiz asks about the student's own keys, marks, keeps, and comes back to what was wrong. */
@ExtendWith(RunningApp.class)
class QuizServiceTest {
    private Client teacher;
    private Client student;
    private String path;

    @BeforeEach
    void a_student_in_d_flat(Client client) {
        teacher = client.signUp();
        Answer enrolled = Given.student(teacher, "Ada", "oboe");
        Given.assigned(teacher, enrolled);
        path = "/api/students/" + enrolled.id() + "/quiz";
        student = client.byLink(enrolled.string("practicePath"));
    }

    private static String answer(JsonNode question, String answer) {
        return "{\"kind\":%s,\"tonic\":%s,\"form\":%s,\"answer\":\"%s\"}"
                .formatted(question.get("kind"), question.get("tonic"), question.get("form"), answer);
    }

    @Test
    void in_a_lesson_answers_are_marked_and_the_weakest_comes_first() {
        JsonNode first = teacher.get(path).json().at("/questions/0");
        assertThat(first.get("text").asString()).isEqualTo("Spell D♭ major, from its first note.");
        JsonNode wrong = teacher.post(path + "/answers", answer(first, "Db Eb F G Ab Bb C"))
                .json();
        assertThat(wrong.get("sentence").asString()).endsWith("Note 4 is G♭, not G.");
        JsonNode second = teacher.get(path).json().at("/questions/2");
        teacher.post(path + "/answers", answer(second, "Bb minor"));
        JsonNode quiz = teacher.get(path).json();
        assertThat(quiz.at("/questions/0/kind").asString()).as("what was wrong").isEqualTo("spell");
        assertThat(quiz.get("questions").valueStream().map(one -> one.get("kind")
                        .asString()))
                .as("what was right makes room")
                .doesNotContain("relative");
        assertThat(quiz.at("/answered/0/right").asBoolean()).isTrue();
        assertThat(quiz.at("/answered/1/inLesson").asBoolean()).isTrue();
        assertThat(teacher.post(path + "/answers", answer(first, "x y")).status())
                .isEqualTo(422);
    }

    @Test
    void fingers_are_asked_by_pictures_and_marked_for_whoever_plays() {
        JsonNode finger = teacher.get(path).json().at("/questions/1");
        assertThat(finger.get("kind").asString()).isEqualTo("finger");
        assertThat(finger.get("text").asString()).startsWith("How is ").endsWith(" played in D♭ major?");
        assertThat(finger.get("choices")).hasSize(4);
        List<Boolean> marks = new ArrayList<>();
        for (JsonNode choice : finger.get("choices")) {
            assertThat(choice.at("/look/closed/pressed").isArray()).isTrue();
            JsonNode mark = teacher.post(
                            path + "/answers", finger(finger, choice.get("way").asString()))
                    .json();
            marks.add(mark.get("right").asBoolean());
        }
        assertThat(marks).containsOnlyOnce(true);
        JsonNode last = teacher.get(path).json().at("/answered/0");
        assertThat(last.get("text").asString()).isEqualTo(finger.get("text").asString());
        Answer none = teacher.post(path + "/answers", finger(finger, "no such way"));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.string("detail")).contains("none of the fingerings");
        assertThat(teacher.post(path + "/answers", answer(finger, "x")).status())
                .as("without its note")
                .isEqualTo(422);
    }

    /** The student changed to an instrument without fingers after the question was asked. */
    @Test
    void what_was_asked_of_another_instrument_is_refused_and_its_answers_stay() {
        Answer voice = Given.student(teacher, "Dot", "soprano-voice");
        JsonNode finger = teacher.get(path).json().at("/questions/1");
        Answer refused = teacher.post("/api/students/" + voice.id() + "/quiz/answers", finger(finger, "1-2"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("detail")).contains("No fingers are known");
        assertThat(teacher.get("/api/students/" + voice.id() + "/quiz")
                        .json()
                        .get("questions")
                        .valueStream()
                        .map(one -> one.get("kind").asString()))
                .doesNotContain("finger");
    }

    private static String finger(JsonNode question, String way) {
        return "{\"kind\":\"finger\",\"tonic\":%s,\"form\":%s,\"pitch\":%s,\"answer\":\"%s\"}"
                .formatted(question.get("tonic"), question.get("form"), question.get("pitch"), way);
    }

    @Test
    void given_as_practice_the_student_answers_alone() {
        assertThat(student.get("/api/practice/quiz").json().get("given").asBoolean())
                .isFalse();
        teacher.put(path, "{\"given\":true}");
        JsonNode quiz = student.get("/api/practice/quiz").json();
        assertThat(quiz.get("given").asBoolean()).isTrue();
        JsonNode mark = student.post(
                        "/api/practice/quiz/answers", answer(quiz.at("/questions/0"), "db eb f gb ab bb c"))
                .json();
        assertThat(mark.get("right").asBoolean()).isTrue();
        assertThat(teacher.get(path).json().at("/answered/0/inLesson").asBoolean())
                .isFalse();
    }

    @Test
    void what_one_student_answered_says_nothing_about_another() {
        Answer bea = Given.student(teacher, "Bea", "oboe");
        Given.assigned(teacher, bea);
        JsonNode first = teacher.get(path).json().at("/questions/0");
        teacher.post(path + "/answers", answer(first, "C D"));
        JsonNode beas = teacher.get("/api/students/" + bea.id() + "/quiz").json();
        assertThat(beas.get("answered")).isEmpty();
        assertThat(teacher.byLink(bea.string("practicePath"))
                        .get("/api/practice/quiz")
                        .json()
                        .get("answered"))
                .isEmpty();
    }

    @Test
    void somebody_without_any_key_is_asked_about_the_first() {
        Answer cleo = Given.student(teacher, "Cleo", "oboe");
        JsonNode quiz = teacher.get("/api/students/" + cleo.id() + "/quiz").json();
        assertThat(quiz.at("/questions/0/text").asString()).isEqualTo("Spell C major, from its first note.");
    }

    /** Whoever sings is asked for syllables, as their studio has them. */
    @Test
    void a_voice_is_asked_for_syllables_of_the_studio() {
        teacher.put("/api/settings", "{\"syllables\":\"fixed\"}");
        Answer voice = Given.student(teacher, "Dot", "soprano-voice");
        String quiz = "/api/students/" + voice.id() + "/quiz";
        JsonNode asked = teacher.get(quiz).json().at("/questions/1");
        assertThat(asked.get("text").asString()).isEqualTo("Sing C major on syllables, going up from its first note.");
        assertThat(teacher.post(quiz + "/answers", answer(asked, "do re mi fa so la ti"))
                        .json()
                        .get("right")
                        .asBoolean())
                .isTrue();
        assertThat(teacher.get(quiz).json().at("/answered/0/right").asBoolean()).isTrue();
    }
}
