package pebblestep.app.quiz;

import static org.assertj.core.api.Assertions.assertThat;

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
        JsonNode second = teacher.get(path).json().at("/questions/1");
        teacher.post(path + "/answers", answer(second, "Bb minor"));
        JsonNode quiz = teacher.get(path).json();
        assertThat(quiz.at("/questions/0/kind").asString()).as("what was wrong").isEqualTo("spell");
        assertThat(quiz.at("/questions/2/kind").asString()).as("what was right").isEqualTo("relative");
        assertThat(quiz.at("/answered/0/right").asBoolean()).isTrue();
        assertThat(quiz.at("/answered/1/inLesson").asBoolean()).isTrue();
        assertThat(teacher.post(path + "/answers", answer(first, "x y")).status())
                .isEqualTo(422);
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
}
