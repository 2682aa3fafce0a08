package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Speech;

/** Lists of students and of required scales, in the forms in which people send them. */
class ListsTest {

    @Test
    void students_are_read_with_what_is_known_about_them() {
        List<StudentList.Read> read = StudentList.read(
                """
                Name,Instrument,Level,Minutes,Lesson day,Lesson time,Note,Class
                Pia Marsh,oboe,first octave,15,Tuesday,9:30,"Breathe, then play",Saturday reeds
                "Quill, Ned",bassoon,,,,,
                """);
        StudentList.Entry pia = read.get(0).entry().orElseThrow();
        assertThat(pia.name()).isEqualTo("Pia Marsh");
        assertThat(pia.level()).contains("first-octave");
        assertThat(pia.minutes()).contains(15);
        assertThat(pia.lessonDay()).contains(DayOfWeek.TUESDAY);
        assertThat(pia.lessonTime()).contains(LocalTime.of(9, 30));
        assertThat(pia.note()).contains("Breathe, then play");
        assertThat(pia.className()).contains("Saturday reeds");
        StudentList.Entry ned = read.get(1).entry().orElseThrow();
        assertThat(ned.name()).isEqualTo("Quill, Ned");
        assertThat(ned.lessonDay()).isEmpty();
        assertThat(ned.className()).isEmpty();
    }

    @Test
    void a_wrong_line_is_told_by_its_number_and_the_others_are_read() {
        List<StudentList.Read> read = StudentList.read(
                "name;instrument;lesson day\nPia;oboe;Tue\n;oboe;\n\nNed;bassoon;Someday\nAda;oboe;5\n");
        assertThat(read).extracting(StudentList.Read::line).containsExactly(2, 3, 5, 6);
        assertThat(read)
                .extracting(StudentList.Read::refusal)
                .containsExactly("", "There is no name.", "\"Someday\" is no day of the week.", "");
        assertThat(read.get(3).entry().orElseThrow().lessonDay()).contains(DayOfWeek.FRIDAY);
    }

    @Test
    void a_table_that_is_none_is_refused_with_what_to_do() {
        assertThatThrownBy(() -> StudentList.read("Pia,oboe"))
                .isInstanceOf(Refusal.class)
                .hasMessage("The first line names no column \"name\", \"instrument\".");
        assertThatThrownBy(() -> StudentList.read("")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> StudentList.read("name,instrument\n\"Pia,oboe\n"))
                .isInstanceOf(Refusal.class)
                .hasMessageStartingWith("This table cannot be read:");
        String long501 = "name,instrument\n"
                + String.join(
                        "\n",
                        IntStream.range(0, 501).mapToObj(i -> "A" + i + ",oboe").toList());
        assertThatThrownBy(() -> StudentList.read(long501)).hasMessage("A list has at most 500 lines.");
    }

    @Test
    void a_mark_of_the_byte_order_and_tabs_are_read_as_well() {
        assertThat(StudentList.read("\uFEFFname\tinstrument\nPia\toboe").get(0).entry())
                .map(StudentList.Entry::instrument)
                .isEqualTo(Optional.of("oboe"));
    }

    @Test
    void required_scales_are_read_by_names_and_numbers() {
        List<RequirementList.Read> read = RequirementList.read(
                """
                key,form,octaves,value,tempo,date
                Bb,major,2,eighths,96,2027-03-12
                C harmonic minor,,1,semiquaver,60.5,2027-03-12
                F#,minor,,,80,2027-03-12
                """);
        assertThat(read)
                .extracting(one -> one.scale().orElseThrow().inWords(Speech.USUAL))
                .containsExactly(
                        "B♭ major, two octaves in eighths at 96 bpm by 12 March 2027",
                        "C harmonic minor, one octave in sixteenths at 60.5 bpm by 12 March 2027",
                        "F♯ natural minor, one octave in eighths at 80 bpm by 12 March 2027");
    }

    @Test
    void a_required_scale_that_cannot_be_is_told() {
        List<RequirementList.Read> read = RequirementList.read(
                "key,form,octaves,tempo,date\nH,major,1,80,2027-03-12\nC,happy,1,80,2027-03-12\nC,major,9,80,2027-03-12\n"
                        + "C,major,1,fast,2027-03-12\nC,major,1,80,next spring\nC,major,1,80,");
        assertThat(read).allMatch(one -> one.scale().isEmpty());
        assertThat(read.get(1).refusal())
                .isEqualTo("There is no form \"happy\" here. Such as major, natural minor or harmonic minor.");
        assertThat(read.get(2).refusal()).contains("one to four octaves");
        assertThat(read.get(4).refusal()).isEqualTo("\"next spring\" is no date such as 2027-03-12.");
        assertThat(read.get(5).refusal()).isEqualTo("There is no date.");
    }
}
