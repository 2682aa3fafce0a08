package pebblestep.app.deletion;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.exchange.RequirementList;
import pebblestep.exchange.StudentList;

/** Tables are what RFC 4180 says, harmless in a spreadsheet, and read in again where a list is. */
@ExtendWith(RunningApp.class)
class TablesTest {
    private Client client;
    private Client teacher;
    private Answer ada;

    @BeforeEach
    void two_students(Client fresh) {
        client = fresh;
        teacher = client.another().signUp();
        ada = teacher.post(
                "/api/students",
                """
                {"name":"Reed, Ada","instrument":"oboe","lessonDay":4,"lessonTime":"16:30","minutesADay":20,
                 "className":"Thursday","parentNote":"She says \\"hello\\"\\nand waves"}""");
        Given.student(teacher, "=HYPERLINK(1)", "bassoon");
        long assignment = Given.assigned(teacher, ada).id();
        client.byLink(ada.string("practicePath"))
                .post("/api/practice/takes", Given.take(assignment, "clean", 60).replace("}", ",\"seconds\":120}"));
        teacher.post(
                "/api/students/" + ada.id() + "/required",
                """
                {"tonic":"Bb","form":"harmonic-minor","octaves":2,"value":"1/8","bpm":80,"date":"2027-03-12"}""");
    }

    private String table(String name, String student) {
        return new String(
                teacher.download("/api/exports/csv", "{\"table\":\"" + name + "\"" + student + "}"),
                StandardCharsets.UTF_8);
    }

    private static List<CSVRecord> rows(String table) throws Exception {
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(table))) {
            return parser.getRecords();
        }
    }

    /** RFC 4180, 2: lines end with CRLF; values with commas, quotes or line ends stand in quotes, quotes are doubled. */
    @Test
    void a_table_is_what_the_standard_says() {
        assertThat(table("students", ""))
                .startsWith("name,instrument,level,range,minutes,lesson day,lesson time,class,note\r\n")
                .contains(
                        "\"Reed, Ada\",Oboe,full,,20,Thursday,16:30,Thursday,\"She says \"\"hello\"\"\nand waves\"\r\n")
                .contains("'=HYPERLINK(1),");
    }

    @Test
    void students_and_required_scales_are_read_in_again() {
        List<StudentList.Read> read = StudentList.read(table("students", ",\"student\":" + ada.id()));
        assertThat(read).hasSize(1);
        StudentList.Entry entry = read.getFirst().entry().orElseThrow();
        assertThat(entry.name()).isEqualTo("Reed, Ada");
        assertThat(entry.minutes()).contains(20);
        assertThat(entry.lessonTime().orElseThrow()).hasToString("16:30");
        List<RequirementList.Read> required = RequirementList.read(table("required", ""));
        assertThat(required).hasSize(1);
        assertThat(required.getFirst().scale().orElseThrow().key().tonic().id()).isEqualTo("Bb");
        assertThat(required.getFirst().scale().orElseThrow().octaves()).isEqualTo(2);
    }

    @Test
    void standings_and_minutes_say_whose_and_when() throws Exception {
        CSVRecord standing = rows(table("standings", "")).getFirst();
        assertThat(standing.get("student")).isEqualTo("Reed, Ada");
        assertThat(standing.get("key")).isEqualTo("D♭ major");
        assertThat(standing.get("takes")).isEqualTo("1");
        CSVRecord minutes = rows(table("minutes", "")).getFirst();
        assertThat(minutes.get("day")).isEqualTo(LocalDate.now().toString());
        assertThat(minutes.get("minutes")).isEqualTo("2");
        assertThat(rows(table("takes", ",\"student\":" + ada.id()))).hasSize(1);
    }

    @Test
    void a_table_is_ones_own() {
        String theirs = "{\"table\":\"takes\",\"student\":" + ada.id() + "}";
        assertThat(client.another().signUp().post("/api/exports/csv", theirs).status())
                .isEqualTo(404);
        assertThat(teacher.post("/api/exports/csv", "{\"table\":\"takes\"}").status())
                .isEqualTo(422);
        assertThat(teacher.post("/api/exports/csv", "{\"table\":\"secrets\"}").status())
                .isIn(400, 422);
        assertThat(teacher.post("/api/exports/csv", "{}").status()).isEqualTo(422);
    }
}
