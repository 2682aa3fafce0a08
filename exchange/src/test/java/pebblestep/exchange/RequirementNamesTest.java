package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;

/** Names as people write them into lists. */
class RequirementNamesTest {

    @ParameterizedTest
    @CsvSource({
        "quarter, 1/4",
        "Quarters, 1/4",
        "crotchet, 1/4",
        "eighths, 1/8",
        "quavers, 1/8",
        "triplet eighths, 1/12",
        "triplet quaver, 1/12",
        "sixteenth, 1/16",
        "semiquavers, 1/16",
        "thirty-seconds, 1/32",
        "half notes, 1/2",
        "minim, 1/2",
        "whole notes, 1",
        "semibreve, 1",
        "1/8, 1/8",
        " 1/6 , 1/6"
    })
    void a_value_is_read_by_either_vocabulary_or_as_a_fraction(String written, String value) {
        assertThat(RequirementList.value(written)).hasToString(value);
    }

    @Test
    void a_value_that_is_none_is_refused() {
        assertThatThrownBy(() -> RequirementList.value("quick")).isInstanceOf(Refusal.class);
    }

    @Test
    void every_form_is_read_by_its_name_and_by_its_id_in_any_letter_case() {
        for (Form form : Forms.all()) {
            assertThat(RequirementList.form(form.name())).isEqualTo(form);
            assertThat(RequirementList.form(form.id().toUpperCase(Locale.ROOT))).isEqualTo(form);
        }
        assertThat(RequirementList.form("minor").id()).isEqualTo("natural-minor");
    }

    @Test
    void every_spelled_tonic_and_form_survives_a_line() {
        for (String tonic : new String[] {"C", "F#", "Bb", "Ebb", "G##"}) {
            String csv = "key,tempo,date\n" + tonic + " harmonic minor,60,2027-01-01\n";
            RequirementList.Read read = RequirementList.read(csv).get(0);
            boolean written = read.scale().isPresent();
            assertThat(written || read.refusal().contains("triple alteration"))
                    .as(tonic)
                    .isTrue();
            read.scale().ifPresent(scale -> assertThat(scale.key().tonic()).isEqualTo(NoteName.parse(tonic)));
        }
    }
}
