package pebblestep.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/** Lessons and days of practice are followed by a private address, which is renewed and shows nothing else. */
@ExtendWith(RunningApp.class)
class CalendarTest {
    private Client client;
    private Client teacher;
    private Answer ada;
    private long assignment;

    @BeforeEach
    void a_student_with_a_lesson_and_a_step(Client fresh) {
        client = fresh;
        teacher = client.another().signUp();
        ada = teacher.post(
                "/api/students",
                """
                {"name":"Ada Reed","instrument":"oboe","lessonDay":4,"lessonTime":"16:30"}""");
        assignment = Given.assigned(teacher, ada).id();
        teacher.put("/api/calendar", "{\"zone\":\"Europe/Lisbon\",\"lessonMinutes\":50}");
    }

    private static String unfolded(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.type()).startsWith("text/calendar");
        return answer.text().replaceAll("\r\n[ \t]", "");
    }

    private static String basic(LocalDate day) {
        return day.format(DateTimeFormatter.BASIC_ISO_DATE);
    }

    private String studioPath() {
        return teacher.get("/api/calendar").string("path");
    }

    private String theirs(String rest) {
        return "/api/students/" + ada.id() + "/calendar" + rest;
    }

    @Test
    void a_studio_is_followed_by_its_address_alone() {
        String calendar = unfolded(client.another().get(studioPath()));
        LocalDate first = LocalDate.now().with(TemporalAdjusters.nextOrSame(DayOfWeek.THURSDAY));
        assertThat(calendar)
                .contains(
                        "SUMMARY:Lesson: Ada Reed\\, Oboe",
                        "DTSTART;TZID=Europe/Lisbon:" + basic(first) + "T163000",
                        "DTEND;TZID=Europe/Lisbon:" + basic(first) + "T172000",
                        "SUMMARY:1 student practises",
                        "DESCRIPTION:Ada Reed\\, 8 min",
                        "DTSTART;VALUE=DATE:" + basic(LocalDate.now()))
                .doesNotContain("/p/", "@example.test");
        // A week back, today, and a week on.
        assertThat(calendar.split("UID:practice-")).hasSize(1 + 15);
    }

    @Test
    void a_student_is_followed_by_an_address_that_opens_no_room() {
        String path = teacher.get(theirs("")).string("path");
        assertThat(client.byLink(ada.string("practicePath"))
                        .get("/api/practice/calendar")
                        .string("path"))
                .isEqualTo(path);
        String calendar = unfolded(client.another().get(path));
        assertThat(calendar)
                .contains(
                        "SUMMARY:Practise 1 step\\, 8 min",
                        "DESCRIPTION:Up and over\\, 8 min",
                        "X-WR-CALNAME:Ada Reed");
        String token = path.substring("/calendar/".length(), path.length() - ".ics".length());
        assertThat(client.byLink(token).get("/api/practice/today").status()).isEqualTo(401);
        assertThat(unfolded(client.another().get(path))).isEqualTo(calendar);
    }

    @Test
    void an_address_that_was_renewed_answers_nothing() {
        String old = teacher.get(theirs("")).string("path");
        String now = teacher.post(theirs("/renew")).string("path");
        assertThat(now).isNotEqualTo(old);
        assertThat(client.another().get(old).status()).isEqualTo(404);
        assertThat(client.another().get(now).status()).isEqualTo(200);
        String studio = studioPath();
        assertThat(teacher.post("/api/calendar/renew").string("path")).isNotEqualTo(studio);
        assertThat(client.another().get(studio).status()).isEqualTo(404);
        assertThat(client.another().get(studioPath()).status()).isEqualTo(200);
    }

    @Test
    void addresses_that_are_guessed_answer_nothing() {
        String path = studioPath();
        String token = path.substring("/calendar/".length(), path.length() - ".ics".length());
        for (String guess :
                new String[] {"x", "AAAA", token.substring(1), token + "A", "A".repeat(34), "%00", "..%2f"}) {
            assertThat(client.another().get("/calendar/" + guess + ".ics").status())
                    .as(guess)
                    .isIn(400, 404);
        }
    }

    @Test
    void a_lesson_that_is_off_is_cancelled_and_comes_back() {
        LocalDate day = LocalDate.now().plusWeeks(2).with(TemporalAdjusters.nextOrSame(DayOfWeek.THURSDAY));
        String wish = "{\"date\":\"" + day + "\",\"student\":" + ada.id() + "}";
        assertThat(teacher.post("/api/calendar/off", wish).status()).isEqualTo(204);
        assertThat(teacher.post("/api/calendar/off", wish).status()).isEqualTo(204);
        Answer view = teacher.get(theirs(""));
        assertThat(view.json().get("off").size()).isEqualTo(1);
        assertThat(unfolded(client.another().get(studioPath())))
                .contains("RECURRENCE-ID;TZID=Europe/Lisbon:" + basic(day) + "T163000", "STATUS:CANCELLED");
        long off = view.json().at("/off/0/id").asLong();
        assertThat(client.another().signUp().delete("/api/calendar/off/" + off).status())
                .isEqualTo(404);
        assertThat(teacher.delete("/api/calendar/off/" + off).status()).isEqualTo(204);
        assertThat(unfolded(client.another().get(studioPath()))).doesNotContain("RECURRENCE-ID");
    }

    @Test
    void days_of_practice_that_were_taken_away_are_cancelled_from_today_on() {
        teacher.post("/api/assignments/" + assignment + "/end");
        String calendar = unfolded(client.another().get(teacher.get(theirs("")).string("path")));
        // The seven days before today stand as they were; today and the week to come are cancelled.
        assertThat(calendar.split("STATUS:CANCELLED", -1)).hasSize(1 + 8);
        assertThat(calendar.split("UID:practice-")).hasSize(1 + 15);
    }

    @Test
    void it_is_saved_as_a_file_too() {
        String file = new String(
                teacher.download("/api/exports/ics", "{\"student\":" + ada.id() + "}"), StandardCharsets.UTF_8);
        assertThat(file).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
        assertThat(teacher.get(theirs("")).json().get("bytes").asLong())
                .isEqualTo(file.getBytes(StandardCharsets.UTF_8).length);
        assertThat(new String(teacher.download("/api/exports/ics", "{}"), StandardCharsets.UTF_8))
                .contains("Ada Reed");
    }

    @Test
    void what_no_calendar_knows_is_refused() {
        assertThat(teacher.put("/api/calendar", "{\"zone\":\"Sea/Bottom\",\"lessonMinutes\":45}")
                        .status())
                .isEqualTo(422);
        assertThat(teacher.put("/api/calendar", "{\"zone\":\"Europe/Lisbon\",\"lessonMinutes\":0}")
                        .status())
                .isEqualTo(422);
        assertThat(teacher.post("/api/calendar/off", "{\"date\":\"1999-01-01\"}")
                        .status())
                .isEqualTo(422);
        assertThat(teacher.post("/api/calendar/off", "{\"date\":\"2027-01-01\",\"student\":987654321}")
                        .status())
                .isIn(404, 422);
    }

    @Test
    void who_is_put_away_or_deleted_is_followed_no_more() {
        String path = teacher.get(theirs("")).string("path");
        teacher.post("/api/students/" + ada.id() + "/archive");
        assertThat(client.another().get(path).status()).isEqualTo(404);
        assertThat(unfolded(client.another().get(studioPath()))).doesNotContain("Ada Reed");
    }
}
