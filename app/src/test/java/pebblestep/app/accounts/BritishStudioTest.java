package pebblestep.app.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;

/** A studio that says crotchet, and ta te, is answered in these, wherever a note value or a place is said. */
@ExtendWith(RunningApp.class)
class BritishStudioTest {
    private static final Pattern AMERICAN = Pattern.compile(
            "\\b(whole note|half note|quarter|eighth|sixteenth|thirty-second)s?\\b", Pattern.CASE_INSENSITIVE);

    /** As others count the places of a beat; this studio has time names. */
    private static final Pattern IN_NUMBERS = Pattern.compile("\\bthe (e|&|a|trip|let|la|li) of \\d");

    private static final String CLIMB =
            """
            {"axes":[{"axis":"tempo","from":60,"to":100,"scheme":{"type":"fixed","by":8}},
             {"axis":"value","rungs":[{"figure":["1/4"]},{"figure":["1/8"]}]}]}""";

    private static final String UNTITLED = Given.STEP.replace("Up and over", "").replace("\"1/16\"", "\"1/4\"");

    private Client teacher;
    private Client practising;
    private long student;
    private long routine;
    private long assignment;

    @BeforeEach
    void a_british_studio(Client client) {
        teacher = client.signUp();
        teacher.put("/api/settings", "{\"valueNames\":\"british\",\"counting\":\"time-names\"}");
        Answer ada = Given.student(teacher, "Ada", "english-horn");
        student = ada.id();
        practising = teacher.byLink(ada.string("practicePath"));
        Answer step = Given.step(teacher, UNTITLED, CLIMB);
        routine = step.json().get("routineId").asLong();
        LocalDate today = LocalDate.now();
        assignment = teacher.post(
                        "/api/assignments",
                        """
                        {"stepId":%d,"studentId":%d,"startsOn":"%s","minutesADay":8,
                         "goal":{"bpm":100,"date":"%s"}}"""
                                .formatted(step.id(), student, today.minusDays(3), today.plusDays(60)))
                .id();
        practising.post(
                "/api/practice/takes", Given.take(assignment, "clean", 60).replace("}", ",\"seconds\":40}"));
    }

    private static void saysNothingAmerican(String path, Answer answer) {
        assertThat(answer.status()).as(path).isBetween(200, 299);
        saysNothingAmerican(path, answer.text());
    }

    private static void saysNothingAmerican(String path, String text) {
        // Grids are named by their ids, which nobody reads.
        String said = text.replaceAll("\"grids\":\\[[^]]*]", "");
        for (Pattern other : List.of(AMERICAN, IN_NUMBERS))
            assertThat(other.matcher(said)
                            .results()
                            .map(found -> said.substring(
                                    Math.max(0, found.start() - 60), Math.min(said.length(), found.end() + 30))))
                    .as(path)
                    .isEmpty();
    }

    @Test
    void every_page_of_the_teacher_is_in_british_words() {
        for (String path : List.of(
                "/api/routines",
                "/api/routines/" + routine,
                "/api/recipes",
                "/api/desk",
                "/api/keys",
                "/api/students/" + student + "/key-path",
                "/api/students/" + student + "/assignments",
                "/api/students/" + student + "/takes",
                "/api/students/" + student + "/lesson",
                "/api/students/" + student + "/report")) {
            saysNothingAmerican(path, teacher.get(path));
        }
    }

    @Test
    void what_is_worked_out_is_said_in_british_words() {
        String step = "{\"step\":" + UNTITLED;
        String off = step.replace("\"place\":\"0\"", "\"place\":\"1/16\"");
        saysNothingAmerican("passage", teacher.post("/api/passages?with=score,clicks,pulse,near", off + "}"));
        assertThat(teacher.post("/api/passages?with=pulse", off + "}").text())
                .contains("\"starts\":\"1 fa\"", "it starts on the fa of 1");
        saysNothingAmerican("climb", teacher.post("/api/climbs", step + ",\"climb\":" + CLIMB + "}"));
        saysNothingAmerican(
                "forecast", InThePage.forecast(teacher, assignment, "{}").toString());
        saysNothingAmerican(
                "group",
                teacher.post(
                        "/api/assignments/group/preview",
                        "{\"routineId\":%d,\"studentIds\":[%d],\"startsOn\":\"%s\",\"minutesADay\":8}"
                                .formatted(routine, student, LocalDate.now())));
        saysNothingAmerican(
                "required",
                teacher.post(
                        "/api/students/" + student + "/required",
                        "{\"tonic\":\"G\",\"form\":\"major\",\"octaves\":1,\"value\":\"1/8\",\"bpm\":80,\"date\":\"2027-03-12\"}"));
    }

    @Test
    void the_refusal_of_a_rung_is_said_in_british_words() {
        Answer refused = teacher.post(
                "/api/climbs",
                "{\"step\":" + UNTITLED + ",\"student\":" + student + ",\"climb\":"
                        + CLIMB.substring(0, CLIMB.length() - 2)
                        + ",{\"axis\":\"span\",\"rungs\":[{\"octaves\":2},{\"octaves\":4}]}]}"
                        + "}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("detail")).contains("crotchets").doesNotContain("quarters");
    }

    @Test
    void the_practice_room_is_in_british_words() {
        for (String path : List.of("/api/practice/today", "/api/practice/key-path")) {
            saysNothingAmerican(path, practising.get(path));
        }
        InThePage page = InThePage.of(practising);
        saysNothingAmerican("list", InThePage.json(page.list(LocalDate.now())).toString());
        saysNothingAmerican("stand", page.passage(assignment).toString());
    }
}
