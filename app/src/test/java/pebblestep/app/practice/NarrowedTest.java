package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;
import pebblestep.documents.practice.TodayItem;
import tools.jackson.databind.JsonNode;

/** A student whose range becomes smaller, whose level goes down or who takes up another instrument, goes on practising. */
@ExtendWith(RunningApp.class)
class NarrowedTest {
    private static final String NARROW = "{\"name\":\"Wilhelmina Reed\",\"instrument\":\"oboe\",\"range\":\"Db4-C6\"}";

    private Client teacher;
    private Answer student;
    private Answer wide;
    private Answer small;
    private Client practising;

    @BeforeEach
    void two_octaves_and_one(Client client) {
        teacher = client.signUp();
        student = Given.student(teacher, "Wilhelmina Reed", "oboe");
        wide = give(Given.STEP.replace("Up and over", ""));
        small = give(Given.STEP.replace("\"octaves\":2", "\"octaves\":1"));
        practising = client.byLink(student.string("practicePath"));
    }

    private Answer give(String document) {
        return teacher.post(
                "/api/assignments",
                Given.assignment(Given.step(teacher, document).id(), student.id()));
    }

    private String path(String more) {
        return "/api/students/" + student.id() + more;
    }

    private JsonNode today() {
        Answer today = practising.get("/api/practice/today");
        assertThat(today.status()).isEqualTo(200);
        return today.json().get("items");
    }

    private JsonNode work() {
        JsonNode works = teacher.get("/api/desk").json().at("/items/0/works");
        for (JsonNode work : works) if (work.get("assignmentId").asLong() == wide.id()) return work;
        throw new AssertionError("not on the desk: " + works);
    }

    @Test
    void what_fits_is_played_and_what_does_not_says_why_and_what_would() {
        assertThat(teacher.put(path(""), NARROW).status()).isEqualTo(200);
        JsonNode items = today();
        assertThat(items).hasSize(2);
        assertThat(items.at("/0/assignmentId").asLong()).isEqualTo(small.id());
        assertThat(items.at("/0/misfit").isMissingNode()
                        || items.at("/0/misfit").isNull())
                .isTrue();
        assertThat(items.at("/1/misfit/sentence").asString())
                .isEqualTo("Two octaves from D♭ need D♭4 to D♭6 as written; the player's range is D♭4 to C6.");
        assertThat(items.at("/1/misfit/nearest").asString()).isEqualTo("one octave");
        assertThat(items.at("/1/toPlay/minutes").asInt()).isZero();
        List<TodayItem> alone = InThePage.of(practising).list(LocalDate.now()).items();
        assertThat(InThePage.json(alone)).as("the page works out the same").isEqualTo(items);
        for (String other : List.of("/lesson", "/key-path", "/assignments", "/report", "/history?key=Db%20major")) {
            assertThat(teacher.get(path(other)).status()).as(other).isEqualTo(200);
        }
        Answer forecast = teacher.get("/api/assignments/" + wide.id() + "/forecast");
        assertThat(forecast.status()).isEqualTo(200);
    }

    @Test
    void a_take_that_was_made_before_is_kept() {
        teacher.put(path(""), NARROW);
        Answer logged = practising.post("/api/practice/takes", Given.take(wide.id(), "clean", 60));
        assertThat(logged.status()).isEqualTo(200);
        assertThat(logged.json().at("/item/day/takes").asInt()).isEqualTo(1);
        assertThat(logged.json().at("/item/misfit/nearest").asString()).isEqualTo("one octave");
        assertThat(teacher.get(path("/takes")).json().get("total").asLong()).isEqualTo(1);
    }

    @Test
    void the_teacher_is_told_before_and_until_it_is_settled() {
        JsonNode touched = teacher.post(path("/touched"), NARROW).json();
        assertThat(touched).hasSize(1);
        assertThat(touched.at("/0/assignmentId").asLong()).isEqualTo(wide.id());
        assertThat(touched.at("/0/fits").asString()).isEqualTo("one octave");
        assertThat(today().at("/0/misfit").isObject()).as("nothing is changed").isFalse();
        teacher.put(path(""), NARROW);
        assertThat(work().get("kind").asString()).isEqualTo("misfit");
        assertThat(work().get("fits").asString()).isEqualTo("one octave");
        assertThat(teacher.get("/api/desk?verdict=misfit").json().get("total").asInt())
                .isEqualTo(1);
        assertThat(teacher.get(path("/lesson")).json().toString()).contains("\"misfit\"");
        String title = wide.string("title");
        assertThat(title).contains("two octaves");
        Answer fitted = teacher.post("/api/assignments/" + wide.id() + "/fit");
        assertThat(fitted.string("title")).isEqualTo(title.replace("two octaves", "one octave"));
        assertThat(work().get("kind").asString()).isEqualTo("quiet");
        assertThat(today().findValues("misfit").stream().filter(JsonNode::isObject))
                .isEmpty();
        assertThat(practising
                        .post("/api/practice/takes", Given.take(wide.id(), "clean", 60))
                        .json()
                        .at("/item/standing/cleanInRow")
                        .asInt())
                .isEqualTo(1);
        assertThat(teacher.post("/api/assignments/" + wide.id() + "/fit").status())
                .as("all of it fits")
                .isEqualTo(422);
        assertThat(teacher.post("/api/assignments/" + wide.id() + "/undo").string("title"))
                .isEqualTo(title);
        assertThat(work().get("kind").asString()).isEqualTo("misfit");
    }

    @Test
    void what_was_learned_long_ago_and_does_not_fit_is_on_the_desk_as_well() {
        String schedule = "/api/assignments/" + wide.id() + "/schedule";
        String over = "{\"endsOn\":\"" + LocalDate.now().minusDays(1) + "\",\"minutesADay\":8}";
        assertThat(teacher.put(schedule, over).status()).isEqualTo(200);
        teacher.put(path(""), NARROW);
        assertThat(teacher.get("/api/desk").json().toString())
                .as("over, and not learned")
                .doesNotContain("misfit");
        teacher.post("/api/assignments/" + wide.id() + "/place", "{\"at\":[5]}");
        for (int i = 0; i < 3; i++) {
            practising.post("/api/practice/takes", Given.take(wide.id(), "clean", 100));
        }
        teacher.put(path(""), NARROW);
        assertThat(work().get("kind").asString()).isEqualTo("misfit");
        assertThat(teacher.post(path("/touched"), NARROW).json()).hasSize(1);
        assertThat(teacher.get(path("/lesson")).json().toString()).contains("\"misfit\"");
    }

    @Test
    void an_instrument_of_the_studio_whose_range_shrinks_touches_all_who_play_it() {
        Answer own = teacher.post("/api/instruments", Given.INSTRUMENT);
        teacher.put(path(""), "{\"name\":\"W\",\"instrument\":\"" + own.string("id") + "\"}");
        assertThat(teacher.get("/api/desk").json().toString()).doesNotContain("misfit");
        Answer changed = teacher.put(
                "/api/instruments/" + own.json().get("ownId").asLong(), Given.INSTRUMENT.replace("B3-A6", "B3-G6"));
        assertThat(changed.status()).isEqualTo(200);
        assertThat(work().get("kind").asString()).isEqualTo("misfit");
        assertThat(today()).hasSize(2);
    }

    @Test
    void a_note_fewer_and_another_instrument_are_told_as_well() {
        teacher.put(path(""), NARROW.replace("C6", "C#6"));
        JsonNode touched = teacher.post(path("/range/touched"), "{\"end\":\"top\",\"notes\":-1}")
                .json();
        assertThat(touched).hasSize(1);
        assertThat(teacher.post(path("/range/touched"), "{\"end\":\"top\",\"notes\":1}")
                        .json())
                .isEmpty();
        String first = "{\"name\":\"Wilhelmina Reed\",\"instrument\":\"english-horn\",\"level\":\"first-octave\"}";
        assertThat(teacher.post(path("/touched"), first).json()).isNotEmpty();
        assertThat(teacher.put(path(""), first).status()).isEqualTo(200);
        assertThat(today()).hasSize(2);
    }
}
