package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.rhythm.Speech;

class StepWordsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | UP_DOWN | 1/4 | 0 | one octave up and down, quarters from 1",
                "2 | UP | 1/16 | -1/16 | two octaves up, sixteenths from the a of 4",
                "3 | DOWN | 1/12 | 1/12 | three octaves down, triplet eighths from the trip of 1",
                "4 | DOWN_UP | 1/8 | 1/4 | four octaves down and up, eighths from 2"
            })
    void a_step_is_said_in_few_words(int octaves, Travel travel, String value, String place, String words) {
        Step step = Steps.step("C", "major", Extent.octaves(octaves), travel, Turn.SINGLE, "4/4", value, place);
        assertThat(StepWords.withoutKey(step, Speech.USUAL)).isEqualTo(words);
    }

    @Test
    void a_span_is_said_in_notes() {
        Step step = Steps.step("G", "major", Extent.span(5), Travel.UP, Turn.SINGLE, "4/4", "1/2", "0");
        assertThat(StepWords.withoutKey(step, Speech.USUAL)).isEqualTo("5 notes up, half notes from 1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Sixteenths from 1 | two octaves up and down",
                "Two octaves up and down, slow | sixteenths from 1",
                "two octaves up and down, SIXTEENTHS FROM 1 | ''",
                "Sixteenths from 12 | two octaves up and down",
                "Tideline | two octaves up and down, sixteenths from 1"
            })
    void what_a_title_says_is_not_said_twice(String title, String beside) {
        assertThat(StepWords.beside(title, Steps.PLAIN, Speech.USUAL)).isEqualTo(beside);
    }

    @Test
    void what_it_is_made_of_is_said_part_by_part() {
        assertThat(StepWords.material(Steps.PLAIN)).isEqualTo("D♭ major, up and down");
        assertThat(StepWords.rhythm(Steps.PLAIN, Speech.USUAL)).isEqualTo("sixteenths");
        assertThat(Metronome.USUAL.inWords()).isEqualTo("every beat, count-in 1 bar");
        assertThat(new Metronome(0, true, Metronome.Clicks.TWO_AND_FOUR)
                        .silent(2, 2)
                        .inWords())
                .isEqualTo("beats 2 and 4, silent bars, no count-in");
    }

    @Test
    void a_title_is_kept_and_a_missing_one_made() {
        assertThat(StepWords.title(Steps.PLAIN, Speech.USUAL)).isEqualTo("A step");
        Step untitled = Steps.PLAIN.withTitle(" ");
        assertThat(StepWords.title(untitled, Speech.USUAL))
                .isEqualTo("D♭ major, two octaves up and down, sixteenths from 1");
    }
}
