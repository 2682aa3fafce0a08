package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** The answer to a take is what the list says afterwards: the phone shows the one, and the other when it is opened again. */
@ExtendWith(RunningApp.class)
class TakeAnswerTest {
    /** All but what the list settles for the whole day: why it is on it, how often it is played and how long that takes. */
    private static final List<String> OF_A_TAKE =
            List.of("/assignmentId", "/edition", "/head", "/toPlay/rungs", "/toPlay/here", "/standing", "/day");

    private final OffsetDateTime now = OffsetDateTime.now();
    private Client practising;
    private long assignment;

    @BeforeEach
    void an_assigned_step(Client client) {
        Client teacher = client.signUp();
        Answer student = Given.student(teacher, "Pia", "oboe");
        assignment = Given.assigned(teacher, student).id();
        practising = client.byLink(student.string("practicePath"));
    }

    private Answer take(UUID id, String outcome, int bpm, OffsetDateTime at, int seconds) {
        String form = Given.take(id, assignment, outcome, bpm, at.toString());
        Answer answer = practising.post(
                "/api/practice/takes", form.substring(0, form.length() - 1) + ",\"seconds\":" + seconds + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer;
    }

    private static String settled(JsonNode item) {
        return OF_A_TAKE.stream()
                .map(pointer -> pointer + "=" + item.requiredAt(pointer))
                .collect(Collectors.joining("\n"));
    }

    private void isOnTheList(Answer answer) {
        JsonNode listed = practising.get("/api/practice/today").json().at("/items/0");
        assertThat(settled(answer.json().get("item"))).isEqualTo(settled(listed));
        assertThat(answer.json().get("piece"))
                .as("what the page goes on from")
                .isEqualTo(practising.get("/api/practice/room").json().at("/pieces/0"));
    }

    @Test
    void after_every_take_it_is_what_the_list_says() {
        String[] outcomes = {"clean", "clean", "slips", "clean", "clean", "clean", "stopped", "slips", "slips"};
        int seconds = 0;
        for (int i = 0; i < outcomes.length; i++) {
            Answer answer = take(UUID.randomUUID(), outcomes[i], i < 6 ? 60 : 68, now.plusSeconds(i), 10 + i);
            seconds += 10 + i;
            assertThat(answer.json().at("/item/day/seconds").asInt()).isEqualTo(seconds);
            assertThat(answer.json().at("/item/day/takes").asInt()).isEqualTo(i + 1);
            isOnTheList(answer);
        }
    }

    @Test
    void a_take_that_comes_late_is_put_in_its_place_and_answered_with_the_whole() {
        take(UUID.randomUUID(), "clean", 60, now.minusMinutes(3), 20);
        take(UUID.randomUUID(), "slips", 60, now.minusMinutes(2), 20);
        assertThat(take(UUID.randomUUID(), "clean", 60, now.minusMinutes(1), 20).string("/item/standing/sentence"))
                .isEqualTo("1 of 3 clean in a row at 60 bpm, then 68.");
        Answer late = take(UUID.randomUUID(), "clean", 60, now.minusMinutes(4), 20);
        assertThat(late.string("/item/standing/sentence")).isEqualTo("1 of 3 clean in a row at 60 bpm, then 68.");
        assertThat(late.json().at("/item/day/takes").asInt()).isEqualTo(4);
        isOnTheList(late);
    }

    @Test
    void sent_again_it_is_answered_again_and_counted_once() {
        UUID id = UUID.randomUUID();
        Answer first = take(id, "clean", 60, now, 20);
        Answer again = take(id, "clean", 60, now, 20);
        assertThat(again.text()).isEqualTo(first.text());
        assertThat(again.json().at("/item/day/takes").asInt()).isOne();
        isOnTheList(again);
    }
}
