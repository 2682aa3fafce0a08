package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** No request reaches another studio's rows, and none gets in without its key: tried on every endpoint there is. */
@ExtendWith(RunningApp.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class StudioWallTest {
    private Client here;
    private Client elsewhere;
    private Answer student;
    private Answer step;
    private Answer assignment;
    private Answer instrument;
    private long off;
    private long plan;
    private long required;
    private long note;

    @BeforeAll
    void two_studios(Client client) {
        here = client.signUp();
        elsewhere = client.another().signUp();
        student = Given.student(here, "Own Student", "oboe");
        step = Given.step(here);
        assignment = here.post("/api/assignments", Given.assignment(step.id(), student.id()));
        assertThat(assignment.status()).isEqualTo(201);
        required = here.post("/api/students/" + student.id() + "/required", REQUIRED)
                .json()
                .at("/0/id")
                .asLong();
        note = here.post("/api/students/" + student.id() + "/lesson-notes", "{\"text\":\"Own\"}")
                .id();
        Answer plans = here.post("/api/key-plans", keyPlan());
        assertThat(plans.status()).isEqualTo(201);
        plan = plans.json().at("/0/id").asLong();
        instrument = here.post("/api/instruments", Given.INSTRUMENT);
        assertThat(instrument.status()).isEqualTo(201);
        here.post(
                "/api/calendar/off",
                "{\"date\":\"%s\"}".formatted(java.time.LocalDate.now().plusDays(9)));
        off = here.get("/api/calendar").json().at("/off/0/id").asLong();
    }

    private static final String REQUIRED =
            """
            {"tonic":"C","form":"major","octaves":1,"value":"1/8","bpm":80,"date":"2027-03-12"}""";

    private static final String ANSWER =
            """
            {"kind":"spell","tonic":"C","form":"major","answer":"C D E F G A B"}""";

    private String keyPlan() {
        return """
                {"routineId":%d,"studentIds":[%d],"order":"fourths","start":"C","thereAndBack":false,"named":"written",
                 "forms":"major","pace":"week","startsOn":"2026-03-02","minutesADay":5}"""
                .formatted(step.json().get("routineId").asLong(), student.id());
    }

    private record Call(String method, String path, String body) {
        String pattern() {
            return method + " "
                    + path.replaceAll("/[0-9a-f]+(-[0-9a-f]+){4}|/\\d+|(?<=recipes)/[a-z-]+", "/{id}")
                            .replaceAll("(?<=exports)/midi", "/{format}")
                            .replaceAll("\\?.*", "");
        }
    }

    private List<Call> callsOnRows() {
        String ofStudent = "/api/students/" + student.id();
        String ofAssignment = "/api/assignments/" + assignment.id();
        String ofRoutine = "/api/routines/" + step.json().get("routineId").asLong();
        String routineForm = "{\"title\":\"Taken\",\"version\":0,\"steps\":[{\"document\":" + Given.STEP + ",\"climb\":"
                + Given.CLIMB + "}]}";
        String ofInstrument =
                "/api/instruments/" + instrument.json().get("ownId").asLong();
        return List.of(
                new Call("GET", "/api/bench" + ofStudent.replace("/api", ""), null),
                new Call("GET", ofStudent, null),
                new Call("PUT", ofStudent, "{\"name\":\"Taken\",\"instrument\":\"oboe\"}"),
                new Call("POST", ofStudent + "/range", "{\"end\":\"top\",\"notes\":1}"),
                new Call("POST", ofStudent + "/range/touched", "{\"end\":\"top\",\"notes\":1}"),
                new Call("POST", ofStudent + "/touched", "{\"name\":\"A\",\"instrument\":\"oboe\"}"),
                new Call("PUT", ofInstrument, Given.INSTRUMENT),
                new Call("POST", ofInstrument + "/archive", ""),
                new Call("POST", ofInstrument + "/restore", ""),
                new Call("POST", ofStudent + "/link", ""),
                new Call("POST", ofStudent + "/archive", ""),
                new Call("POST", ofStudent + "/restore", ""),
                new Call("GET", ofStudent + "/assignments", null),
                new Call("GET", ofStudent + "/takes", null),
                new Call("GET", ofStudent + "/words", null),
                new Call("GET", ofStudent + "/key-path", null),
                new Call("GET", ofStudent + "/key-plans", null),
                new Call("GET", ofStudent + "/history?key=Db%20major", null),
                new Call("GET", ofStudent + "/required", null),
                new Call("POST", ofStudent + "/required", REQUIRED),
                new Call("POST", ofStudent + "/required/read", "{\"text\":\"key,tempo,date\"}"),
                new Call("POST", "/api/required/" + required + "/remove", ""),
                new Call("POST", "/api/required/" + required + "/restore", ""),
                new Call("GET", ofStudent + "/quiz", null),
                new Call("PUT", ofStudent + "/quiz", "{\"given\":true}"),
                new Call("POST", ofStudent + "/quiz/answers", ANSWER),
                new Call("GET", ofStudent + "/lesson", null),
                new Call("GET", ofStudent + "/lesson-notes", null),
                new Call(
                        "DELETE",
                        "/api/teachers/" + here.get("/api/teachers").json().at("/0/id"),
                        null),
                new Call("GET", ofStudent + "/data", null),
                new Call("GET", ofStudent + "/takes.csv", null),
                new Call("POST", ofStudent + "/delete", "{\"name\":\"Own\"}"),
                new Call("POST", ofStudent + "/take-back", ""),
                new Call("POST", ofStudent + "/lesson-notes", "{\"text\":\"Taken\"}"),
                new Call("PUT", "/api/lesson-notes/" + note, "{\"text\":\"Taken\",\"version\":0}"),
                new Call("GET", ofStudent + "/report", null),
                new Call("POST", ofAssignment + "/span", "{\"wider\":false}"),
                new Call("GET", "/api/key-plans/" + plan + "/booklet", null),
                new Call("POST", "/api/exports/midi", "{\"plan\":" + plan + "}"),
                new Call("POST", "/api/key-plans/" + plan + "/decisions", "{\"kind\":\"skip\"}"),
                new Call("POST", "/api/key-plans/" + plan + "/undo", ""),
                new Call("POST", "/api/key-plans/" + plan + "/end", ""),
                new Call("POST", "/api/key-plans/" + plan + "/resume", ""),
                new Call("POST", "/api/exports/midi", "{\"routine\":" + ofRoutine.replaceAll("\\D", "") + "}"),
                new Call(
                        "POST",
                        "/api/exports/midi/look",
                        "{\"assignment\":" + ofAssignment.replaceAll("\\D", "") + "}"),
                new Call(
                        "POST",
                        "/api/exports/midi",
                        "{\"step\":" + Given.STEP + ",\"student\":" + ofStudent.replaceAll("\\D", "") + "}"),
                new Call("POST", "/api/exports/archive", "{\"student\":" + student.id() + "}"),
                new Call("POST", "/api/exports/csv", "{\"table\":\"takes\",\"student\":" + student.id() + "}"),
                new Call("POST", "/api/exports/ics", "{\"student\":" + student.id() + "}"),
                new Call(
                        "POST",
                        "/api/exports/eml",
                        "{\"student\":" + student.id() + ",\"subject\":\"A\",\"text\":\"A\"}"),
                new Call("GET", ofStudent + "/calendar", null),
                new Call("POST", ofStudent + "/calendar/renew", ""),
                new Call("DELETE", "/api/calendar/off/" + off, null),
                new Call("GET", ofStudent + "/letter", null),
                new Call("POST", ofStudent + "/letter", "{\"to\":\"a@example.test\",\"subject\":\"A\",\"text\":\"A\"}"),
                new Call("GET", ofStudent + "/paper", null),
                new Call(
                        "POST",
                        ofStudent + "/paper",
                        "{\"ticks\":[{\"assignment\":" + assignment.id() + ",\"bpm\":60,\"day\":\"2026-03-02\"}]}"),
                new Call("GET", "/api/archives/7a0c5b46-6c28-4f34-9d6b-3f3a3f6f7d11", null),
                new Call("DELETE", "/api/archives/7a0c5b46-6c28-4f34-9d6b-3f3a3f6f7d11", null),
                new Call("POST", "/api/archives/7a0c5b46-6c28-4f34-9d6b-3f3a3f6f7d11/take", ""),
                new Call("POST", "/api/archives/7a0c5b46-6c28-4f34-9d6b-3f3a3f6f7d11/undo", ""),
                new Call("POST", "/api/imports/7a0c5b46-6c28-4f34-9d6b-3f3a3f6f7d11/take", "{}"),
                new Call("GET", ofRoutine, null),
                new Call("PUT", ofRoutine, routineForm),
                new Call("POST", ofRoutine + "/archive", ""),
                new Call("POST", ofRoutine + "/restore", ""),
                new Call("POST", ofAssignment + "/end", ""),
                new Call("POST", ofAssignment + "/resume", ""),
                new Call("POST", ofAssignment + "/climb", "{\"climb\":" + Given.CLIMB + "}"),
                new Call("POST", ofAssignment + "/hold", "{\"holds\":true}"),
                new Call("POST", ofAssignment + "/undo", ""),
                new Call("POST", ofAssignment + "/fit", ""),
                new Call("PUT", ofAssignment + "/schedule", "{\"minutesADay\":9}"),
                new Call("POST", ofAssignment + "/place", "{\"at\":[0]}"),
                new Call("PUT", ofAssignment + "/goal", "{\"goal\":{\"bpm\":90,\"date\":\"2027-01-15\"}}"),
                new Call("GET", ofAssignment + "/forecast", null));
    }

    /** Lists, which show what is one's own, and what belongs to nobody. */
    private List<Call> otherTeacherCalls() {
        String group = "{\"routineId\":%d,\"studentIds\":[%d],\"startsOn\":\"2026-03-02\",\"minutesADay\":5}"
                .formatted(step.json().get("routineId").asLong(), student.id());
        return List.of(
                new Call("GET", "/api/keys", null),
                new Call("POST", "/api/imports", "{}"),
                new Call("POST", "/api/archives", "{}"),
                new Call("GET", "/api/calendar", null),
                new Call("PUT", "/api/calendar", "{\"zone\":\"Europe/Lisbon\",\"lessonMinutes\":45}"),
                new Call("POST", "/api/calendar/renew", ""),
                new Call("POST", "/api/calendar/off", "{\"date\":\"2027-03-02\"}"),
                new Call("GET", "/api/sent", null),
                new Call("GET", "/api/mail-server", null),
                new Call("PUT", "/api/mail-server", "{}"),
                new Call("DELETE", "/api/mail-server", null),
                new Call("GET", "/api/backups", null),
                new Call("GET", "/api/teachers", null),
                new Call("POST", "/api/teachers", "{\"name\":\"A\",\"email\":\"a\"}"),
                new Call("GET", "/api/students/deleted", null),
                new Call("POST", "/api/studio/delete", "{\"name\":\"not its name\"}"),
                new Call("POST", "/api/studio/take-back", ""),
                new Call("PUT", "/api/account/password", "{\"now\":\"wrong\",\"password\":\"four wet stones\"}"),
                new Call("PUT", "/api/account/email", "{\"email\":\"a@example.test\",\"password\":\"wrong\"}"),
                new Call("POST", "/api/account/sign-out-everywhere", ""),
                new Call("GET", "/api/students/timetable", null),
                new Call("POST", "/api/students/read/preview", "{\"text\":\"name,instrument\"}"),
                new Call("POST", "/api/students/read", "{\"text\":\"name,instrument\"}"),
                new Call("POST", "/api/key-plans", keyPlan()),
                new Call("POST", "/api/assignments/group", group),
                new Call("POST", "/api/assignments/group/preview", group),
                new Call("GET", "/api/students", null),
                new Call("POST", "/api/students", "{\"name\":\"A\",\"instrument\":\"oboe\"}"),
                new Call("POST", "/api/assignments", Given.assignment(step.id(), student.id())),
                new Call("GET", "/api/desk", null),
                new Call("GET", "/api/instruments", null),
                new Call("POST", "/api/instruments", Given.INSTRUMENT),
                new Call("GET", "/api/routines", null),
                new Call("POST", "/api/routines", "{}"),
                new Call("GET", "/api/settings", null),
                new Call("PUT", "/api/settings", "{\"sixAccidentals\":\"flats\"}"),
                new Call(
                        "PUT",
                        "/api/settings/fingerings",
                        "{\"instrument\":\"alto-saxophone\",\"pitch\":\"Bb4\",\"way\":\"1-bis\"}"),
                new Call("GET", "/api/bench", null),
                new Call("POST", "/api/passages", "{\"step\":" + Given.STEP + "}"),
                new Call(
                        "POST",
                        "/api/passages/ways",
                        "{\"step\":" + Given.STEP + ",\"instrument\":\"oboe\",\"note\":0}"),
                new Call("GET", "/api/recipes", null),
                new Call("POST", "/api/recipes/long-to-short", "{}"),
                new Call("POST", "/api/climbs", "{\"step\":" + Given.STEP + ",\"climb\":" + Given.CLIMB + "}"));
    }

    private List<Call> practiceCalls() {
        return List.of(
                new Call("GET", "/api/practice/today", null),
                new Call("POST", "/api/practice/exports/midi", "{\"assignment\":" + assignment.id() + "}"),
                new Call("POST", "/api/practice/exports/midi/look", "{\"assignment\":" + assignment.id() + "}"),
                new Call("GET", "/api/practice/calendar", null),
                new Call("GET", "/api/practice/key-path", null),
                new Call("GET", "/api/practice/room", null),
                new Call("GET", "/api/practice/quiz", null),
                new Call("POST", "/api/practice/quiz/answers", ANSWER),
                new Call(
                        "POST",
                        "/api/practice/words",
                        "{\"clientId\":\"7a0c5b46-6c28-4f34-9d6b-3f3a3f6f7d11\",\"text\":\"A\",\"saidAt\":\"2026-03-02T10:00:00Z\"}"),
                new Call("POST", "/api/practice/takes", Given.take(assignment.id(), "clean", 60)));
    }

    private static Answer call(Client client, Call call) {
        return client.send(call.method, call.path, call.body, "application/json");
    }

    @Test
    void the_lists_below_name_every_endpoint_there_is() {
        Set<String> tried = new TreeSet<>(Set.of(
                "GET /api/session",
                "POST /api/session",
                "DELETE /api/session",
                "POST /api/accounts",
                "POST /api/letters/forgotten",
                "POST /api/letters/new-password",
                "POST /api/letters/answer",
                "POST /api/letters/join",
                "GET /api/mailbox"));
        List<Call> all = new ArrayList<>(callsOnRows());
        all.addAll(otherTeacherCalls());
        all.addAll(practiceCalls());
        all.forEach(call -> tried.add(call.pattern()));
        Set<String> there = new TreeSet<>();
        JsonNode paths = here.get("/v3/api-docs").json().get("paths");
        paths.propertyNames().forEach(path -> paths.get(path)
                .propertyNames()
                .forEach(method -> there.add(method.toUpperCase() + " " + path)));
        assertThat(tried).isEqualTo(there);
    }

    @Test
    void another_studio_finds_none_of_our_rows() {
        for (Call call : callsOnRows()) {
            Answer answer = call(elsewhere, call);
            assertThat(answer.status()).as("%s", call).isEqualTo(404);
            assertThat(answer.type()).as("%s", call).startsWith("application/problem+json");
            assertThat(answer.text()).doesNotContain("Own Student");
        }
        assertThat(here.get("/api/students/" + student.id()).string("name")).isEqualTo("Own Student");
        for (String list : List.of("/api/students", "/api/routines", "/api/desk")) {
            assertThat(here.get(list).text()).as(list).containsAnyOf("Own Student", "Up and over");
            assertThat(elsewhere.get(list).text()).as(list).doesNotContain("Own Student", "Up and over");
        }
    }

    @Test
    void another_studios_step_or_student_cannot_be_assigned() {
        Answer theirs = Given.student(elsewhere, "Their Student", "oboe");
        assertThat(elsewhere
                        .post("/api/passages", "{\"step\":" + Given.STEP + ",\"student\":" + student.id() + "}")
                        .status())
                .isEqualTo(404);
        for (String path : List.of("/api/assignments/group", "/api/assignments/group/preview")) {
            String group = "{\"routineId\":%d,\"studentIds\":[%d],\"startsOn\":\"2026-03-02\",\"minutesADay\":5}";
            assertThat(elsewhere
                            .post(
                                    path,
                                    group.formatted(step.json().get("routineId").asLong(), theirs.id()))
                            .status())
                    .as("another studio's routine")
                    .isEqualTo(404);
            Client third = here.another().signUp();
            long own = Given.step(third).json().get("routineId").asLong();
            assertThat(third.post(path, group.formatted(own, student.id())).status())
                    .as("another studio's student")
                    .isEqualTo(404);
        }
        assertThat(elsewhere
                        .post("/api/students", "{\"name\":\"A\",\"instrument\":\"" + instrument.string("id") + "\"}")
                        .status())
                .as("another studio's instrument")
                .isEqualTo(422);
        assertThat(here.post("/api/assignments", Given.assignment(step.id(), theirs.id()))
                        .status())
                .isEqualTo(404);
        assertThat(elsewhere
                        .post("/api/assignments", Given.assignment(step.id(), theirs.id()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void nobody_gets_in_without_signing_in() {
        Client stranger = here.another();
        stranger.get("/api/session");
        List<Call> all = new ArrayList<>(callsOnRows());
        all.addAll(otherTeacherCalls());
        all.addAll(practiceCalls());
        for (Call call : all) {
            assertThat(call(stranger, call).status()).as("%s", call).isEqualTo(401);
        }
    }

    @Test
    void a_teachers_session_opens_no_practice_room_and_a_practice_link_no_teachers_room() {
        for (Call call : practiceCalls())
            assertThat(call(here, call).status()).as("%s", call).isEqualTo(401);
        Client practising = here.byLink(student.string("practicePath"));
        for (Call call : callsOnRows()) {
            assertThat(call(practising, call).status()).as("%s", call).isIn(401, 403);
        }
        for (Call call : otherTeacherCalls()) {
            assertThat(call(practising, call).status()).as("%s", call).isIn(401, 403);
        }
    }

    @Test
    void a_student_sees_and_writes_only_their_own_practice() {
        Answer other = Given.student(here, "Other Student", "oboe");
        Client practising = here.byLink(other.string("practicePath"));
        assertThat(practising.get("/api/practice/today").json().get("items")).isEmpty();
        assertThat(practising.get("/api/practice/room").json().get("pieces")).isEmpty();
        assertThat(practising
                        .post("/api/practice/takes", Given.take(assignment.id(), "clean", 60))
                        .status())
                .isEqualTo(404);
        assertThat(here.get("/api/students/" + student.id() + "/takes")
                        .json()
                        .get("total")
                        .asInt())
                .isZero();
    }

    @Test
    void a_change_without_the_csrf_token_is_refused() {
        Client teacher = here.another().signUp();
        assertThat(Given.student(teacher, "A", "oboe").status()).isEqualTo(201);
        Answer refused = Given.student(teacher.withoutCsrf(), "B", "oboe");
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.type()).startsWith("application/problem+json");
        assertThat(teacher.get("/api/students").json().get("total").asInt()).isEqualTo(1);
    }
}
