package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.PatternKind;
import pebblestep.core.notation.Score;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** Everything that can be chosen can be made: each pattern in each form that has what it needs, written and played. */
class MaterialTest {

    static List<Material.Entry> entries() {
        return Material.patterns();
    }

    @Test
    void every_kind_of_pattern_can_be_chosen() {
        assertThat(entries()).extracting(entry -> entry.line().pattern().kind()).contains(PatternKind.values());
    }

    @ParameterizedTest
    @MethodSource("entries")
    void every_pattern_is_made_in_every_form_or_refused_by_its_field(Material.Entry entry) {
        int made = 0;
        for (Form form : Forms.all()) {
            try {
                Step step = Steps.PLAIN
                        .withLine(new pebblestep.core.line.Line(
                                new pebblestep.core.line.Straight(),
                                entry.line().extent(),
                                entry.line().travel(),
                                entry.line().turn(),
                                1))
                        .withKey(Key.of(Steps.PLAIN.key().tonic(), form))
                        .withLine(entry.line());
                Passage passage = Passage.of(step);
                assertThat(Score.of(passage, null).measures()).isNotEmpty();
                assertThat(passage.notes()).hasSize(step.line().noteCount(form));
                made++;
            } catch (Refusal e) {
                assertThat(e.field()).as("%s in %s", entry.id(), form).startsWith("line");
                assertThat(e.fits()).as("%s in %s", entry.id(), form).isPresent();
            }
        }
        assertThat(made).as(entry.id()).isGreaterThanOrEqualTo(10);
    }

    @Test
    void names_are_unique_and_an_unknown_one_is_refused() {
        assertThat(entries()).extracting(Material.Entry::id).doesNotHaveDuplicates();
        assertThat(entries()).extracting(Material.Entry::name).doesNotHaveDuplicates();
        assertThat(entries())
                .allSatisfy(entry -> assertThat(entry.description()).endsWith("."));
        assertThatThrownBy(() -> Material.pattern("spiral")).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "straight | one octave up and down, sixteenths from 1",
                "thirds | one octave up and down in thirds, sixteenths from 1",
                "fours | one octave up and down in fours, sixteenths from 1",
                "turns | one octave up and down in cells of 1 2 3 1, sixteenths from 1",
                "arpeggio | arpeggio, one octave up and down, sixteenths from 1",
                "seventh-arpeggio | seventh arpeggio, one octave up and down, sixteenths from 1",
                "reach | reaching over one octave, sixteenths from 1",
                "pivot | pivot over one octave, sixteenths from 1",
                "triads | triads of the key, one octave up and down, sixteenths from 1",
                "free | own figure moved, one octave up and down, sixteenths from 1"
            })
    void a_pattern_is_said_in_few_words(String id, String words) {
        assertThat(StepWords.withoutKey(
                        Steps.PLAIN.withLine(Material.pattern(id).line()), Speech.USUAL))
                .isEqualTo(words);
    }

    @Test
    void words_follow_the_vocabulary_and_name_figures() {
        assertThat(StepWords.withoutKey(Steps.PLAIN, new Speech(CountSchool.NUMBERS, ValueNames.BRITISH)))
                .isEqualTo("two octaves up and down, semiquavers from 1");
        assertThat(StepWords.withoutKey(Steps.figure(Steps.PLAIN, "3/16 1/16"), Speech.USUAL))
                .isEqualTo("two octaves up and down, dotted pairs, long first from 1");
        assertThat(StepWords.withoutKey(Steps.figure(Steps.PLAIN, "1/4 1/12 1/12 1/12"), Speech.USUAL))
                .isEqualTo("two octaves up and down, values 1/4 1/12 1/12 1/12 from 1");
    }

    @Test
    void every_instrument_plays_an_octave_of_every_key_somewhere_or_says_what_fits() {
        Step octave = Steps.PLAIN.withLine(Material.pattern("straight").line());
        Instruments.all().forEach(instrument -> {
            try {
                Passage passage = Passage.of(octave, Player.of(instrument));
                assertThat(instrument.full().contains(passage.lowest())).isTrue();
                assertThat(instrument.full().contains(passage.highest())).isTrue();
            } catch (Refusal e) {
                assertThat(e.getMessage()).as("%s", instrument).contains(instrument.name());
            }
        });
    }
}
