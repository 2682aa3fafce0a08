package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/** A sheet that was filled with a pencil is typed in in one go, and counts like any practice. */
@ExtendWith(RunningApp.class)
class PaperTest {
    private Client client;
    private Client teacher;
    private Answer ada;
    private long assignment;

    @BeforeEach
    void a_student_with_a_step(Client fresh) {
        client = fresh;
        teacher = client.another().signUp();
        ada = Given.student(teacher, "Ada Reed", "oboe");
        assignment = Given.assigned(teacher, ada).id();
    }

    private String theirs(String rest) {
        return "/api/students/" + ada.id() + rest;
    }

    private static String tick(long assignment, int bpm, LocalDate day) {
        return "{\"assignment\":%d,\"bpm\":%d,\"day\":\"%s\"}".formatted(assignment, bpm, day);
    }

    private Answer typed(String... ticks) {
        return teacher.post(theirs("/paper"), "{\"ticks\":[" + String.join(",", ticks) + "]}");
    }

    @Test
    void what_was_ticked_is_a_clean_take_of_its_day_and_marked() {
        LocalDate today = LocalDate.now();
        Answer sheet = teacher.get(theirs("/paper"));
        assertThat(sheet.json().at("/items/0/toPlay/rungs/0").asInt()).isEqualTo(60);
        Answer typed = typed(
                tick(assignment, 60, today.minusDays(3)),
                tick(assignment, 60, today.minusDays(2)),
                tick(assignment, 60, today.minusDays(1)));
        assertThat(typed.status()).as(typed.text()).isEqualTo(200);
        assertThat(typed.json().get("taken").asInt()).isEqualTo(3);
        Answer log = teacher.get(theirs("/takes"));
        assertThat(log.json().get("total").asInt()).isEqualTo(3);
        assertThat(log.string("/items/0/day")).isEqualTo(today.minusDays(1).toString());
        assertThat(log.string("/items/0/outcome")).isEqualTo("clean");
        assertThat(log.json().at("/items/0/onPaper").asBoolean()).isTrue();
        // Three clean ones on a rung, and the student stands on the next.
        assertThat(client.byLink(ada.string("practicePath"))
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/toPlay/here/bpm")
                        .asInt())
                .isEqualTo(68);
    }

    @Test
    void typed_in_twice_it_is_there_once() {
        LocalDate day = LocalDate.now().minusDays(1);
        assertThat(typed(tick(assignment, 60, day)).json().get("taken").asInt()).isEqualTo(1);
        Answer again = typed(tick(assignment, 60, day), tick(assignment, 68, day));
        assertThat(again.json().get("taken").asInt()).isEqualTo(1);
        assertThat(again.json().get("before").asInt()).isEqualTo(1);
        assertThat(typed(tick(assignment, 60, day), tick(assignment, 60, day))
                        .json()
                        .get("taken")
                        .asInt())
                .isZero();
        assertThat(teacher.get(theirs("/takes")).json().get("total").asInt()).isEqualTo(2);
    }

    @Test
    void what_cannot_be_is_refused_and_nothing_of_the_sheet_is_kept() {
        LocalDate today = LocalDate.now();
        Answer stranger = Given.student(teacher, "Ben Strand", "oboe");
        long others = Given.assigned(teacher, stranger).id();
        String good = tick(assignment, 60, today);
        for (String bad : new String[] {
            tick(assignment, 60, today.plusDays(1)),
            tick(assignment, 60, today.minusDays(61)),
            tick(assignment, 0, today),
            tick(assignment, 100_000, today),
            tick(others, 60, today),
            tick(1_000_000, 60, today),
        }) {
            assertThat(typed(good, bad).status()).as(bad).isEqualTo(422);
        }
        assertThat(typed().status()).isEqualTo(422);
        assertThat(teacher.get(theirs("/takes")).json().get("total").asInt()).isZero();
        Client elsewhere = client.another().signUp();
        assertThat(elsewhere.get(theirs("/paper")).status()).isEqualTo(404);
        assertThat(elsewhere
                        .post(theirs("/paper"), "{\"ticks\":[" + good + "]}")
                        .status())
                .isEqualTo(404);
    }
}
